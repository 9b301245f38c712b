import { distance, edgeLength, wayOf, pointAlong, type Edge } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { NamedLine } from '../pieces/room.ts';
import type { Seam } from '../pieces/seam.ts';
import { stretchOf, type Stretch } from '../pieces/stretch.ts';

/** Chords of an arc: what they are shorter than it is less than a thousandth of its radius. */
const CHORDS = 24;

/** Where a named line lies on its piece, as chains of points; nothing if the piece has no such line. mm
 * @param seam finds a seam by its id */
export function chainsOf(piece: Piece, named: NamedLine, seam: (id: string) => Seam | undefined): Point[][] {
  if ('fold' in named) return piece.folds.filter(({ id }) => id === named.fold).map(({ from, to }) => [from, to]);
  if ('seam' in named) {
    const run = seam(named.seam)?.[named.side];
    return run?.piece === piece.id ? run.parts.flatMap((part) => chain(stretchOf(piece, part))) : [];
  }
  return chain(stretchOf(piece, 'line' in named ? { line: named.line } : { edge: named.edge }));
}

function chain(stretch: Stretch | undefined): Point[][] {
  if (!stretch) return [];
  const { edge, from, to } = stretch;
  if (edge.kind === 'line') return [[pointAlong(edge, from), pointAlong(edge, to)]];
  return [Array.from({ length: CHORDS + 1 }, (_, index) => pointAlong(edge, from + (index / CHORDS) * (to - from)))];
}

/** All of an edge, as points. mm */
export function wholeChain(edge: Edge): Point[][] {
  const whole = edgeLength(edge);
  return chain({ edge, from: 0, to: whole, whole });
}

/** The shortest way from one line to another, mm; nothing where they cross. */
export const apart = (one: readonly Point[][], other: readonly Point[][]): number =>
  meetIn(one, other) ? 0 : Math.min(nearest(one, other), nearest(other, one));

/** The shortest way from a place to a line, mm. */
export const apartFrom = (place: Point, line: readonly Point[][]): number => nearest([[place]], line);

/** Whether a stretch of one line crosses one of the other. */
const meetIn = (one: readonly Point[][], other: readonly Point[][]): boolean =>
  one.some((chain) => other.some((along) => chainsMeet(chain, along)));

function chainsMeet(chain: readonly Point[], along: readonly Point[]): boolean {
  for (let at = 1; at < chain.length; at++)
    for (let to = 1; to < along.length; to++)
      if (cross(chain[at - 1]!, chain[at]!, along[to - 1]!, along[to]!)) return true;
  return false;
}

const cross = (a: Point, b: Point, c: Point, d: Point): boolean =>
  side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;

/** On which side of the way from one point to another a third one lies. */
const side = (a: Point, b: Point, of: Point): number => (b[0] - a[0]) * (of[1] - a[1]) - (b[1] - a[1]) * (of[0] - a[0]);

/** From the points of one line to the other, mm. */
function nearest(points: readonly Point[][], lines: readonly Point[][]): number {
  let least = Infinity;
  for (const chain of points)
    for (const point of chain) for (const along of lines) least = Math.min(least, toChain(point, along));
  return least;
}

function toChain(point: Point, along: readonly Point[]): number {
  let least = Infinity;
  for (let index = 1; index < along.length; index++)
    least = Math.min(least, toSegment(point, along[index - 1]!, along[index]!));
  return least;
}

function toSegment([x, y]: Point, [x0, y0]: Point, [x1, y1]: Point): number {
  const [dx, dy] = [x1 - x0, y1 - y0];
  const square = dx * dx + dy * dy;
  const share = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - x0) * dx + (y - y0) * dy) / square));
  return wayOf(x - x0 - share * dx, y - y0 - share * dy);
}

/** How long a line is, mm. */
export const lengthOf = (chains: readonly Point[][]): number =>
  chains.reduce(
    (total, points) => total + points.slice(1).reduce((sum, to, index) => sum + distance(points[index]!, to), 0),
    0,
  );
