import { Clipper, FillRule } from 'clipper2-ts';
import type { Point } from './perimeter.ts';

/** Places after the point, in mm, that areas are counted with. */
const PRECISION = 4;

/** Whether a closed polygon crosses itself: one that does not covers the same ground by every way of counting. mm */
export function crosses(points: readonly Point[]): boolean {
  const path = points.map(([x, y]) => ({ x, y }));
  const own = Math.abs(Clipper.areaD(path));
  const ground = (rule: FillRule) => Math.abs(Clipper.areaPathsD(Clipper.unionD([path], [], rule, PRECISION)));
  const slack = 1e-3 * own + 0.01;
  return [FillRule.EvenOdd, FillRule.NonZero].some((rule) => Math.abs(ground(rule) - own) > slack);
}
