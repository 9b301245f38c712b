import type { BodyKind } from '../body-kind.ts';
import { clothBar, stackBars, thingBars, type SectionBar } from '../section.ts';
import { doubleTubeBoards } from './boards.ts';
import { contributeDoubleTube } from './contribute.ts';
import { doubleTubeParams, type DoubleTube } from './params.ts';
import { shellIds } from './shell.ts';
import { liningAsCut, sizeDoubleTube } from './size.ts';
import { liningSchool } from '../lining-rules.ts';
import {
  pocketFrame,
  seamAllowance,
  topstitchInset,
  turningGap,
  zipClear,
  zipSeam,
} from '../../shelves/rules/common-rules.ts';

/** Flat cases with a zipped mouth at each end: two contents that never meet. */
export const doubleTube: BodyKind<DoubleTube> = {
  title: 'Double-ended case',
  about: 'flat, a zipped mouth at each end, a lining to each',
  orientation: 'upright',
  closures: ['zip-top'],
  params: doubleTubeParams,
  rules: [seamAllowance, zipSeam, zipClear, pocketFrame, topstitchInset, turningGap, liningSchool],
  faces: () => [
    { id: 'a', title: 'in end A', seat: 'flat' },
    { id: 'b', title: 'in end B', seat: 'flat' },
    { id: 'front', title: 'on the outside of the front', seat: 'wall', outside: true },
  ],
  size: sizeDoubleTube,
  contribute: contributeDoubleTube,
  boards: doubleTubeBoards,
  section({ detail, closedThickness }, placed, { stacks }) {
    const width = detail.width.value;
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
    const on = (face: string): SectionBar[] =>
      placed.filter(({ seat }) => seat.face === face).flatMap((holder) => thingBars(holder, width));
    const bars = [
      cloth('exterior'),
      cloth('lining'),
      ...on('a'),
      cloth('lining'),
      cloth('lining'),
      ...on('b'),
      cloth('lining'),
      cloth('exterior'),
      ...on('front'),
    ];
    return { layers: stackBars(bars), width, folded: false, state: 'closed', total: closedThickness };
  },
  readBack(cut, { detail }) {
    const [shell] = shellIds(detail);
    const { width, height } = cut(shell!).sewn;
    return {
      width: detail.making === 'panels' ? width : width / 2,
      length: height,
      liningDepth: liningAsCut('a', cut).depth,
    };
  },
};
