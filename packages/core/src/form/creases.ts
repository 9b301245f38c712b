import { pointAlong, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Bend } from '../pieces/piece.ts';
import type { Rim, RimPlace } from './rim.ts';
import type { FlatPiece } from './flat.ts';

/** A sharp line across a piece, from one place of its rim to another. */
export interface Crease {
  from: RimPlace;
  to: RimPlace;
  /** rad */
  angle: number;
  /** Whether the seams say how far exactly. */
  free: boolean;
}

export interface CreaseOptions {
  /** Largest turn of one crease of a bend that is spread over cloth, rad. */
  step: number;
  /** Whether what opens lies flat. */
  open: boolean;
}

/** The bends of a piece as creases; one that is spread over cloth becomes several, evenly apart. */
export const creasesOf = (piece: FlatPiece, rim: Rim, options: CreaseOptions): Crease[] =>
  piece.bends.flatMap((bend) => creasesOfBend(bend, piece.stitch, rim, options));

function creasesOfBend(bend: Bend, outline: Outline, rim: Rim, { step, open }: CreaseOptions): Crease[] {
  const { from, to, over = 0, free = false } = bend;
  if (open && bend.opens) return [];
  const { angle } = bend;
  const crease = (a: Point, b: Point, turn: number): Crease => ({
    from: rim.nearest(a),
    to: rim.nearest(b),
    angle: turn,
    free,
  });
  if (over === 0) return [crease(from, to, angle)];
  const count = Math.max(2, Math.ceil(Math.abs(angle) / step));
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  // across the line, to its left
  const aside: Point = [-(to[1] - from[1]) / length, (to[0] - from[0]) / length];
  return Array.from({ length: count }, (_, index) => {
    const by = ((index + 0.5) / count - 0.5) * over;
    const shift = ([x, y]: Point): Point => [x + by * aside[0], y + by * aside[1]];
    const [a, b] = acrossOutline(outline, shift(from), shift(to));
    return crease(a, b, angle / count);
  });
}

/** Where a line enters and leaves an outline that it crosses twice. */
function acrossOutline(outline: Outline, from: Point, to: Point): [Point, Point] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const side = ([x, y]: Point) => dx * (y - from[1]) - dy * (x - from[0]);
  const along = ([x, y]: Point) => dx * (x - from[0]) + dy * (y - from[1]);
  const hits = outline
    .flatMap((edge): Point[] => {
      const [a, b] = [side(edge.from), side(edge.to)];
      if (Math.abs(a) < 1e-9) return [edge.from];
      if (a * b >= 0 || edge.kind !== 'line') return [];
      const length = Math.hypot(edge.to[0] - edge.from[0], edge.to[1] - edge.from[1]);
      return [pointAlong(edge, (length * a) / (a - b))];
    })
    .sort((a, b) => along(a) - along(b));
  return [hits[0] ?? from, hits.at(-1) ?? to];
}
