import type { BodyKind } from '../body-kind.ts';
import { foldoverBoards } from './boards.ts';
import { contributeFoldover } from './contribute.ts';
import { readBackFoldover } from './read-back.ts';
import { foldoverSection } from './section.ts';
import { ACROSS, behind, sides, type Foldover } from './params.ts';
import { sizeFoldover } from './size.ts';
import { foldGutter, foldSchool, panelSetBack } from '../leaf-rules.ts';
import { areSquare, roundingParams } from '../rounding.ts';
import { seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** Common practice: what is thicker makes a wallet gape; it is not put there without being asked. mm */
const LEAF = 10;

/** Wallets and folios that fold over their contents. Two leaves; a folio has more. */
export const foldover: BodyKind<Foldover> = {
  title: 'Bifold',
  about: 'two leaves, lining inside',
  orientation: 'lying',
  closures: ['none', 'tab-snap', 'flap', 'flap-pouch', 'edge-zip', 'elastic-band'],
  parts: ['tab-snap', 'ring-tabs', 'shoulder-strap', 'stiffener', 'elastic-band'],
  params: roundingParams,
  rules: [foldSchool, foldGutter, panelSetBack, seamAllowance, topstitchInset, turningGap],
  faces: (params) => [
    ...(areSquare(params)
      ? ([
          { id: 'inside', title: 'behind both leaves', seat: 'inside' },
          ...sides.map(
            (side) =>
              ({
                id: behind(side),
                title: `behind the ${side} leaf, open at the fold`,
                seat: 'behind',
                upon: ['inside'],
                thickest: LEAF,
              }) as const,
          ),
        ] as const)
      : []),
    ...sides.map(
      (side) =>
        ({ id: side, title: `${side} leaf`, seat: 'leaf', upon: [behind(side), 'inside'], thickest: LEAF }) as const,
    ),
    {
      id: ACROSS,
      title: 'on both leaves, across the fold',
      seat: 'across',
      instead: ['inside', ...sides.map(behind), ...sides],
      thickest: LEAF,
    },
    { id: 'front', title: 'on the outside of the front leaf', seat: 'wall', outside: true, thickest: LEAF },
  ],
  handy: { called: 'a wallet', holding: 'card-tiers', most: { 'finished/openWidth': 240, 'thickness/full': 30 } },
  size: sizeFoldover,
  contribute: contributeFoldover,
  boards: foldoverBoards,
  section: foldoverSection,
  readBack: readBackFoldover,
};
