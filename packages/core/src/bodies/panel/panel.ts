import type { CutPieces } from '../../holders/seat.ts';
import { seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';
import type { BodyKind } from '../body-kind.ts';
import { panelSetBack } from '../leaf-rules.ts';
import { roundingParams } from '../rounding.ts';
import { panelBoards } from './boards.ts';
import { contributePanel } from './contribute.ts';
import { INNER, LINING, OUTER, type Panel } from './params.ts';
import { panelSection } from './section.ts';
import { sizePanel } from './size.ts';

/** Common practice: what is thicker makes the flap stand off; it is not put there without being asked. mm */
const LIES = 20;

/** The driving sizes from the cut pieces: the inverse of making. mm */
function readBack(cut: CutPieces): Record<string, number> {
  return cut(LINING).sewn;
}

/** One panel that stays flat: pockets on its inner side, a flap over them. */
export const panel: BodyKind<Panel> = {
  title: 'Flat panel',
  about: 'one panel that stays flat, a flap over its pockets',
  orientation: 'upright',
  closures: ['none', 'flap', 'flap-pouch', 'tab-snap', 'elastic-band'],
  closesWith: 'flap',
  parts: ['ring-tabs', 'shoulder-strap', 'stiffener', 'elastic-band'],
  params: roundingParams,
  rules: [panelSetBack, seamAllowance, topstitchInset, turningGap],
  faces: () => [
    { id: INNER, title: 'on the inner side', seat: 'leaf', shares: true, thickest: LIES },
    // nothing is put beneath nothing without being asked
    { id: OUTER, title: 'on the outer side', seat: 'wall', outside: true, thickest: 0 },
  ],
  size: sizePanel,
  contribute: contributePanel,
  boards: panelBoards,
  section: panelSection,
  readBack,
};
