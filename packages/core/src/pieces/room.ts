import type { Derived } from '../derived/derived.ts';
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
  /** Its corners beside the mouth are cut off along these: those of what stands there stick out. */
  slopes?: readonly NamedLine[];
  /** Where it ends opposite its base, if that end has round corners: its edges there. It has no mouth; both walls of its ring meet
   * what shows of the zipper between them there and at both sides. */
  roundEnd?: readonly NamedLine[];
  /** Of a wall that goes down, under and up again: its other upper end. It has no base. */
  beyond?: NamedLine;
  /** Its cloth lies double, folded at its mouth. */
  double?: boolean;
  /** Things lie against its right side; default only for a lining. */
  rightSide?: boolean;
  /** It stays flat, whatever lies on it. */
  flat?: boolean;
  /** Things stand out above its mouth as far as they must. */
  low?: boolean;
  /** The pieces that it is of between its lines, from the things outwards; default it alone. */
  layers?: readonly string[];
  /** It folds inwards between its bounds when what it closes is not full. */
  pleated?: boolean;
  /** Stitching beside a bound that takes some of it: the room begins there. */
  pinched?: Partial<Record<'left' | 'right', NamedLine>>;
  /** A wall of the room behind it too: what it is sewn to meets the middle of all its layers. */
  shared?: boolean;
  /** Another piece that it goes on with beyond its right, or above its mouth. */
  goesOn?: WallGoesOn;
}

/** A piece that a wall goes on with: from the line where it is joined to the wall to where it ends. */
export interface WallGoesOn {
  beyond: 'right' | 'mouth';
  piece: string;
  from: NamedLine;
  to: NamedLine;
}

/** What closes a ring of walls below, all round. */
export interface Floor {
  piece: string;
  bounds: readonly NamedLine[];
  /** The pieces that it is of, from the things outwards; default it alone. */
  layers?: readonly string[];
}

/** Walls that go once round a room: the right of each is joined to the left of the next, of the last to that of the first. A
 * wall alone is joined to itself. */
export interface Ring {
  walls: readonly RoomWall[];
  floor?: Floor;
  /** Its pleats come together at its base: front and back are a flat bag, which they let open towards the mouth. */
  fans?: boolean;
  /** It parts the room within the rings that follow: its cloth does not lie between the things and those. */
  parts?: boolean;
  /** Seams that box its lower corners. */
  corners?: readonly string[];
  /** Which of its sides the corners are at; default both. */
  boxed?: readonly ('left' | 'right')[];
  /** What lies on it: the other half of a case, or walls above its mouth that lean together to the zipper. */
  over?: Ring;
  /** Not joined to itself: it goes round the outside of what lies in it, from one edge of that to the other. */
  wraps?: boolean;
}

/** Some of one thing in one place: on each other from back to front, or in a heap if they are round. */
export interface Stood {
  /** Id of the line of contents. */
  line: string;
  count: number;
  /** So many such, one above another; default one. */
  above?: number;
  /** It lies flat: its thickness goes up. */
  flat?: boolean;
  /** How much of it is meant to stand out above the mouth, mm; default nothing. */
  shows?: Derived;
  /** How much of it may stand out, mm; default as much as is meant to. */
  mayShow?: Derived;
  /** Of a bound book: how thick each of its boards is, mm. */
  board?: Derived;
  /** Only a board of it goes in there. */
  only?: 'board';
}

/** One thing of a heap of loose ones. */
export interface Packed {
  line: string;
  /** Its corner from the lowest left one at the back, and its sides: across, from back to front, up. mm */
  at: readonly [number, number, number];
  size: readonly [number, number, number];
}

/** How things stand in a room: what beside, on and above what. How large they are is read from the things themselves. */
export type Arranged =
  /** Piles from the left, each from the back to the front. */
  | { beside: readonly (readonly Stood[])[] }
  /** Upwards. */
  | { above: readonly Stood[] }
  | { packed: readonly Packed[] };

/** A slit that opens to a loop: as long as the seam of its zipper on a piece. */
export interface Opening {
  piece: string;
  seam: string;
  side: 'a' | 'b';
  /** The house rule of what does not open at each end. */
  ends?: string;
  /** What shows of it between the edges that it is sewn to: from line to line of its piece. */
  shows?: readonly [NamedLine, NamedLine];
  /** It is one tape, folded onto itself: what shows of it, shows twice. */
  folded?: boolean;
}

/** A room that things lie in, by the pieces and lines that bound it. What it clears is measured on them once they are cut. */
export interface Room {
  /** Stable path, such as `holders/A/1`. */
  id: string;
  /** Ids of the lines of contents that lie in it. */
  holds: readonly string[];
  /** One for each layer that bounds it by itself, from the innermost, or for each strap over it. */
  rings: readonly Ring[];
  stands?: Arranged;
  /** Its walls are closed above what is in it. */
  shut?: boolean;
  /** Its mouth is meant to hold by itself what stands in it. */
  grips?: boolean;
  /** The closure of the body lies above it. */
  underClosure?: boolean;
  /** What opens to let things in, if not all of its mouth does. */
  opening?: Opening;
  /** Its left and right are the upper and lower ends of what lies in it. */
  lengthwise?: boolean;
  /** Ids of rooms that lie between its things and its back. */
  behind?: readonly string[];
  /** The piece that it lies behind, and where. */
  onto?: Pick<RoomWall, 'piece' | 'left' | 'right'>;
  /** It hangs between the walls of another room, and takes of that from front to back. */
  hangs?: boolean;
  /** The ease asked for, mm; from front to back as across unless it is said. */
  ease?: { across: Derived; deep: Derived; thick?: Derived };
}

/** A wall as seen from its other side. */
export const turned = (wall: RoomWall): RoomWall => ({ ...wall, left: wall.right, right: wall.left });

type Bound = 'left' | 'right' | 'base';
/** Ids of the house rules by which the stitching runs beside a bound. */
export type Insets = Partial<Record<Bound, string>>;

/** A front sewn to what lies behind it along three seams; it is their `a`, the other is their `b`.
 * @param flat the back stays flat, so that the front goes round all of what lies on it; default both give */
export function patchRing(
  front: Pick<RoomWall, 'piece' | 'mouth' | 'double'>,
  back: string,
  seams: Record<Bound, string>,
  insets: Insets = {},
  { flat = false }: { flat?: boolean } = {},
): Ring {
  const on = (side: 'a' | 'b', bound: Bound): NamedLine => ({
    seam: seams[bound],
    side,
    ...(insets[bound] && { inset: insets[bound] }),
  });
  return {
    walls: [
      { ...front, left: on('a', 'left'), right: on('a', 'right'), base: on('a', 'base') },
      {
        piece: back,
        left: on('b', 'right'),
        right: on('b', 'left'),
        base: on('b', 'base'),
        rightSide: true,
        ...(flat && { flat }),
      },
    ],
  };
}

/** A strap over a thing, stitched down at two seams of which it is the `a`: open above and below.
 * @param halves if it is of two: the other one, and the line of both where they are fastened to each other */
export function strapRing(
  strap: string,
  host: string,
  [from, to]: readonly [string, string],
  halves?: { other: string; line: string },
): Ring {
  const end: NamedLine = { seam: to, side: 'a' };
  const meet = halves && { line: halves.line };
  return {
    walls: [
      {
        piece: strap,
        left: { seam: from, side: 'a' },
        right: meet ?? end,
        ...(meet && { goesOn: { beyond: 'right', piece: halves.other, from: meet, to: end } }),
      },
      { piece: host, left: { seam: to, side: 'b' }, right: { seam: from, side: 'b' }, rightSide: true, flat: true },
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
      boxed: [...(left === undefined ? (['left'] as const) : []), ...(right === undefined ? (['right'] as const) : [])],
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

/** Things on each other in one pile, from the back to the front.
 * @param out how much of each is meant to stand out above the mouth, or may. mm */
export const onePile = (things: readonly Stood[], out: Pick<Stood, 'shows' | 'mayShow'> = {}): Arranged => ({
  beside: [things.map(({ line, count }) => ({ line, count, ...out }))],
});
