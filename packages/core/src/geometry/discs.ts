import { hullPerimeter, type Point } from './perimeter.ts';

/** A round thing cut across, or with a radius of 0 a corner. mm */
export interface Disc {
  x: number;
  y: number;
  r: number;
}

const CHORDS = 128;
/** A polygon of so many chords is as long as the circle that it stands for. */
const LONGER = Math.PI / CHORDS / Math.sin(Math.PI / CHORDS);
const ROUND: readonly Point[] = Array.from({ length: CHORDS }, (_, index): Point => {
  const angle = (2 * Math.PI * index) / CHORDS;
  return [LONGER * Math.cos(angle), LONGER * Math.sin(angle)];
});

/** Once round the hull of discs and corners, mm; exact where their radii are alike, else to a thousandth of the largest radius.
 * @param lowest what lies below is pressed up to here; default nothing is */
export function hullRound(discs: readonly Disc[], lowest = -Infinity): number {
  const [first] = discs;
  if (!first) return 0;
  if (lowest === -Infinity && discs.every(({ r }) => r === first.r))
    return hullPerimeter(discs.map(({ x, y }): Point => [x, y])) + 2 * Math.PI * first.r;
  return hullPerimeter(
    discs.flatMap(({ x, y, r }): Point[] =>
      r === 0 ? [[x, y]] : ROUND.map(([u, v]) => [x + r * u, Math.max(lowest, y + r * v)]),
    ),
  );
}
