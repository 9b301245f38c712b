import type { HeldContents } from '../contents/held.ts';
import type { Derived } from '../derived/derived.ts';
import type { Params, Role } from '../document/design-document.ts';
import type { Finding, FindingCode } from '../errors/finding.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Clearance } from '../pieces/clearance.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { Item } from '../shelves/items/item.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { HouseRule, LengthRule } from '../shelves/rules/house-rule.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { GridId } from '../units/grid.ts';
import type { HolderFace, PlacedFace, SewnOnFaces } from './own-faces.ts';
import type { SeatKind, SeatOf } from './seat.ts';
import type { Slab } from './slab.ts';

export type { Clearance, HeldContents };

/** What a maker may set on a holder, body or closure; drives inspector, validation and docs. */
export type ParamSpec = (
  | { kind: 'length'; title: string; rule: LengthRule }
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

/** Thickness of each role's stack as it lies, mm. */
export type StackThickness = Record<Role, Derived>;

/** From what lies against a role's stack to the middle of its outermost layer that does not give, mm: things lie against the right
 * side of a lining, and against the wrong side of all others. */
export type StackReach = Record<Role, Derived> & {
  /** From what lies against the right side of the shell. */
  outside: Derived;
  /** From what lies against the right side of a pocket panel, such as a card before it. */
  onPocket: Derived;
  /** How far what is seen through stretches across, a share. */
  meshStretch: Derived;
};

/** All that a holder may look at; nothing else, so that memoising is provable. */
export interface HolderInputs {
  id: string;
  rules: Rules;
  stacks: StackThickness;
  reach: StackReach;
  grid: GridId;
  /** A size as it is made: as the maker has pinned it, by path, or as given. */
  pin(path: string, size: Derived): Derived;
  /** The same of the piece that it is sewn onto, from its right side; default a lining. */
  host?: Derived;
  /** What is used in place of standard hardware, under the ids of the standard; default nothing. */
  hardware?: readonly Hardware[];
  /** What is sewn onto faces of its own; default nothing. */
  sewnOn?: SewnOnFaces;
  /** What lies before a room and is its front; default it has one of its own. */
  front?: RoomFront & { reach: Derived };
  /** Its own panel is the front of a room behind it, so that it takes all of its width. */
  isFront?: boolean;
}

/** A lined panel that can be the front of a room behind it. */
export interface RoomFront {
  /** Its pieces, from the room outwards. */
  layers: readonly [string, ...string[]];
  /** The seams of the first of them: at the outer side of its leaf, below and above, of which it is the `a`. */
  seams: Record<'outer' | 'bottom' | 'top', string>;
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
  /** What stands in it, side by side: the base under it must be so wide; default nothing. */
  footing?: Derived;
  /** The width that it needs if it stands on a boxed base of a depth, mm; default its width. */
  widthOn?(base: Derived, inputs: HolderInputs): Derived;
  /** The width that it needs if something flat hangs behind all of it, so far across and so thick, mm; default its own, and what that
   * is thicker and wider by. */
  widthBefore?(across: Derived, thick: Derived): Derived;
  /** Whether it takes more room than it needs. */
  stretches: { width: boolean; height: boolean };
  /** At which side of its room it lies, whatever the face says; default as that does. */
  lies?: 'left' | 'right';
  /** How far below the top of its face its mouth lies: other holders sit on what is below. */
  mouthDrop?: Derived;
  /** How round the corners of what lies in it are, seen from above, mm; default square. */
  corner?: Derived;
  /** Half of the way round the largest thing where it goes in: what an opening must let through. */
  passes?: Derived;
  sizes: Record<string, Derived>;
  detail: Detail;
  findings: Finding[];
}

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
  /** Where it looks, if not up. */
  towards?: 'left' | 'right';
  /** It is a window in the face, with the pocket behind that: how high it is, mm, and whether a zipper closes it. */
  window?: MouthWindow;
  /** Its front is seen through. */
  mesh?: boolean;
  /** A zipper lies along it, and a strip of cloth beyond that: how much of each is seen, mm. */
  zipped?: { zipper: number; strip: number };
}

export interface MouthWindow {
  high: number;
  zipped: boolean;
}

/** A strap that crosses over what it holds: its middle line on the host, and how wide it is. mm */
export interface PlacedBand {
  from: Point;
  to: Point;
  wide: number;
}

/** A holder at its place: what the board draws and the cut is checked against. All mm on the host. */
export interface PlacedHolder<Detail = unknown, On extends SeatKind = SeatKind> {
  id: string;
  kind: string;
  seat: SeatOf<On>;
  sizes: Record<string, Derived>;
  mouths: PlacedMouth[];
  stitching: Segment[];
  /** Straps and loops; default none. */
  bands?: PlacedBand[];
  things: PlacedThing[];
  slabs: Slab[];
  detail: Detail;
}

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

/** A family of holders: contents to measured, placed and made.
 * `On`: the kinds of seats that it takes. */
export interface HolderKind<Detail = unknown, On extends SeatKind = SeatKind> {
  readonly title: string;
  readonly params: Record<string, ParamSpec>;
  /** The house rules that size it besides its own parameters. */
  readonly rules: readonly HouseRule[];
  readonly shown?: ShownHolder;
  /** Findings of its own that it may bring; default none. */
  readonly findings?: readonly FindingCode[];
  /** Where it may sit. */
  readonly seats: readonly On[];
  /** Holders before it are sewn onto its panel, of cloth of this role; default they are sewn to what it is sewn to. */
  readonly panel?: Role;
  /** Whether it has no panel where something lies before it whose panel can be its front; default it has its own. */
  takesFront?(params: Params): boolean;
  /** Its own lined panel, for a room behind it; nothing as it is set. */
  roomFront?(id: string, params: Params): RoomFront | undefined;
  /** Faces of its own; default none. */
  readonly faces?: readonly HolderFace[];
  /** Whether something of it lies behind what it is sewn to, as it is set; default nothing does. */
  behind?(params: Params): boolean;
  /** How well it suits a thing: 0 not at all, 1 as made for it; with the reason. */
  suits(item: Item): { score: number; why: string };
  /** How much a thing wants to be the first in it: things of more go before those of less; default none does. */
  first?(item: Item): number;
  measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<Detail>;
  place(measured: MeasuredHolder<Detail>, seat: SeatOf<On>, inputs: HolderInputs): PlacedHolder<Detail, On>;
  /** Its own faces, at their places; default none. */
  placeFaces?(placed: PlacedHolder<Detail, On>): PlacedFace[];
  contribute(placed: PlacedHolder<Detail, On>, inputs: HolderInputs): Contribution;
  /** The mouth that can be dragged; default none. */
  mouthHandle?(placed: PlacedHolder<Detail, On>): MouthHandle | undefined;
}
