import { Clipper, FillRule } from 'clipper2-ts';
import { boundsOf, flatten, line, type Edge, type Outline } from './outline.ts';
import type { Point } from './perimeter.ts';

const PRECISION = 4;

/** The part of an outline that lies in a box, as straight edges `part-1`, `part-2`, ...; of several parts the largest.
 * @param from lower left corner of the box, mm
 * @param to its upper right corner, mm */
export function clipped(outline: Outline, from: Point, to: Point): Outline {
  const box = [
    { x: from[0], y: from[1] },
    { x: to[0], y: from[1] },
    { x: to[0], y: to[1] },
    { x: from[0], y: to[1] },
  ];
  const paths = Clipper.intersectD([flatten(outline).map(([x, y]) => ({ x, y }))], [box], FillRule.NonZero, PRECISION);
  const [largest] = [...paths].sort((a, b) => Math.abs(Clipper.areaD(b)) - Math.abs(Clipper.areaD(a)));
  const clean = Clipper.trimCollinearD(largest ?? [], PRECISION, false).map(({ x, y }): Point => [x, y]);
  return clean.map((point, index) => line(`part-${index + 1}`, point, clean[(index + 1) % clean.length]!));
}

/** The lower half of an outline. */
export function lowerHalf(outline: Outline): Outline {
  const { left, bottom, width, height } = boundsOf(outline);
  return clipped(outline, [left - 1, bottom - 1], [left + width + 1, bottom + height / 2]);
}

/** An outline with its corners cut off: outward corners between two straight edges that are long enough.
 * @param by along both edges, mm */
export function withoutCorners(outline: Outline, by: number): Outline {
  const cuts = outline.map((edge, index) => {
    const next = outline[(index + 1) % outline.length]!;
    if (edge.kind === 'arc' || next.kind === 'arc') return 0;
    const [u, v] = [vector(edge.from, edge.to), vector(next.from, next.to)];
    const [a, b] = [Math.hypot(...u), Math.hypot(...v)];
    const turn = Math.atan2(u[0] * v[1] - u[1] * v[0], u[0] * v[0] + u[1] * v[1]);
    return turn > Math.PI / 6 && Math.min(a, b) > 3 * by ? by : 0;
  });
  return outline.flatMap((edge, index): Edge[] => {
    const [start, end] = [cuts[(index + outline.length - 1) % outline.length]!, cuts[index]!];
    if (edge.kind === 'arc') return [edge];
    const [from, to] = [along(edge.from, edge.to, start), along(edge.to, edge.from, end)];
    const next = outline[(index + 1) % outline.length]!;
    const own = { ...edge, from, to };
    return end > 0 ? [own, line(`corner-${index + 1}`, to, along(next.from, next.to, end))] : [own];
  });
}

const vector = (from: Point, to: Point): Point => [to[0] - from[0], to[1] - from[1]];
function along(from: Point, to: Point, by: number): Point {
  const [x, y] = vector(from, to);
  const share = by === 0 ? 0 : by / Math.hypot(x, y);
  return [from[0] + share * x, from[1] + share * y];
}
