import type { Hardware } from '../shelves/hardware/hardware.ts';
import { insetFor } from './fasteners.ts';
import { given, largest, minus, smallest, sum, type Derived } from '../derived/derived.ts';

/** Common practice: the mate sits this far below the edge that a tab or strap goes round. */
const BELOW = given('mate below the edge', 6, { kind: 'standard', path: 'mate/below', source: 'common practice' });

/** Common practice: it ends this far before the front does. */
const CLEAR = given('clear of the end', 8, { kind: 'standard', path: 'mate/clear', source: 'common practice' });

/** How far a tab or flap lies on the front: as wished and as the front has room for, but far enough for its fastener to meet
 * the front at all.
 * @param fastenerInset its middle from the end, mm
 * @param front height of the front below the mouth, where it is short, mm */
export function overlapFor(wished: Derived, fastenerInset: Derived, fastener: Hardware, front?: Derived): Derived {
  const least = sum('room for its fastener', [fastenerInset, insetFor(BELOW, fastener)]);
  const fits = front ? sum('front, clear of its end', [front, minus(CLEAR)]) : wished;
  const most = fits.value < wished.value ? smallest('what the front has room for', [wished, fits]) : wished;
  return most.value >= least.value ? most : largest('lies on the front by', [most, least]);
}

/** What is sewn onto a wall, or round it, stays on it. mm
 * @param wall height of it below the mouth, mm; nothing where it has none of its own */
export function onWall(asked: Derived, wall: Derived | undefined): Derived {
  if (!wall) return asked;
  const most = sum('wall, clear of its end', [wall, minus(CLEAR)]);
  return asked.value <= most.value ? asked : smallest('as far as there is room', [asked, most]);
}
