import type { Derived } from '../derived/derived.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Opening, Ring } from '../pieces/room.ts';
import type { EdgeRun, RunPart } from '../pieces/seam.ts';

export type Side = 'left' | 'right' | 'bottom' | 'top';

/** What becomes of an edge of a holder. */
export type EdgeFate = { kind: 'caught'; within: string } | { kind: 'stitchedOn' } | { kind: 'free' };

/** A front or a back: its piece, and the way from a place on it (mm from the left, seen from the front, and down from the
 * mouth) to the piece. */
export interface Panel {
  piece: string;
  at(fromLeft: number, down: number): Point;
}
export interface Panels {
  front: Panel;
  back: Panel;
  /** How far below the mouth their cloth begins at a place from the left, mm; default at the mouth all along. */
  rimAt?(fromLeft: number): number;
}

/** The piece that holders of a face are sewn to, mm. */
export interface Host {
  piece: string;
  width: number;
  height: number;
  /** Stretch of an edge beside the face, upwards or rightwards; without it the edges are those of a rectangle. */
  run?: (side: Side, from: number, to: number) => RunPart;
  /** Its edges that lie in seams of the body, for what runs from edge to edge. */
  rim?: HostRim;
}

/** The edges of a host that lie in seams of the body. mm */
export interface HostRim {
  /** From edge to edge. */
  across: Derived;
  up: Derived;
  /** Straight stretches, upwards or rightwards, and the seam that each lies in. */
  stretches: readonly { side: Side; from: number; to: number; within: string }[];
}

/** The innermost layer of a cavity, for what hangs in it. */
export interface InnerWalls {
  panels: Panels;
  /** From its mouth to its base, mm. */
  depth: Derived;
  /** A stretch of a side seam on one wall, between two distances below the mouth, mm; left and right as seen from the
   * front. */
  side(which: 'left' | 'right', wall: 'front' | 'back', from: number, to: number): EdgeRun;
  /** Ids of its side seams; without them what hangs in it is stitched onto the sides. */
  seams?: { left: string; right: string };
  /** The base, from front to back, mm; nothing if it is flat. */
  base?: Derived;
}

/** A piece as cut: size from stitch line to stitch line, and its folds from the lower left stitch corner (heights of those
 * that run across, distances of those that run upwards), mm. */
export interface CutPiece {
  sewn: { width: number; height: number };
  folds: number[];
  foldsAcross: number[];
}
export type CutPieces = (piece: string) => CutPiece;

/** Rings of walls of the body itself, for what stands between those. Of a front and a back the front comes first. */
interface Walled {
  rings: readonly Ring[];
  /** What opens to it, if that is not what closes the body. */
  opening?: Opening;
}
/** A front and a back that can be stitched together. */
interface Parted extends Walled {
  panels: Panels;
}

/** What the body promises to what sits there, by the kind of the seat. A family that brings another kind adds it here from its
 * own file (`declare module`). */
export interface SeatGives {
  /** A leaf. */
  leaf: object;
  /** The outside of a wall. */
  wall: object;
  /** The whole inside behind the leaves. */
  inside: {
    /** Ease of the bottom edge, if the host is longer there, with the notches it lies between. */
    bottomEase?: { by: Derived; between: [string, string]; notchesAt: [number, number] };
  };
  /** A leaf behind what is sewn onto it. */
  behind: {
    /** The side of it at the fold. */
    opens: 'left' | 'right';
  };
  /** Both leaves, across the fold between them. */
  across: {
    /** Where the fold begins and ends, mm from the left of the host, and how far that is. */
    fold: readonly [from: number, to: number];
    spine: Derived;
  };
  /** The room between a front and a back. */
  cavity: Parted;
  /** The same, with walls to hang things from. */
  walled: Parted & { inner: InnerWalls };
  /** A pocket as wide as the piece that is parted into channels. */
  channels: Parted;
  /** A flat lining with a zipped mouth. */
  flat: Parted;
  /** The room on a round base. */
  round: Walled;
  /** The flaps of a jacket. */
  book: Walled;
  /** What hangs between the side seams. */
  pouch: { inner: InnerWalls };
  /** A room with walls all round. */
  box: Walled;
  /** A compartment between two dividers; where those only part a flat bag, the walls of that. */
  file: Walled & { bag?: readonly Ring[] };
}
export type SeatKind = keyof SeatGives;

/** Where a holder sits: a rectangle on its host piece (mm from the host's stitch corner). */
export interface SeatPlace {
  face: string;
  host: Host;
  x: number;
  y: number;
  width: Derived;
  height: Derived;
  edges: Record<Side, EdgeFate>;
  /** Nothing else lies on its face. */
  alone?: boolean;
}

/** A seat of one of some kinds, with what that kind is given. */
export type SeatOf<Kind extends SeatKind> = { [K in Kind]: SeatPlace & { kind: K } & SeatGives[K] }[Kind];
export type Seat = SeatOf<SeatKind>;

/** A stretch of the host along one side of a seat; measured along the seat, upwards or rightwards. */
export function hostRun(seat: Pick<SeatPlace, 'host' | 'x' | 'y'>, side: Side, from: number, to: number): EdgeRun {
  const { host } = seat;
  const start = side === 'left' || side === 'right' ? seat.y : seat.x;
  return { piece: host.piece, parts: [hostPart(host, side, start + from, start + to)] };
}

/** A stretch of a side of the host, upwards or rightwards, mm from its lower left corner. */
export function hostPart({ width, height, run }: Host, side: Side, from: number, to: number): RunPart {
  if (run) return run(side, from, to);
  const spans: Record<Side, { from: number; to: number; reversed?: boolean }> = {
    bottom: { from, to },
    right: { from, to },
    top: { from: width - to, to: width - from, reversed: true },
    left: { from: height - to, to: height - from, reversed: true },
  };
  return { edge: side, ...spans[side] };
}
