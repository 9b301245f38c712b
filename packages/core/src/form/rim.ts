import { distance, edgeLength, pointAlong, type Edge } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { FlatPiece } from './flat.ts';

/** Closer than this, two places on a rim are one, mm. */
const SAME = 0.02;

/** A place on the stitch line of a piece: so far from the start of an edge, mm; never its end, where the next edge starts. */
export interface RimPlace {
  edge: string;
  at: number;
}

/** The stitch line of a piece as a ring of places, to which more may be added. */
export class Rim {
  readonly piece: FlatPiece;
  private readonly places = new Map<string, number[]>();
  private readonly edges: Map<string, Edge>;

  /** A straight edge has two places between its ends: so no two edges have the same corners.
   * @param step longest chord of an arc, rad */
  constructor(piece: FlatPiece, step: number) {
    this.piece = piece;
    this.edges = new Map(piece.stitch.map((edge) => [edge.id, edge]));
    for (const edge of piece.stitch) {
      const parts = edge.kind === 'arc' ? Math.max(2, Math.ceil(Math.abs(edge.sweep) / step)) : 3;
      const length = edgeLength(edge);
      this.places.set(
        edge.id,
        Array.from({ length: parts }, (_, index) => (length * index) / parts),
      );
    }
  }

  lengthOf = (edge: string): number => edgeLength(this.edges.get(edge)!);
  pointAt = ({ edge, at }: RimPlace): Point => pointAlong(this.edges.get(edge)!, at);

  /** The place itself, or the start of the next edge if it is an edge's end. */
  private canonical({ edge, at }: RimPlace): RimPlace {
    if (at < this.lengthOf(edge) - SAME) return { edge, at: Math.max(0, at) };
    const ids = this.piece.stitch.map(({ id }) => id);
    return { edge: ids[(ids.indexOf(edge) + 1) % ids.length]!, at: 0 };
  }

  /** Adds a place unless it is there. @returns whether it was added */
  add(place: RimPlace): boolean {
    const { edge, at } = this.canonical(place);
    const there = this.places.get(edge)!;
    if (there.some((other) => Math.abs(other - at) < SAME)) return false;
    there.push(at);
    there.sort((a, b) => a - b);
    return true;
  }

  /** The nearest place that is there already, within the tolerance. */
  find(place: RimPlace): RimPlace | undefined {
    const { edge, at } = this.canonical(place);
    const off = (other: number) => Math.abs(other - at);
    const nearest = this.places.get(edge)!.reduce((best, other) => (off(other) < off(best) ? other : best), Infinity);
    return off(nearest) < 2 * SAME ? { edge, at: nearest } : undefined;
  }

  /** All places of a stretch of an edge, both of its ends with them, mm from the start of the edge. */
  within(edge: string, from: number, to: number): number[] {
    const inside = this.places.get(edge)!.filter((at) => at > from + SAME && at < to - SAME);
    return [from, ...inside, to];
  }

  /** The ring, counter-clockwise. */
  ring(): (RimPlace & { point: Point })[] {
    return this.piece.stitch.flatMap((edge) =>
      this.places.get(edge.id)!.map((at) => ({ edge: edge.id, at, point: pointAlong(edge, at) })),
    );
  }

  /** The place of the rim that is nearest to a point. */
  nearest(point: Point): RimPlace {
    let best = { edge: '', at: 0, off: Infinity };
    for (const edge of this.piece.stitch) {
      const at = nearestOn(edge, point);
      const off = distance(pointAlong(edge, at), point);
      if (off < best.off) best = { edge: edge.id, at, off };
    }
    return this.canonical(best);
  }
}

function nearestOn(edge: Edge, [x, y]: Point): number {
  const length = edgeLength(edge);
  if (edge.kind === 'line') {
    const [dx, dy] = [(edge.to[0] - edge.from[0]) / length, (edge.to[1] - edge.from[1]) / length];
    return Math.min(length, Math.max(0, (x - edge.from[0]) * dx + (y - edge.from[1]) * dy));
  }
  const angle = (point: Point) => Math.atan2(point[1] - edge.centre[1], point[0] - edge.centre[0]);
  const full = 2 * Math.PI;
  const swept = ((((angle([x, y]) - angle(edge.from)) * Math.sign(edge.sweep)) % full) + full) % full;
  const most = Math.abs(edge.sweep);
  if (swept <= most) return (length * swept) / most;
  return swept - most < full - swept ? length : 0;
}
