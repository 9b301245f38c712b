import type { BodyKind } from '../body-kind.ts';
import { contributeFoldover } from './contribute.ts';
import { readBackFoldover } from './read-back.ts';
import { foldoverSection } from './section.ts';
import { sizeFoldover, type Foldover } from './size.ts';

/** Wallets and folios that fold over their contents. This version has two leaves (a bifold). */
export const foldover: BodyKind<Foldover> = {
  title: 'Bifold',
  about: 'two leaves, lining inside',
  orientation: 'lying',
  closures: ['none', 'tab-snap'],
  params: {},
  rules: ['fold.school', 'fold.gutter', 'panel.setBack', 'seam.allowance', 'topstitch.inset', 'turning.gap'],
  faces: () => [
    { id: 'inside', title: 'behind both leaves', seat: 'inside' },
    { id: 'left', title: 'left leaf', seat: 'leaf' },
    { id: 'right', title: 'right leaf', seat: 'leaf' },
  ],
  size: sizeFoldover,
  contribute: contributeFoldover,
  section: foldoverSection,
  readBack: readBackFoldover,
};
