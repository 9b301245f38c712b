import type { BodyKind } from '../body-kind.ts';
import { clothBar, roomThings, stackBars, type Section } from '../section.ts';
import { zipTubeBoards } from './boards.ts';
import { contributeZipTube } from './contribute.ts';
import { zipTubeParams, type ZipTube } from './params.ts';
import { tubeAsCut } from './read-back.ts';
import { sizeZipTube } from './size.ts';
import { liningSchool } from '../lining-rules.ts';
import { seamAllowance, topstitchInset, turningGap, zipClear, zipSeam } from '../../shelves/rules/common-rules.ts';

/** Pouches sewn as a tube with a zipper along it. */
export const zipTube: BodyKind<ZipTube> = {
  title: 'Zipped pouch',
  about: 'a tube with a zipper along its top',
  orientation: 'lying',
  closures: ['zip-top'],
  parts: ['ring-tabs'],
  params: zipTubeParams,
  rules: [seamAllowance, zipSeam, zipClear, topstitchInset, turningGap, liningSchool],
  findings: ['corner.notCutOut'],
  faces: () => [{ id: 'inside', title: 'in the pouch', seat: 'box' }],
  size: sizeZipTube,
  contribute: contributeZipTube,
  boards: zipTubeBoards,
  section({ detail, closedThickness }, placed, { stacks }): Section {
    // along the zipper, seen from the front
    const width = detail.shell.length.value;
    const floor = stackBars([clothBar('exterior', width, stacks), clothBar('lining', width, stacks)]);
    const ground = stacks.exterior.value + stacks.lining.value;
    const things = placed.flatMap((holder) => roomThings(holder, width, ground));
    const top = Math.max(closedThickness.value - ground, ...things.map(({ z1 }) => z1));
    const roof = stackBars([clothBar('lining', width, stacks), clothBar('exterior', width, stacks)]);
    return {
      layers: [...floor, ...things, ...roof.map((layer) => ({ ...layer, z0: layer.z0 + top, z1: layer.z1 + top }))],
      width,
      folded: false,
      state: 'closed',
      total: closedThickness,
    };
  },
  readBack: (cut) => ({ ...tubeAsCut(cut) }),
};
