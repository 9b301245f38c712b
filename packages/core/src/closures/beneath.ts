import { gridStep, type GridId } from '../units/grid.ts';
import type { Beneath, SizedBody } from '../bodies/body-kind.ts';

/** How thick a piece is beneath what closes it.
 * @param down so far down the front it goes, mm; rounded up it may go further by a step of the grid */
export function beneathOf(
  { closing, closedThickness, emptyThickness }: SizedBody,
  down: number,
  grid: GridId,
): Beneath {
  if (closing.kind === 'mouth' && closing.beneath) return closing.beneath(down + gridStep(grid));
  return { full: closedThickness, empty: emptyThickness };
}
