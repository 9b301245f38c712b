import type { Faced } from '../kinds/faces-of.ts';
import type { OverMouth } from '../form/over-mouth.ts';
import type { Solution } from '../solve/solution.ts';
import { boardsOf } from './boards-of.ts';

/** What goes over the mouth of a solved design when it is closed, as its boards show it. */
export function overMouthOf(document: Faced, solution: Solution): OverMouth {
  const board = boardsOf(document, solution).find(({ tab, grips }) => tab?.edge === 'top' || grips.length > 0);
  if (!board) return { grips: [] };
  const { tab, grips, width } = board;
  // its fastener meets its mate so far below the mouth, full
  const mate = solution.closure.sizes.mateLoaded?.value;
  const crossing = mate !== undefined && tab?.snapAt !== undefined ? { crossing: tab.snapAt - mate } : {};
  const fromMiddle = (x: number) => x - width / 2;
  return {
    ...(tab?.edge === 'top' && { flap: { outline: tab.outline, within: tab.within, ...crossing } }),
    grips: grips.map(({ x0, x1, drop, wide }) => ({ x0: fromMiddle(x0), x1: fromMiddle(x1), drop, wide })),
  };
}
