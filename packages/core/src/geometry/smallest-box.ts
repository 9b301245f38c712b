import { polygonHull } from 'd3-polygon';
import type { Point } from './perimeter.ts';

/** The smallest box round a set of points, in any direction: one of its sides lies on a side of their hull (Freeman and
 * Shapira, 1975). Lengths as the points'.
 * @returns the turn that lays the longer side along x, rad, and both sides; nothing for points in one line */
export function smallestBox(points: readonly Point[]): { turn: number; long: number; short: number } | undefined {
  const hull = polygonHull([...points]);
  if (!hull) return undefined;
  let best: { turn: number; long: number; short: number } | undefined;
  for (const [index, [x, y]] of hull.entries()) {
    const [u, v] = hull[(index + 1) % hull.length]!;
    const turn = -Math.atan2(v - y, u - x);
    const turned = hull.map((point) => turnedBy(point, turn));
    const [width, height] = [span(turned.map(([a]) => a)), span(turned.map(([, b]) => b))];
    if (best && best.long * best.short <= width * height) continue;
    best =
      width >= height ? { turn, long: width, short: height } : { turn: turn + Math.PI / 2, long: height, short: width };
  }
  if (!best || best.short <= 1e-9 * best.long) return undefined;
  return { ...best, turn: plainTurn(best.turn) };
}

/** A point turned round the origin, counter-clockwise. */
export const turnedBy = ([x, y]: Point, turn: number): Point => [
  x * Math.cos(turn) - y * Math.sin(turn),
  x * Math.sin(turn) + y * Math.cos(turn),
];

const span = (values: number[]): number => Math.max(...values) - Math.min(...values);

/** A half turn more or less gives the same box: the one that turns least. */
function plainTurn(turn: number): number {
  const rest = ((turn % Math.PI) + Math.PI) % Math.PI;
  return rest > Math.PI / 2 ? rest - Math.PI : rest;
}
