import { polygonHull, polygonLength } from 'd3-polygon';

export type Point = [x: number, y: number];

/** Perimeter of a rectangle with rounded corners (exact). All lengths mm.
 * @param radius corner radius, 0..half the shorter side */
export const roundedRectPerimeter = (width: number, height: number, radius = 0): number =>
  2 * (width + height) - (8 - 2 * Math.PI) * radius;

/** Perimeter of the hull of equal circles lying side by side in a row (exact).
 * @param count how many, at least 1 */
export const circleRowPerimeter = (diameter: number, count = 1): number =>
  2 * (count - 1) * diameter + Math.PI * diameter;

/** Perimeter of an ellipse by the arithmetic-geometric mean (Gauss), relative error below 1e-14.
 * @param long  long axis, mm (whole, not half)
 * @param short short axis, mm; 0 gives the doubled line 2*long */
export function ellipsePerimeter(long: number, short: number): number {
  let [a, b] = [Math.max(long, short) / 2, Math.min(long, short) / 2];
  if (b === 0) return 4 * a;
  let excess = (a * a - b * b) / 2;
  const start = a * a;
  let power = 1;
  for (let step = 0; step < 40 && a - b > 1e-16 * a; step++) {
    const half = (a - b) / 2;
    [a, b] = [(a + b) / 2, Math.sqrt(a * b)];
    excess += power * half * half;
    power *= 2;
  }
  return (2 * Math.PI * (start - excess)) / a;
}

/** Perimeter of the convex hull of points, mm; of fewer than three that are not in line, the doubled distance. */
export function hullPerimeter(points: Point[]): number {
  const hull = polygonHull(points);
  if (hull) return polygonLength(hull);
  const far = points.map(([x, y]) => Math.max(...points.map(([u, v]) => Math.hypot(x - u, y - v))));
  return 2 * Math.max(0, ...far);
}
