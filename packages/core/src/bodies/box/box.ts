import type { BodyKind } from '../body-kind.ts';
import { clothBar, stackBars, thingBars, type Section } from '../section.ts';
import { boxBoards } from './boards.ts';
import { contributeBox } from './contribute.ts';
import { boxParams, type Box } from './params.ts';
import { boxAsCut } from './read-back.ts';
import { sizeBox } from './size.ts';
import { liningSchool } from '../lining-rules.ts';
import { seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** Boxes with an open top, with or without a flap over it. */
export const box: BodyKind<Box> = {
  title: 'Box',
  about: 'four walls on a base, open at the top',
  orientation: 'upright',
  closures: ['none', 'flap', 'strap-over'],
  parts: ['base-pad', 'ring-tabs', 'shoulder-strap', 'handles'],
  params: boxParams,
  rules: [seamAllowance, topstitchInset, turningGap, liningSchool],
  faces: () => [{ id: 'inside', title: 'in the box', seat: 'box' }],
  size: sizeBox,
  contribute: contributeBox,
  boards: boxBoards,
  section({ detail, closedThickness }, placed, { stacks }): Section {
    // seen from above: the back below, the front on top
    const width = detail.shell.width.value;
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
    const things = placed.flatMap((holder) => thingBars(holder, width));
    const floor = stackBars([cloth('exterior'), cloth('lining'), ...things]);
    const top = closedThickness.value - stacks.exterior.value - stacks.lining.value;
    const roof = stackBars([cloth('lining'), cloth('exterior')]);
    return {
      layers: [...floor, ...roof.map((layer) => ({ ...layer, z0: layer.z0 + top, z1: layer.z1 + top }))],
      width,
      folded: false,
      state: 'closed',
      total: closedThickness,
    };
  },
  readBack: (cut, { detail }) => boxAsCut(detail, cut),
};
