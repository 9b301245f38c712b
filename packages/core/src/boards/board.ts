import type { MouthWindow } from '../holders/holder-kind.ts';
import type { BoardPlan } from '../bodies/board-plan.ts';
import type { Outline } from '../geometry/outline.ts';
import type { Role } from '../document/design-document.ts';
import type { SeatKind } from '../holders/seat.ts';

/** A rectangle on a board, mm from its lower left corner, y upwards. */
export interface Box {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
}

export interface BoardThing extends Box {
  line: string;
  name: string;
  radius: number;
  /** The pocket that it is in, such as `A1`. */
  place: string;
  /** Whether it lies behind its front so far that it cannot carry its name. */
  hidden: boolean;
}

/** A front of cloth with its mouth at the top, or where it says. */
export interface BoardFront extends Box {
  id: string;
  cloth: Role;
  towards?: 'left' | 'right';
  /** The pocket hangs behind the face, and this is its window, above its front. mm */
  window?: MouthWindow;
  /** It is seen through. */
  mesh?: boolean;
  /** What is seen of a zipper along its mouth, and of the strip beyond that, mm. */
  zipped?: { zipper: number; strip: number };
}

export interface BoardHolder extends Box {
  id: string;
  title: string;
  face: string;
  /** Whether it lies on cloth of its own. */
  backed: boolean;
  /** Things and fronts in the order in which they lie on each other. */
  layers: ({ kind: 'thing'; thing: BoardThing } | { kind: 'front'; front: BoardFront })[];
  /** Lines on which front and back are stitched together. */
  stitching: { from: [number, number]; to: [number, number] }[];
  /** Straps that cross over the things: middle line and width. */
  bands: { from: [number, number]; to: [number, number]; wide: number }[];
  /** Names of the things that are hidden. */
  hidden: string[];
  /** The size that is dimensioned when it is selected. */
  across: { path: string; x0: number; x1: number } | undefined;
}

/** Where holders of a face may lie. */
export interface BoardRoom extends Box {
  face: string;
  /** What it is called: “left leaf”. */
  title: string;
  seat: SeatKind;
}

/** A tab or flap that stands out from an edge, in the middle of it. mm */
export interface BoardTab {
  edge: NonNullable<BoardPlan['tab']>;
  /** From the edge to its end. */
  length: number;
  width: number;
  /** How far within the edge it is sewn on. */
  within: number;
  /** Its stitch line, the edge that is caught along the bottom. */
  outline: Outline;
  /** Of its fastener, from the edge; nothing if it has none. */
  snapAt: number | undefined;
  /** Where its fasteners lie across it, from its left. */
  snaps: readonly number[];
  /** The cloth that it shows on the inside of the piece. */
  inside: Role;
}

/** A handle that stands over the mouth, seen from the front. mm */
export interface BoardGrip {
  /** The part that it belongs to. */
  part: string;
  /** The middles of its ends. */
  x0: number;
  x1: number;
  /** Its middle, above the mouth. */
  drop: number;
  wide: number;
}

/** A strap that comes round an edge and lies on what is there. mm */
export interface BoardStrap {
  /** The part that it belongs to. */
  part: string;
  /** The middle of it: at the edge, at its fastener, and at its end. */
  from: number;
  snap: number;
  to: number;
  y: number;
  wide: number;
  /** Its cloth; nothing if it is webbing. */
  cloth?: Role;
}

/** How far what closes and carries it stands out of a board, mm. */
export interface StandsOut {
  left: number;
  right: number;
  top: number;
}

/** One side of the solved thing with everything on it. */
export interface Board extends Omit<BoardPlan, 'tab'> {
  rooms: BoardRoom[];
  holders: BoardHolder[];
  tab: BoardTab | undefined;
  grips: BoardGrip[];
  straps: BoardStrap[];
  snaps: { x: number; y: number }[];
  /** Stitching along the edges, so far from them; 0 for none. */
  topstitch: number;
}

/** How much room a board asks for beside itself. */
export function standsOut({ tab, grips }: Pick<Board, 'tab' | 'grips'>): StandsOut {
  const at = (edge: BoardTab['edge']) => (tab?.edge === edge ? tab.length : 0);
  const over = grips.map(({ drop, wide }) => drop + wide / 2);
  return { left: at('left'), right: at('right'), top: Math.max(at('top'), ...over) };
}

/** The first front of a holder; nothing if nothing lies before its things. */
export const frontOf = ({ layers }: Pick<BoardHolder, 'layers'>): BoardFront | undefined =>
  layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []))[0];
