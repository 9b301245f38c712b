import { unlined } from '../unlined.ts';
import { sum } from '../../derived/derived.ts';
import type { CutPieces } from '../../holders/seat.ts';
import { choiceParam } from '../../holders/params.ts';
import type { BodyInputs, BodyKind, SizedBody } from '../body-kind.ts';
import { clothBar, stackBars } from '../section.ts';
import { BAND } from './rings.ts';
import { roundBoards } from './boards.ts';
import { contributeRound } from './contribute.ts';
import { roundParams, type Round } from './params.ts';
import { sizeRound } from './size.ts';
import { liningSchool } from '../lining-rules.ts';
import { mouthHem, seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** The driving sizes from the cut pieces: the inverse of making. mm */
function readBack(cut: CutPieces, { detail }: SizedBody<Round>, _inputs: BodyInputs): Record<string, number> {
  const across = (layer: string) => cut(`body/${layer}-base`).sewn.width;
  const wall = cut('body/shell-wall').sewn;
  return {
    diameter: across('shell'),
    wallLength: wall.width,
    height: wall.height + (detail.band ? cut(BAND).sewn.height / 2 : 0),
    ...(detail.lined && { liningDiameter: across('lining') }),
  };
}

/** Bags, buckets and bottle holders on a round base. */
export const round: BodyKind<Round> = {
  title: 'Round bag',
  about: 'a wall on a round base',
  orientation: 'upright',
  closures: ['none', 'drawstring'],
  parts: ['trim-band', 'shoulder-strap'],
  params: roundParams,
  rules: [seamAllowance, topstitchInset, mouthHem, turningGap, liningSchool],
  adapt: (params, given) => (choiceParam(params, 'layers', roundParams.layers) === 'lined' ? given : unlined(given)),
  faces: () => [{ id: 'inside', title: 'on the round base', seat: 'round' }],
  size: sizeRound,
  contribute: contributeRound,
  boards: roundBoards,
  section({ detail }, placed, { stacks }) {
    const width = detail.diameter.value;
    const slabs = placed.flatMap((holder) => holder.slabs.map((slab) => ({ slab, holder })));
    const things = slabs.map(({ slab: { of, label, x0, x1, thickness }, holder }) => {
      const aside = (width - (holder.sizes.diameter?.value ?? width)) / 2;
      return { of, label, u0: x0 + aside, u1: x1 + aside, thickness: thickness.value };
    });
    const cloths = detail.lined ? (['exterior', 'lining'] as const) : (['exterior'] as const);
    const floor = cloths.map((role) => clothBar(role, width, stacks));
    const total = sum('base and what stands on it', [
      stacks.exterior,
      stacks.lining,
      ...slabs.map(({ slab }) => slab.thickness),
    ]);
    return { layers: stackBars([...floor, ...things]), width, folded: false, state: 'open', total };
  },
  readBack,
};
