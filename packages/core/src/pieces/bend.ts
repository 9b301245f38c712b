import type { Point } from '../geometry/perimeter.ts';
import type { Bend } from './piece.ts';

/** A right angle and a fold back onto itself, rad. */
export const SQUARE = Math.PI / 2;
export const BACK = Math.PI;

/** A crease from one place of the rim to another. */
export const crease = (from: Point, to: Point, angle: number, free = false): Bend => ({
  from,
  to,
  angle,
  ...(free && { free }),
});

/** A spine between two leaves: closed the cloth goes round it in a half circle, opened it lies flat.
 * @param middle of the spine, across the piece, mm
 * @param over width of the spine, mm */
export const spine = (middle: number, height: number, over: number): Bend => ({
  from: [middle, 0],
  to: [middle, height],
  angle: BACK,
  over,
  opens: true,
});
