import type { EdgeId } from './piece.ts';

/** A line of a piece by its name, never by a size: an edge, where the piece lies in a seam (as its `a` or its `b`), a fold, or
 * a line on its face. */
export type NamedLine = ({ edge: EdgeId } | { seam: string; side: 'a' | 'b' } | { fold: string } | { line: string }) & {
  /** The stitching that bounds the room runs beside it, by the house rule of this id further in. */
  inset?: string;
};

/** A wall of a room: the stretch of a piece between named lines. Left and right are as seen from outside the room. */
export interface RoomWall {
  piece: string;
  left: NamedLine;
  right: NamedLine;
  /** Where it ends below; without it, what lies there is open, as under a strap. */
  base?: NamedLine;
  /** Where it ends above; without it, it goes on behind the mouth of the others. */
  mouth?: NamedLine;
  /** Of a wall that goes down, under and up again: its other upper end. It has no base. */
  beyond?: NamedLine;
}

/** What closes a ring of walls below, all round. */
export interface Floor {
  piece: string;
  bounds: readonly NamedLine[];
}

/** Walls that go once round a room: the right of each is joined to the left of the next, of the last to that of the first. A
 * wall alone is joined to itself. */
export interface Ring {
  walls: readonly RoomWall[];
  floor?: Floor;
  /** Seams that box its lower corners. */
  corners?: readonly string[];
}

/** A room that things lie in, by the pieces and lines that bound it. What it clears is measured on them once they are cut. */
export interface Room {
  /** Stable path, such as `holders/A/1`. */
  id: string;
  /** Ids of the lines of contents that lie in it. */
  holds: readonly string[];
  /** One for each layer that bounds it by itself, or for each strap over it. */
  rings: readonly Ring[];
}

/** A wall as seen from its other side. */
export const turned = (wall: RoomWall): RoomWall => ({ ...wall, left: wall.right, right: wall.left });

type Bound = 'left' | 'right' | 'base';
/** Ids of the house rules by which the stitching runs beside a bound. */
export type Insets = Partial<Record<Bound, string>>;

/** A front sewn to what lies behind it along three seams; it is their `a`, the other is their `b`. */
export function patchRing(
  front: { piece: string; mouth: NamedLine },
  back: string,
  seams: Record<Bound, string>,
  insets: Insets = {},
): Ring {
  const on = (side: 'a' | 'b', bound: Bound): NamedLine => ({
    seam: seams[bound],
    side,
    ...(insets[bound] && { inset: insets[bound] }),
  });
  return {
    walls: [
      { ...front, left: on('a', 'left'), right: on('a', 'right'), base: on('a', 'base') },
      { piece: back, left: on('b', 'right'), right: on('b', 'left'), base: on('b', 'base') },
    ],
  };
}

/** A strap over a thing, stitched down at two seams of which it is the `a`: open above and below. */
export function strapRing(strap: string, host: string, [from, to]: readonly [string, string]): Ring {
  return {
    walls: [
      { piece: strap, left: { seam: from, side: 'a' }, right: { seam: to, side: 'a' } },
      { piece: host, left: { seam: to, side: 'b' }, right: { seam: from, side: 'b' } },
    ],
  };
}

/** The rooms between a front and a back that are stitched together from mouth to base, from the left.
 * @param ring the front first, then the back
 * @param seams ids of the lines between the rooms; the front is their `a`, the back their `b` */
export function partedRings({ walls, ...ring }: Ring, seams: readonly string[]): Ring[] {
  const [front, back] = walls as [RoomWall, RoomWall];
  return [...seams, undefined].map((right, index) => {
    const left = seams[index - 1];
    return {
      ...ring,
      walls: [
        {
          ...front,
          ...(left !== undefined && { left: { seam: left, side: 'a' } }),
          ...(right !== undefined && { right: { seam: right, side: 'a' } }),
        },
        {
          ...back,
          ...(right !== undefined && { left: { seam: right, side: 'b' } }),
          ...(left !== undefined && { right: { seam: left, side: 'b' } }),
        },
      ],
    };
  });
}

/** Ids of the lines of contents of some things, once each. */
export const linesOf = (things: readonly { line: string }[]): string[] => [...new Set(things.map(({ line }) => line))];
