import { edgeLength } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { EdgeRun, Seam } from '../../pieces/seam.ts';

/** A stretch of an edge, mm from its start. */
export interface Interval {
  piece: string;
  edge: string;
  from: number;
  to: number;
}
/** A stretch that a needle has gone through. */
export interface Stitched extends Interval {
  seam: Seam;
  /** Its piece is the one that is laid on the other. */
  upper: boolean;
  /** It stays. */
  forGood: boolean;
}

/** Shorter than this is no stretch, mm. */
const NONE = 0.05;
export const overlap = (a: Interval, b: Interval): boolean =>
  a.piece === b.piece && a.edge === b.edge && Math.min(a.to, b.to) - Math.max(a.from, b.from) > NONE;

/** All cloth of a design: its pieces, the stretches of their edges, and what is stitched of them. */
export class Cloth {
  readonly pieces: ReadonlyMap<string, Piece>;
  readonly seams: ReadonlyMap<string, Seam>;
  readonly stitched: Stitched[] = [];

  constructor(pieces: readonly Piece[], seams: readonly Seam[]) {
    this.pieces = new Map(pieces.map((piece) => [piece.id, piece]));
    this.seams = new Map(seams.map((seam) => [seam.id, seam]));
  }

  piece(id: string): Piece {
    return this.pieces.get(id)!;
  }

  seamsOf(ids: readonly string[]): Seam[] {
    return ids.flatMap((id) => this.seams.get(id) ?? []);
  }

  /** The stretches of edges that a run goes along. */
  intervals({ piece, parts }: EdgeRun): Interval[] {
    return parts.flatMap((part) => {
      if (!('edge' in part)) return [];
      const edge = this.piece(piece).stitch.find(({ id }) => id === part.edge);
      return edge ? [{ piece, edge: part.edge, from: part.from ?? 0, to: part.to ?? edgeLength(edge) }] : [];
    });
  }

  /** Of the edge that a stretch lies on, mm. */
  edgeLength({ piece, edge }: Interval): number {
    return edgeLength(this.piece(piece).stitch.find(({ id }) => id === edge)!);
  }

  /** What is stitched of a piece. */
  of(id: string): Stitched[] {
    return this.stitched.filter(({ piece }) => piece === id);
  }

  /** Pieces of cloth that are sewn to it, edge to edge, for good. */
  joinedTo(id: string): Set<string> {
    const seams = this.of(id).flatMap(({ seam, forGood }) => (forGood && seam.kind === 'sewn' ? [seam] : []));
    const others = seams.map(({ a, b }) => (a.piece === id ? b.piece : a.piece));
    return new Set(others.filter((other) => !this.piece(other).byRuler));
  }

  /** What is stitched where a line on a piece ends: there it cannot be folded any more. */
  stitchedAtEnds(id: string, ends: readonly [Point, Point]): Stitched[] {
    const { stitch } = this.piece(id);
    return ends.flatMap((end) =>
      stitch.flatMap((edge) => {
        const at = placeOn(edge, end);
        if (at === undefined) return [];
        return this.of(id).filter((each) => each.edge === edge.id && each.from < at - NONE && each.to > at + NONE);
      }),
    );
  }
}

/** How far along a straight edge a place lies, mm; nothing where it lies elsewhere. */
function placeOn(edge: Piece['stitch'][number], [x, y]: Point): number | undefined {
  if (edge.kind !== 'line') return undefined;
  const [dx, dy] = [edge.to[0] - edge.from[0], edge.to[1] - edge.from[1]];
  const length = Math.hypot(dx, dy);
  const at = ((x - edge.from[0]) * dx + (y - edge.from[1]) * dy) / length;
  const beside = Math.abs((x - edge.from[0]) * dy - (y - edge.from[1]) * dx) / length;
  return beside < 1 && at > -1 && at < length + 1 ? Math.min(length, Math.max(0, at)) : undefined;
}
