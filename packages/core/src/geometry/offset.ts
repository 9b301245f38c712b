import { Clipper, FillRule, type PathD } from 'clipper2-ts';
import { CoreError } from '../errors/core-error.ts';
import { boundsOf, distance, edgeLength, flatten, line, tangent, type Edge, type Outline } from './outline.ts';
import type { Point } from './perimeter.ts';

/** The allowance of an edge, mm outwards, by edge id. */
export type Allowances = Readonly<Record<string, number>>;

/** The cut outline: every edge moved outwards by its own allowance, corners mitred.
 *
 * Lines stay lines and arcs stay arcs where neighbours meet in a corner or run into each other with the same
 * allowance; any other outline goes through polygon clipping and comes back as straight edges.
 * @throws CoreError `outline.notFinite`, `outline.allowanceMissing` */
export function cutOutline(outline: Outline, allowances: Allowances): Outline {
  checkFinite(outline);
  // an edge without length looks nowhere
  const stitch = outline.filter((edge) => edgeLength(edge) > PARALLEL);
  const widths = stitch.map((edge) => {
    const width = allowances[edge.id];
    if (width === undefined || !Number.isFinite(width) || width < 0)
      throw new CoreError('outline.allowanceMissing', `edge ${edge.id} has no allowance of 0 mm or more`, edge.id);
    return width;
  });
  return exactOffset(stitch, widths) ?? clippedOffset(stitch, widths);
}

function checkFinite(outline: Outline): void {
  const { left, bottom, width, height } = boundsOf(outline);
  if (![left, bottom, width, height].every(Number.isFinite))
    throw new CoreError('outline.notFinite', 'an outline has a coordinate that is not a finite number');
}

const PARALLEL = 1e-9;

function exactOffset(stitch: Outline, widths: number[]): Outline | undefined {
  const shifted = stitch.map((edge, index) => shiftEdge(edge, widths[index]!));
  const corners: Point[] = [];
  for (let index = 0; index < stitch.length; index++) {
    const next = (index + 1) % stitch.length;
    const corner = meet(stitch[index]!, stitch[next]!, shifted[index], shifted[next]);
    if (!corner) return undefined;
    corners.push(corner);
  }
  const cut = shifted.map((edge, index) =>
    between(edge!, corners[(index + corners.length - 1) % corners.length]!, corners[index]!),
  );
  return cut.every((edge, index) => keepsDirection(edge, stitch[index]!)) ? cut : undefined;
}

/** The edge from one corner to the next: an arc reaches further or less far than it did. */
function between(edge: Edge, from: Point, to: Point): Edge {
  if (edge.kind === 'line') return { ...edge, from, to };
  const angle = ([x, y]: Point) => Math.atan2(y - edge.centre[1], x - edge.centre[0]);
  const whole = 2 * Math.PI;
  const raw = angle(to) - angle(from);
  // of all sweeps that lead there, the one nearest to what it was
  return { ...edge, from, to, sweep: raw + whole * Math.round((edge.sweep - raw) / whole) };
}

/** A cut narrower than the allowances on both sides of it turns an edge round: it closes, and clipping must say how. */
function keepsDirection(edge: Edge, before: Edge): boolean {
  if (edge.kind === 'arc') return before.kind !== 'arc' || Math.sign(edge.sweep) === Math.sign(before.sweep);
  if (distance(edge.from, edge.to) < PARALLEL) return true;
  const [ux, uy] = tangent(before, 0);
  return (edge.to[0] - edge.from[0]) * ux + (edge.to[1] - edge.from[1]) * uy > 0;
}

/** An edge moved to its right by a width (outwards on a counter-clockwise outline); nothing if an arc vanishes. */
function shiftEdge(edge: Edge, width: number): Edge | undefined {
  const [startX, startY] = tangent(edge, 0);
  const [endX, endY] = tangent(edge, 1);
  const from: Point = [edge.from[0] + width * startY, edge.from[1] - width * startX];
  const to: Point = [edge.to[0] + width * endY, edge.to[1] - width * endX];
  if (edge.kind === 'line') return { ...edge, from, to };
  const radius = distance(edge.centre, edge.from) + Math.sign(edge.sweep) * width;
  return radius > 0 ? { ...edge, from, to } : undefined;
}

function meet(before: Edge, after: Edge, a: Edge | undefined, b: Edge | undefined): Point | undefined {
  if (!a || !b) return undefined;
  const [ux, uy] = tangent(before, 1);
  const [vx, vy] = tangent(after, 0);
  const cross = ux * vy - uy * vx;
  const smooth = Math.abs(cross) < PARALLEL && ux * vx + uy * vy > 0;
  if (smooth) return distance(a.to, b.from) < 1e-6 ? a.to : undefined;
  if (Math.abs(cross) < 1e-3) return undefined;
  if (a.kind === 'arc' || b.kind === 'arc') return meetArc(a, b, { near: before.to, convex: cross > 0 });
  const along = ((b.from[0] - a.to[0]) * vy - (b.from[1] - a.to[1]) * vx) / cross;
  return [a.to[0] + along * ux, a.to[1] + along * uy];
}

/** Where a line and an arc meet when both go on, nearest to where they met before; two arcs are left to clipping, and a corner that
 * would take from the line: an arc may turn away before it reaches it. */
function meetArc(a: Edge, b: Edge, { near, convex }: { near: Point; convex: boolean }): Point | undefined {
  const [arc, straight] = a.kind === 'arc' ? [a, b] : [b, a];
  if (arc.kind !== 'arc' || straight.kind === 'arc') return undefined;
  const radius = distance(arc.centre, arc.from);
  const [ux, uy] = tangent(straight, 0);
  const [cx, cy] = [arc.centre[0] - straight.from[0], arc.centre[1] - straight.from[1]];
  const [along, off] = [cx * ux + cy * uy, cx * uy - cy * ux];
  if (Math.abs(off) >= radius) return undefined;
  const reach = Math.sqrt(radius * radius - off * off);
  const points = [along - reach, along + reach].map((at): Point => [
    straight.from[0] + at * ux,
    straight.from[1] + at * uy,
  ]);
  // from where the line ends, onwards
  const beyond = ([x, y]: Point) =>
    straight === a ? (x - a.to[0]) * ux + (y - a.to[1]) * uy : (b.from[0] - x) * ux + (b.from[1] - y) * uy;
  return points
    .filter((point) => !convex || beyond(point) >= -PARALLEL)
    .sort((p, q) => distance(p, near) - distance(q, near))[0];
}

const PRECISION = 4;
const MITRE_LIMIT = 4;

/** Union of the polygon, a quad per edge and a mitre (bevel past the limit) per convex corner. */
function clippedOffset(stitch: Outline, widths: number[]): Outline {
  const points: Point[] = [];
  const width: number[] = [];
  stitch.forEach((edge, index) => {
    const part = flatten([edge]);
    points.push(...part);
    width.push(...part.map(() => widths[index]!));
  });
  const patches = points.flatMap((from, index) => {
    const to = points[(index + 1) % points.length]!;
    const after = points[(index + 2) % points.length]!;
    const quad = sideQuad(from, to, width[index]!);
    return [quad, cornerWedge(from, to, after, width[index]!, width[(index + 1) % points.length]!)];
  });
  const paths = [points, ...patches].map(toPath);
  const [outer] = Clipper.unionD(paths, [], FillRule.NonZero, PRECISION);
  const clean = Clipper.trimCollinearD(outer ?? [], PRECISION, false).map(({ x, y }): Point => [x, y]);
  return clean.map((point, index) => line(`cut-${index + 1}`, point, clean[(index + 1) % clean.length]!));
}

const toPath = (points: Point[]): PathD => points.map(([x, y]) => ({ x, y }));

function outwards(from: Point, to: Point, width: number): Point {
  const length = distance(from, to);
  return [(width * (to[1] - from[1])) / length, (-width * (to[0] - from[0])) / length];
}

function sideQuad(from: Point, to: Point, width: number): Point[] {
  const [x, y] = outwards(from, to, width);
  return [from, [from[0] + x, from[1] + y], [to[0] + x, to[1] + y], to];
}

function cornerWedge(from: Point, corner: Point, to: Point, before: number, after: number): Point[] {
  const [ax, ay] = outwards(from, corner, before);
  const [bx, by] = outwards(corner, to, after);
  const u: Point = [corner[0] - from[0], corner[1] - from[1]];
  const v: Point = [to[0] - corner[0], to[1] - corner[1]];
  const cross = u[0] * v[1] - u[1] * v[0];
  const a: Point = [corner[0] + ax, corner[1] + ay];
  const b: Point = [corner[0] + bx, corner[1] + by];
  if (cross <= PARALLEL) return [corner, a, b];
  const along = ((b[0] - a[0]) * v[1] - (b[1] - a[1]) * v[0]) / cross;
  const tip: Point = [a[0] + along * u[0], a[1] + along * u[1]];
  // where one side has much more than the other, the tip would lie behind it: nothing is to be added there
  const behind = along < 0 || (b[0] - tip[0]) * v[0] + (b[1] - tip[1]) * v[1] < 0;
  if (behind || distance(corner, tip) > MITRE_LIMIT * Math.max(before, after)) return [corner, a, b];
  return [corner, a, tip, b];
}
