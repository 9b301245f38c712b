import { gridStep, type GridId } from '../units/grid.ts';
import type { Beneath, SizedBody } from '../bodies/body-kind.ts';

/** How thick a piece is beneath what closes it.
 * @param down so far down the front it goes, mm; rounded up it may go further by a step of the grid */
export function beneathOf(body: SizedBody, down: number, grid: GridId): Beneath {
  const { closing } = body;
  return closing.kind === 'mouth' && closing.beneath ? closing.beneath(down + gridStep(grid)) : beneathEdge(body);
}

/** How thick it is at an edge that does not lean together: there as anywhere, but for what closes it. mm */
export const beneathEdge = ({ closing, closedThickness, emptyThickness }: SizedBody): Beneath =>
  closing.kind === 'edge' ? closing.thick : { full: closedThickness, empty: emptyThickness };
