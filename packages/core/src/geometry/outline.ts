import type { Point } from './perimeter.ts';

/** A straight edge, or an arc of a circle. Points in mm, y upwards. */
export type Edge = LineEdge | ArcEdge;
export interface LineEdge {
  id: string;
  kind: 'line';
  from: Point;
  to: Point;
}
export interface ArcEdge {
  id: string;
  kind: 'arc';
  from: Point;
  to: Point;
  centre: Point;
  /** Signed angle from `from` to `to`, rad; positive is counter-clockwise. */
  sweep: number;
}

/** A closed outline: edges in counter-clockwise order, each beginning where the last one ends. */
export type Outline = readonly Edge[];

export const line = (id: string, from: Point, to: Point): LineEdge => ({ id, kind: 'line', from, to });

/** A rectangle with its lower left corner at the origin; edges `bottom`, `right`, `top`, `left`. */
export function rectangle(width: number, height: number): Outline {
  return [
    line('bottom', [0, 0], [width, 0]),
    line('right', [width, 0], [width, height]),
    line('top', [width, height], [0, height]),
    line('left', [0, height], [0, 0]),
  ];
}

/** A rectangle with rounded corners, its lower left corner (were it square) at the origin; edges `bottom`,
 * `corner-bottom-right`, `right`, `corner-top-right`, `top`, `corner-top-left`, `left`, `corner-bottom-left`. A radius of 0
 * gives a plain rectangle.
 * @param radius at most half of the shorter side, mm */
export function roundedRectangle(width: number, height: number, radius: number): Outline {
  if (radius === 0) return rectangle(width, height);
  const r = radius;
  const corner = (id: string, from: Point, to: Point, centre: Point): ArcEdge => ({
    id: `corner-${id}`,
    kind: 'arc',
    from,
    to,
    centre,
    sweep: Math.PI / 2,
  });
  return [
    line('bottom', [r, 0], [width - r, 0]),
    corner('bottom-right', [width - r, 0], [width, r], [width - r, r]),
    line('right', [width, r], [width, height - r]),
    corner('top-right', [width, height - r], [width - r, height], [width - r, height - r]),
    line('top', [width - r, height], [r, height]),
    corner('top-left', [r, height], [0, height - r], [r, height - r]),
    line('left', [0, height - r], [0, r]),
    corner('bottom-left', [0, r], [r, 0], [r, r]),
  ];
}

/** Length of an edge, mm. */
export function edgeLength(edge: Edge): number {
  if (edge.kind === 'line') return distance(edge.from, edge.to);
  return Math.abs(edge.sweep) * distance(edge.centre, edge.from);
}

/** All round, along its edges. mm */
export const lengthRound = (outline: Outline): number => outline.reduce((sum, edge) => sum + edgeLength(edge), 0);

export const distance = (a: Point, b: Point): number => wayOf(b[0] - a[0], b[1] - a[1]);

/** How far it is for so far across and so far up, mm. Many times as fast as `Math.hypot`, which guards against sizes that no cloth
 * has. */
export const wayOf = (across: number, up: number): number => Math.sqrt(across * across + up * up);

/** How far a place is from the line round a polygon, mm. */
export const distanceTo = (polygon: readonly Point[], place: Point): number =>
  Math.min(
    ...polygon.map((from, index) => {
      const to = polygon[(index + 1) % polygon.length]!;
      const [ux, uy] = [to[0] - from[0], to[1] - from[1]];
      const along = ((place[0] - from[0]) * ux + (place[1] - from[1]) * uy) / (ux * ux + uy * uy || 1);
      const share = Math.min(1, Math.max(0, along));
      return distance([from[0] + share * ux, from[1] + share * uy], place);
    }),
  );

/** The point on an edge at a distance from its start, mm. */
export function pointAlong(edge: Edge, at: number): Point {
  const share = at / edgeLength(edge);
  if (edge.kind === 'line')
    return [edge.from[0] + share * (edge.to[0] - edge.from[0]), edge.from[1] + share * (edge.to[1] - edge.from[1])];
  const start = Math.atan2(edge.from[1] - edge.centre[1], edge.from[0] - edge.centre[0]);
  const radius = distance(edge.centre, edge.from);
  const angle = start + share * edge.sweep;
  return [edge.centre[0] + radius * Math.cos(angle), edge.centre[1] + radius * Math.sin(angle)];
}

/** Unit direction of travel at the start (0) or end (1) of an edge. */
export function tangent(edge: Edge, end: 0 | 1): Point {
  const at = end === 0 ? edge.from : edge.to;
  if (edge.kind === 'line') {
    const length = edgeLength(edge);
    return [(edge.to[0] - edge.from[0]) / length, (edge.to[1] - edge.from[1]) / length];
  }
  const radius = distance(edge.centre, at);
  const turn = Math.sign(edge.sweep);
  return [(-turn * (at[1] - edge.centre[1])) / radius, (turn * (at[0] - edge.centre[0])) / radius];
}

/** Unit direction away from the inside of an outline, at a distance from the start of one of its edges, mm. */
export function outwards(edge: Edge, at: number): Point {
  if (edge.kind === 'line') {
    const [x, y] = tangent(edge, 0);
    return [y, -x];
  }
  const [x, y] = pointAlong(edge, at);
  const radius = distance(edge.centre, edge.from);
  const turn = Math.sign(edge.sweep);
  return [(turn * (x - edge.centre[0])) / radius, (turn * (y - edge.centre[1])) / radius];
}

/** The outline as a polygon.
 * @param tolerance largest distance between an arc and its chords, mm; default 0.01 */
export function flatten(outline: Outline, { tolerance = 0.01 }: { tolerance?: number } = {}): Point[] {
  return outline.flatMap((edge) => {
    if (edge.kind === 'line') return [edge.from];
    const radius = distance(edge.centre, edge.from);
    const step = 2 * Math.acos(Math.max(-1, 1 - tolerance / Math.max(radius, tolerance)));
    const parts = Math.max(2, Math.ceil(Math.abs(edge.sweep) / step));
    return Array.from({ length: parts }, (_, index) => pointAlong(edge, (index / parts) * edgeLength(edge)));
  });
}

export interface Bounds {
  left: number;
  bottom: number;
  width: number;
  height: number;
}

/** The box round an outline, mm; arcs by their true extremes. */
export function boundsOf(outline: Outline): Bounds {
  let [left, right, bottom, top] = [Infinity, -Infinity, Infinity, -Infinity];
  const take = (point: Point) => {
    left = Math.min(left, point[0]);
    right = Math.max(right, point[0]);
    bottom = Math.min(bottom, point[1]);
    top = Math.max(top, point[1]);
  };
  for (const edge of outline) {
    take(edge.from);
    if (edge.kind === 'arc') arcExtremes(edge).forEach(take);
  }
  return { left, bottom, width: right - left, height: top - bottom };
}

function arcExtremes(edge: ArcEdge): Point[] {
  const radius = distance(edge.centre, edge.from);
  const start = Math.atan2(edge.from[1] - edge.centre[1], edge.from[0] - edge.centre[0]);
  return [0, 1, 2, 3].flatMap((quarter): Point[] => {
    const angle = (quarter * Math.PI) / 2;
    const turn = Math.sign(edge.sweep) * (angle - start);
    const ahead = ((turn % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
    if (ahead > Math.abs(edge.sweep)) return [];
    return [[edge.centre[0] + radius * Math.cos(angle), edge.centre[1] + radius * Math.sin(angle)]];
  });
}

/** The outline moved by (dx, dy) mm. */
export function moved(outline: Outline, dx: number, dy: number): Outline {
  const shift = ([x, y]: Point): Point => [x + dx, y + dy];
  return outline.map((edge) => {
    const ends = { ...edge, from: shift(edge.from), to: shift(edge.to) };
    return ends.kind === 'arc' ? { ...ends, centre: shift(ends.centre) } : ends;
  });
}

/** Area of a polygon, mm²; positive when counter-clockwise. */
export function polygonArea(points: Point[]): number {
  return points.reduce((area, [x, y], index) => {
    const [u, v] = points[(index + 1) % points.length]!;
    return area + (x * v - u * y) / 2;
  }, 0);
}
