import type { Derived } from '../derived/derived.ts';
import type { FindingCode } from '../errors/finding.ts';
import type { ContentsLine, Orientation, Params } from '../document/design-document.ts';
import type { ParamSpec, PlacedHolder, StackReach, StackThickness } from '../holders/holder-kind.ts';
import type { CutPieces, EdgeFate, Host, Panel, Panels, SeatGives, SeatKind, Side } from '../holders/seat.ts';
import type { Room } from '../faces/arrange.ts';
import type { MeasuredFace } from '../faces/measure.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Meeting } from '../pieces/meeting.ts';
import type { Ring, WallGoesOn } from '../pieces/room.ts';
import type { EdgeRun } from '../pieces/seam.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { GridId } from '../units/grid.ts';
import type { BoardPlan } from './board-plan.ts';
import type { Exclusion } from './exclusion.ts';
import type { Section } from './section.ts';

/** A flat face of the body that holders may lie on. */
export interface FaceSpec {
  id: string;
  title: string;
  seat: SeatKind;
  /** What sits there lies on the right side of the shell. */
  outside?: boolean;
  /** The faces whose panels it is sewn onto: the first that has a holder with one. */
  upon?: readonly string[];
  /** The holder whose face it is, and what that calls it; default it is one of the body, or of what closes it. */
  of?: { holder: string; face: string };
  /** Things that share no holder are put beside each other there without being asked; default they are not. */
  shares?: boolean;
  /** It lies where these are: either it or they hold something. */
  instead?: readonly string[];
  /** Nothing thicker is put there without being asked, mm; default anything. */
  thickest?: number;
}

export interface BodyInputs {
  rules: Rules;
  stacks: StackThickness;
  /** Of pieces that have their layers whatever the body leaves out, such as the lining of a flap; default the same. */
  cutStacks?: StackThickness;
  reach: StackReach;
  grid: GridId;
  /** A size as it is made: as the maker has pinned it, by path, or as given. */
  pin(path: string, size: Derived): Derived;
  /** A least size of common practice, which is not kept where something smaller is pinned, mm. */
  usual(size: Derived): Derived;
  /** Cloth that the closure needs above the contents, mm; nothing if it says nothing. */
  above?: Derived;
  /** What lies loose on the base beneath the contents, mm; nothing if nothing does. */
  onBase?: Derived;
  /** The closure brings front and back together above the contents; default they stay as far apart as those are thick. */
  meets?: boolean;
  /** What the closure shows between two edges of the body, mm; nothing if they meet. */
  exposed?: Derived;
  /** The closure finishes the mouth of a single layer: it is not hemmed. */
  finishesMouth?(mouth: { round: boolean }): boolean;
  /** The closure runs along the top: the piece is turned through its bottom. */
  alongTop?: boolean;
  /** What a closure that holds things asks of the edge that it is set in; nothing if it holds none. */
  overEdge?: OverEdge;
  /** What is used in place of standard hardware, under the ids of the standard; default nothing. */
  hardware?: readonly Hardware[];
}

/** What a closure asks that holds things: mm. */
export interface OverEdge {
  /** How long the edge that it is set in must be at least. */
  edge: Derived;
  /** How far the front must reach, if that edge is so long and the full piece so thick beneath it. */
  front(edge: Derived, beneath: Derived): Derived;
  /** How thick it is itself, with what lies in it and without. */
  thick: Beneath;
}

/** What a body may see otherwise than it was set, by its own choices. */
export type Adapted = Pick<BodyInputs, 'rules' | 'stacks' | 'reach'>;

/** The room that a sized body gives to the holders of a face, and the piece they are sewn to. */
interface FaceRoom {
  id: string;
  host: Host;
  room: Room;
  /** Fate of a holder's edge that lies on the edge of the room. */
  edges: Record<Side, EdgeFate>;
}
/** A face with what its kind of seat promises. */
export type SizedFace = { [K in SeatKind]: FaceRoom & { seat: K } & SeatGives[K] }[SeatKind];

/** A body with all its stitch-line sizes, on the grid. All mm. */
export interface SizedBody<Detail = unknown> {
  /** Finished sizes by name, in the order in which they are read. */
  finished: Readonly<Record<string, Derived>>;
  closedThickness: Derived;
  emptyThickness: Derived;
  sizes: Record<string, Derived>;
  /** Names of own sizes that say how large it is outside beside the finished ones: a limit may be set on them. */
  outermost?: readonly string[];
  faces: SizedFace[];
  /** Where a closure may be set. */
  closing: Closing;
  /** A flat bottom, finished, mm. */
  base?: { width: Derived; depth: Derived };
  detail: Detail;
}

/** Where a closure may be set, by kind. A family that brings another kind adds it here from its own file (`declare module`). */
export interface Closings {
  edge: ClosingEdge;
  mouth: ClosingMouth;
  roll: ClosingRoll;
  meeting: ClosingMeeting;
  slit: ClosingSlit;
  nowhere: { kind: 'nowhere' };
}
export type Closing = Closings[keyof Closings];

/** Along all open edges, from fold to fold; or along the top and both outer edges, the bottom sewn. */
export type TapePath = 'round' | 'upper';

/** Where a tab or flap starts and where it ends on the body. */
export interface ClosingEdge {
  kind: 'edge';
  /** Edge that the closure is caught in, on both pieces of that seam, and its length. */
  outer: { piece: string; edge: string };
  inner: { piece: string; edge: string };
  length: number;
  within: string;
  /** What the piece that it is caught in is called. */
  back: string;
  front: ClosingFront;
  /** The ways of one zipper tape along the open edges, from one leaf over the fold to the other; none where nothing folds. */
  around?: Readonly<Record<TapePath, EdgeRun>>;
  /** Of the corners of the piece. */
  radius: Derived;
  /** How far what it lies on reaches from the edge, and how far the piece goes along that, mm. */
  leaf: Derived;
  along: Derived;
  /** Of the flat part that it lies on, mm. */
  plate: { width: Derived; height: Derived };
  /** How thick the piece is beneath what closes it. */
  thick: Beneath;
  /** A stretch of each of the two edges at the ends of that one, between two distances from it, mm, and the seam it lies in. */
  beside(from: number, to: number): { run: EdgeRun; within: string }[];
}

/** What carries the mate of what goes over an edge. */
export interface ClosingFront {
  piece: string;
  edge: string;
  /** What it is called. */
  name: string;
  /** A place on it at a distance from that edge, aside from the middle of it, mm. */
  at(distance: number, aside: number): Point;
  /** The face whose pockets carry the mate where they lie over its place; default none do. */
  face?: string;
}

/** A mouth with a front and a back. */
export interface ClosingMouth extends Panels {
  kind: 'mouth';
  width: Derived;
  /** Of a mouth with three sides: its middle one, mm. What draws, zips or snaps a mouth shut needs a level one. */
  level?: Derived;
  /** Edges of the outer layer that make the mouth, and the seam that joins each to the lining all along, if one does. */
  rim: { piece: string; edge: string; within?: string }[];
  /** Shell and lining are only turned in there and stitched together: what is between them can reach below that stitching. */
  turnedIn?: boolean;
  /** A band above those edges, folded to the inside, that is the rim of the mouth: how high it is, and the wall that it is of. What is
   * set below the mouth is measured from its lower edge. */
  band?: { high: Derived; goesOn: Omit<WallGoesOn, 'beyond'> };
  /** The stretches of the side seams of the outer layer between two depths below their upper ends, mm. */
  sideGaps(from: number, to: number): { piece: string; edge: string; from: number; to: number }[];
  /** Where a tab of a width is caught in the mouth at each side, mm; a flat piece has its side seams for that. */
  sideTabs?(wide: number): { run: EdgeRun; within: string }[];
  /** The walls between front and back, and their width, mm. */
  sides?: { left: Panel; right: Panel; width: Derived };
  /** Its front and back edge in one run, round a fold at one side; nothing where both sides are sewn. */
  folded?: EdgeRun;
  /** The sides at which front and back are sewn together, as far up as a face of the front goes. */
  ends?: readonly SewnEnd[];
  /** How far the things stand out of the mouth, mm. */
  proud: Derived;
  lined: boolean;
  /** Diameter of a round mouth, mm. */
  round?: Derived;
  /** Walls that lean together above the things, from the innermost; default they stay as far apart as they are. */
  rings?: readonly Ring[];
  /** How thick the piece is beneath what goes over the mouth and so far down the front, full and empty, mm; default as thick as it is at
   * all. */
  beneath?(down: number): Beneath;
}

/** A sewn side of a front, for what is caught in it. */
export interface SewnEnd {
  side: 'left' | 'right';
  /** The face of the front, and the piece that it is sewn to. */
  face: string;
  host: Host;
  /** The edge of that piece there, and the seam that it lies in. */
  edge: string;
  within: string;
  /** The pieces that the front is of, from the outside. */
  layers: readonly string[];
}

export interface Beneath {
  full: Derived;
  empty: Derived;
}

/** An edge that comes to lie on another place of the body: both as distances from the edge, at a share of its height from below. */
export interface ClosingMeeting {
  kind: 'meeting';
  height: Derived;
  /** Of the narrower of the two leaves that lie on each other. */
  leaf: Derived;
  inner: { piece: string; at: (distance: number, up: number) => Point };
  outer: { piece: string; at: (distance: number, up: number) => Point };
  /** The leaves that meet there, and what lies between them. */
  leaves: Meeting['leaves'];
  between: Meeting['between'];
}

/** A slit between two edges of the body that lie beside each other, with a zipper all along it. */
export interface ClosingSlit {
  kind: 'slit';
  /** From end seam to end seam, mm. */
  run: Derived;
  /** The two edges of the outer layer (or several such pairs), and the seams that they lie in; in none if there is one layer only. */
  rims: { edge: EdgeRun; within?: string }[];
  /** Where a tab of a width is caught in each end seam, mm. */
  endTabs(wide: number): { run: EdgeRun; within: string }[];
}

/** The end of a roll that comes to lie outside. */
export interface ClosingRoll {
  kind: 'roll';
  /** Round the rolled piece, mm. */
  girth: Derived;
  end: { piece: string; at: Point };
}

/** A body family: measured faces to sized body, to pieces, and back from the cut. */
export interface BodyKind<Detail = unknown> {
  readonly title: string;
  /** What it is, in a few words. */
  readonly about: string;
  /** How things go into it unless the maker says otherwise. */
  readonly orientation: Orientation;
  /** Ids of the closures that it can have. */
  readonly closures: readonly string[];
  /** Choices that leave no place for some of them. */
  readonly excludes?: readonly Exclusion[];
  /** The one that it has unless the maker says otherwise; default none, or the first if it cannot be without. */
  readonly closesWith?: string;
  /** Settings that fit what it must hold, for a design that is just given this form; default the standard ones. */
  startsWith?(contents: readonly ContentsLine[]): Params;
  /** Common practice: what it is called while most of what it holds is in holders of a kind, and how large it is then at most, by
   * the path of a size that may have a limit, mm. */
  readonly handy?: { called: string; holding: string; most: Readonly<Record<string, number>> };
  /** Its rooms are for things of a kind each: where there are more of them, things are spread anew. */
  readonly spreads?: boolean;
  /** Ids of what else may be set on it. */
  readonly parts?: readonly string[];
  readonly params: Record<string, ParamSpec>;
  /** The house rules that size it. */
  readonly rules: readonly HouseRule[];
  /** Findings of its own that it may bring; default none. */
  readonly findings?: readonly FindingCode[];
  /** The rules and layers as the choices of this body leave them: a body without lining has a lining of 0 mm. */
  adapt?(params: Params, given: Adapted): Adapted;
  faces(params: Params): FaceSpec[];
  size(params: Params, faces: MeasuredFace[], inputs: BodyInputs, hosts: Hosts): SizedBody<Detail>;
  contribute(sized: SizedBody<Detail>, inputs: BodyInputs): Contribution;
  /** Its sides as the maker looks at them, the first one first; default a board for each face. */
  boards?(sized: SizedBody<Detail>): BoardPlan[];
  /** The closed and full piece cut through. */
  section(sized: SizedBody<Detail>, placed: readonly PlacedHolder[], inputs: BodyInputs): Section;
  /** The driving sizes read back from the cut pieces; the inverse of making. */
  readBack(cut: CutPieces, sized: SizedBody<Detail>, inputs: BodyInputs): Record<string, number>;
}

/** The piece of a face's holder that other faces may lie on, by face id. */
export type Hosts = Readonly<Record<string, string | undefined>>;
