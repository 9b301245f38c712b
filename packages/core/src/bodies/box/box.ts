import type { BodyKind } from '../body-kind.ts';
import { clothBar, roomThings, stackBars, type Section } from '../section.ts';
import { contributeBox } from './contribute.ts';
import { boxParams, type Box } from './params.ts';
import { boxAsCut } from './read-back.ts';
import { sizeBox } from './size.ts';

/** Boxes with an open top, with or without a flap over it. */
export const box: BodyKind<Box> = {
  title: 'Box',
  about: 'four walls on a base, open at the top',
  orientation: 'upright',
  closures: ['none', 'flap', 'strap-over'],
  parts: ['base-pad', 'ring-tabs', 'shoulder-strap', 'handles'],
  params: boxParams,
  rules: ['seam.allowance', 'topstitch.inset', 'turning.gap', 'lining.school'],
  faces: () => [{ id: 'inside', title: 'in the box', seat: 'box' }],
  size: sizeBox,
  contribute: contributeBox,
  section({ detail, finished }, placed, { stacks }): Section {
    const width = detail.shell.width.value;
    const ground = stacks.exterior.value + stacks.lining.value;
    return {
      layers: [
        ...stackBars([clothBar('exterior', width, stacks), clothBar('lining', width, stacks)]),
        ...placed.flatMap((holder) => roomThings(holder, width, ground)),
      ],
      width,
      folded: false,
      state: 'open',
      total: finished.height!,
    };
  },
  readBack: (cut, { detail }) => boxAsCut(detail, cut),
};
