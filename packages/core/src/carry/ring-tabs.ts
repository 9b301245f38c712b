import { bandMade, flamed, bandNeeds, bandParams, bandPiece, type Band } from '../closures/band.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { choiceParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { idsOf, edgePart, type EdgeRun } from '../pieces/seam.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

const params = {
  material: bandParams.material,
  on: {
    kind: 'choice',
    title: 'Carries',
    standard: 'ring',
    choices: [
      { id: 'ring', title: 'a ring', why: 'For a strap that clips on.' },
      { id: 'hook', title: 'a swivel hook', why: 'Clips to a belt or a bag.' },
      {
        id: 'loop',
        title: 'nothing: a loop to hold',
        why: 'A grab handle where the zipper ends: something to pull against.',
      },
    ],
  },
  place: {
    kind: 'choice',
    title: 'Where they are',
    standard: 'edge',
    choices: [
      { id: 'edge', title: 'one at the opening edge', why: 'For a wrist strap.' },
      {
        id: 'ends',
        title: 'at both ends of that edge',
        why: 'For a shoulder strap, and where a flap takes the edge.',
      },
    ],
  },
} as const;

/** Common practice: clear of a seam's end, and this much cloth beyond the ring. */
const CLEAR = given('clear of the edge', 12, { kind: 'standard', path: 'tabs/clear', source: 'common practice' });
const HAND = given('loop, as long as a hand is wide', 90, {
  kind: 'standard',
  path: 'tabs/hand',
  source: 'common practice',
});
const BEYOND = given('cloth round the ring', 12, { kind: 'standard', path: 'tabs/beyond', source: 'common practice' });

/** Tabs of webbing caught in the side, each with a ring or a hook in its fold. */
export const ringTabs: ClosureKind = {
  title: 'Tabs with rings',
  carries: true,
  on: 'sides',
  params,
  rules: [],
  solve(design: Params, { closing }: SizedBody, { rules, hardware, grid, id }: ClosureInputs): SolvedClosure {
    const on = choiceParam(design, 'on', params.on);
    // as wide as its ring takes
    const wide = given('tab, wide', hardwareOf('webbing-25', hardware).diameter, {
      kind: 'hardware',
      path: 'hardware/webbing-25',
    });
    const cloth = choiceParam(design, 'material', params.material) === 'cloth';
    const band: Band = cloth ? { wide, method: 'fourfold' } : { wide, method: 'webbing', webbing: 'webbing-25' };
    const seam = rules.length(seamAllowance);
    const reach = on === 'loop' ? HAND : BEYOND;
    const length = rounded(sum('tab, cut length', [times(2, reach), times(2, seam)]), grid, 'up');
    const hosts = placesOf(closing, wide, choiceParam(design, 'place', params.place));
    if (hosts.length === 0) throw new CoreError('part.notForBody', 'tabs need a side seam to be caught in', id);
    const piece = `${id}/tab`;
    const joins = hosts.flatMap(({ run, within }, index) =>
      (['left', 'right'] as const).map((edge) => ({
        id: `${piece}-${index + 1}#${edge}`,
        kind: 'caught' as const,
        within,
        a: edgePart(piece, edge, 0, wide.value),
        b: run,
      })),
    );
    return {
      sizes: { tabLength: length },
      contribution: contribution({
        pieces: [
          bandPiece(band, {
            id: piece,
            name: on === 'loop' ? 'Grab loop' : 'Ring tab',
            length,
            cutWidth: band.webbing === undefined ? sum('folded in four', [times(4, wide)]) : wide,
            count: hosts.length,
          }),
        ],
        hardware: [
          ...bandNeeds(band, hosts.length, length),
          ...(on === 'loop' ? [] : [{ id: `${on}-25`, count: hosts.length }]),
        ],
        joins,
        operations: [
          {
            id: `${id}/tabs`,
            phase: 'prepare',
            needs: [],
            title: on === 'loop' ? 'Baste the grab loops on' : 'Baste the tabs on',
            ...flamed(band),
            actions: [
              ...bandMade(band, piece, rules),
              { verb: 'loop', piece, ...(on !== 'loop' && { hardware: `${on}-25` }) },
              {
                verb: 'baste',
                seams: idsOf(joins),
                facing: 'rightToRight',
                pointing: 'inwards',
                twice: 'caught',
              },
            ],
          },
        ],
      }),
    };
  },
};

function placesOf(
  closing: SizedBody['closing'],
  wide: Derived,
  place: 'edge' | 'ends',
): { run: EdgeRun; within: string }[] {
  const [from, to] = [CLEAR.value, CLEAR.value + wide.value];
  if (closing.kind === 'edge' && place === 'ends') {
    // beyond a round corner, but never over the fold
    const start = Math.max(0, Math.min(from + closing.radius.value, closing.leaf.value - wide.value));
    return closing.beside(start, start + wide.value);
  }
  if (closing.kind === 'edge') {
    const { outer, length, within } = closing;
    return [{ run: edgePart(outer.piece, outer.edge, length - to, length - from), within }];
  }
  if (closing.kind === 'slit') return closing.endTabs(wide.value);
  if (closing.kind !== 'mouth') return [];
  if (closing.sideTabs) return closing.sideTabs(wide.value);
  // one layer of each side seam: the first two of the gaps lie on the front
  return closing
    .sideGaps(from, to)
    .slice(0, 2)
    .map(({ piece, edge, from: start, to: end }) => ({
      run: edgePart(piece, edge, start, end),
      within: `body/shell/${edge.startsWith('left') ? 'left' : 'right'}`,
    }));
}
