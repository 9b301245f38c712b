import type { Derived } from '../derived/derived.ts';
import type { ContentsLine, Params, Role } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { Ring } from '../pieces/room.ts';
import type { EdgeRun, RunPart } from '../pieces/seam.ts';
import type { Item } from '../shelves/items/item.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { HouseRuleId, LengthRuleId } from '../shelves/rules/house-rules.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { GridId } from '../units/grid.ts';
import type { Slab } from './slab.ts';

/** What a maker may set on a holder, body or closure; drives inspector, validation and docs. */
export type ParamSpec = (
  | { kind: 'length'; title: string; rule: LengthRuleId }
  | { kind: 'choice'; title: string; standard: string; choices: readonly { id: string; title: string; why: string }[] }
  | { kind: 'count'; title: string; standard: number; least: number; most: number; why: string }
  | { kind: 'flag'; title: string; standard: boolean; why: string }
) & {
  /** Of a length: a range of its own, within that of its rule; mm. */
  least?: number;
  most?: number;
  /** Whether it matters beside the other settings; default always. What does not matter is not shown, and changes nothing. */
  when?: (params: Params) => boolean;
};

/** Contents of one line that this holder takes. */
export interface HeldContents {
  line: ContentsLine;
  item: Item;
  name: string;
  count: number;
}

/** Thickness of each role's stack as it lies, mm. */
export type StackThickness = Record<Role, Derived>;

/** All that a holder may look at; nothing else, so that memoising is provable. */
export interface HolderInputs {
  id: string;
  rules: Rules;
  stacks: StackThickness;
  grid: GridId;
  /** A size as the maker has pinned it, by path; never less than given. */
  pin(path: string, size: Derived): Derived;
  /** What is used in place of standard hardware, under the ids of the standard; default nothing. */
  hardware?: readonly Hardware[];
}

/** A holder measured from its contents, not yet placed. All mm. */
export interface MeasuredHolder<Detail = unknown> {
  /** Least finished size. */
  width: Derived;
  height: Derived;
  /** Its layers and things, from the host upwards, seen from its lower left corner. */
  slabs: Slab[];
  /** Thickness of everything, where things beside each other may come to lie on each other; default the highest pile. */
  loaded?: Derived;
  /** Whether it takes more room than it needs. */
  stretches: { width: boolean; height: boolean };
  /** How far below the top of its face its mouth lies: other holders sit on what is below. */
  mouthDrop?: Derived;
  /** Half of the way round the largest thing where it goes in: what an opening must let through. */
  passes?: Derived;
  sizes: Record<string, Derived>;
  detail: Detail;
  findings: Finding[];
}

/** A leaf, the whole inside behind the leaves, the room between a front and a back (`walled` where it has walls to hang things
 * from, see `InnerWalls`), a pocket as wide as the piece that is parted into channels, the outside of a wall, the room on a round base, the flaps of a jacket, what hangs between
 * the side seams, a room with walls all round, a compartment between two dividers, or a flat lining with a zipped mouth. */
export type SeatKind =
  'leaf' | 'inside' | 'cavity' | 'walled' | 'channels' | 'wall' | 'round' | 'book' | 'pouch' | 'box' | 'file' | 'flat';

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
}

/** The piece that holders of a face are sewn to, mm. */
export interface Host {
  piece: string;
  width: number;
  height: number;
  /** Stretch of an edge beside the face, upwards or rightwards; without it the edges are those of a rectangle. */
  run?: (side: Side, from: number, to: number) => RunPart;
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

/** Where a holder sits: a rectangle on its host piece (mm from the host's stitch corner). */
export interface Seat {
  face: string;
  host: Host;
  x: number;
  y: number;
  width: Derived;
  height: Derived;
  edges: Record<Side, EdgeFate>;
  /** The body's own walls round it. Of a front and a back the front comes first. */
  rings?: readonly Ring[];
  /** The front and the back of a cavity, for what joins them. */
  panels?: Panels;
  inner?: InnerWalls;
  /** From the mouth to the base of a cavity, as cut, mm. */
  depthOf?: (cut: CutPieces) => number;
  /** Clear across a round room, as cut, mm. */
  acrossOf?: (cut: CutPieces) => number;
  clear?: ClearRoom;
  opening?: (cut: CutPieces) => number;
  /** Ease of the bottom edge, if the host is longer there, with the notches it lies between. */
  bottomEase?: { by: Derived; between: [string, string]; notchesAt: [number, number] };
}

/** Clear inside a room with walls all round, as cut, mm. */
export type ClearRoom = (cut: CutPieces) => Record<'across' | 'thick' | 'up', number>;

export interface Segment {
  id: string;
  from: Point;
  to: Point;
  label: string;
}

/** A thing drawn where it will be, mm on the host. */
export interface PlacedThing {
  line: string;
  name: string;
  x: number;
  y: number;
  width: number;
  height: number;
  radius: number;
}

/** A mouth with what goes in there; the front reaches down to `bottom`. */
export interface PlacedMouth {
  id: string;
  y: number;
  bottom: number;
  x0: number;
  x1: number;
}

/** A strap that crosses over what it holds: its middle line on the host, and how wide it is. mm */
export interface PlacedBand {
  from: Point;
  to: Point;
  wide: number;
}

/** A holder at its place: what the board draws and the cut is checked against. All mm on the host. */
export interface PlacedHolder<Detail = unknown> {
  id: string;
  kind: string;
  seat: Seat;
  sizes: Record<string, Derived>;
  mouths: PlacedMouth[];
  stitching: Segment[];
  /** Straps and loops; default none. */
  bands?: PlacedBand[];
  things: PlacedThing[];
  slabs: Slab[];
  detail: Detail;
}

/** Room for one thing in one direction, read back from the cut. mm */
export interface Clearance {
  holder: string;
  line: string;
  name: string;
  /** `thick`: from front to back; `through`: the opening that it must pass. */
  direction: 'across' | 'thick' | 'deep' | 'through';
  required: Derived;
  available: Derived;
  clearance: Derived;
  /** The ease that the rules ask for; less is snug. */
  ease: number;
}

/** A piece as cut: size from cut edge to cut edge, and its folds from the lower left stitch corner (heights of those
 * that run across, distances of those that run upwards), mm. */
export interface CutPiece {
  width: number;
  height: number;
  folds: number[];
  foldsAcross: number[];
  /** Allowance of each edge, mm. */
  allowance: Readonly<Record<string, number>>;
}
export type CutPieces = (piece: string) => CutPiece;

/** The mouth that a parameter moves, and what the parameter is there, mm. */
export interface MouthHandle {
  param: string;
  /** Which mouth. */
  mouth: number;
  value: number;
  /** Which way the mouth is pulled for more: 1 up, -1 down. */
  towards: 1 | -1;
}

/** What lists and boards tell of a family of holders. */
export interface ShownHolder {
  /** Its places have numbers behind its letter, A1 and A2: one for each mouth, or for each thing. */
  numbered?: 'mouths' | 'things';
  /** The size that is its first clear width; one that ends in a number is the first of several from the left. */
  clearWidth?: string;
  /** What its opening is called; default a pocket. */
  opening?: string;
}

/** A family of holders: contents to measured, placed and made. */
export interface HolderKind<Detail = unknown> {
  readonly title: string;
  readonly params: Record<string, ParamSpec>;
  /** The house rules that size it besides its own parameters. */
  readonly rules: readonly HouseRuleId[];
  readonly shown?: ShownHolder;
  /** Where it may sit. */
  readonly seats: readonly SeatKind[];
  /** How well it suits a thing: 0 not at all, 1 as made for it; with the reason. */
  suits(item: Item): { score: number; why: string };
  measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<Detail>;
  place(measured: MeasuredHolder<Detail>, seat: Seat, inputs: HolderInputs): PlacedHolder<Detail>;
  contribute(placed: PlacedHolder<Detail>, inputs: HolderInputs): Contribution;
  /** The mouth that can be dragged; default none. */
  mouthHandle?(placed: PlacedHolder<Detail>): MouthHandle | undefined;
  /** What the cut really clears. */
  readBack(cut: CutPieces, placed: PlacedHolder<Detail>, inputs: HolderInputs): Clearance[];
}

/** A stretch of the host along one side of a seat; measured along the seat, upwards or rightwards. */
export function hostRun(seat: Seat, side: Side, from: number, to: number): EdgeRun {
  const { piece, width, height, run } = seat.host;
  const [x0, x1, y0, y1] = [seat.x + from, seat.x + to, seat.y + from, seat.y + to];
  const spans: Record<Side, { from: number; to: number; reversed?: boolean }> = {
    bottom: { from: x0, to: x1 },
    right: { from: y0, to: y1 },
    top: { from: width - x1, to: width - x0, reversed: true },
    left: { from: height - y1, to: height - y0, reversed: true },
  };
  if (run) {
    const upright = side === 'left' || side === 'right';
    return { piece, parts: [upright ? run(side, y0, y1) : run(side, x0, x1)] };
  }
  return { piece, parts: [{ edge: side, ...spans[side] }] };
}
