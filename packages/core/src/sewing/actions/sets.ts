import type { Aside } from './sew.ts';

/** An inner layer held to the wrong side of its cloth: one that goes into the seams, or a piece of its own that ends at them. */
export interface Hold {
  verb: 'fuse' | 'basteLayer';
  /** The piece that is held by it. */
  to: string;
  /** Ids of its materials. */
  materials: readonly string[];
  /** Its own piece, where it has one. */
  layer?: string;
  /** It could be ironed on, but the cloth does not bear the heat. */
  noHeat?: boolean;
}

/** An end, or all of it, folded through a ring or round a hook. */
export interface Loop {
  verb: 'loop';
  piece: string;
  /** On the hardware shelf; default folded on itself. */
  hardware?: string;
  /** Turned under and stitched with a box and a cross, twice. */
  cross?: boolean;
}

/** Both halves of a hook-and-loop, on two straps that lap. */
export interface HookAndLoop {
  verb: 'hookAndLoop';
  soft: string;
  rough: string;
}

/** Held to others at its marks, where it has no seam of its own. */
export interface Attach {
  verb: 'attach';
  piece: string;
  to: readonly string[];
  how: 'cross' | 'sink' | 'fold';
  /** How much of it lies there, mm. */
  deep?: number;
  /** The middle of each end, mm. */
  aside?: Aside;
  pointing?: 'inwards' | 'down' | 'up';
}

/** A cord drawn into its casing. */
export interface Thread {
  verb: 'thread';
  piece: string;
  /** Two of them, from opposite sides. */
  both?: boolean;
}

export interface MoveSlider {
  verb: 'moveSlider';
  /** The piece that is the zipper, or its tape. */
  zipper: string;
  to: 'half' | 'open' | 'closed' | 'middle' | 'inside' | 'on' | 'onOne' | 'onBoth';
  /** Why; default nothing is told. */
  why?: 'turning';
}

export interface SetHardware {
  verb: 'setHardware';
  hardware: string;
  half: 'upper' | 'lower';
  piece: string;
  /** Ids of the marks where it is set. */
  mark: string | readonly string[];
  /** How far it lies from an edge that is named, mm. */
  from?: { distance: number; edge: string };
  /** How far below the mouth, mm. */
  below?: number;
  /** No stitching nearer to it than that, mm. */
  keepClear?: number;
  /** Through this one layer only. */
  single?: boolean;
  /** Through this one layer only, a scrap behind its plate. */
  backed?: boolean;
  /** Through a pocket, whose back stays free. */
  pockets?: readonly string[];
}

/** What goes in there, before the layer closes; default everything. */
export interface TryIn {
  verb: 'tryIn';
  /** Ids of holders. */
  holders?: readonly string[];
  /** Before the last seam closes it. */
  early?: boolean;
  /** On the thing, closed round it. */
  closed?: boolean;
  /** Before each row of the same step. */
  each?: boolean;
  /** A fastener, laid over where its mate is marked, with everything in it. */
  fastener?: { over: string; mark: string; distance?: number; edge?: string };
}

/** What is looked at before it is too late. */
export interface Inspect {
  verb: 'inspect';
  what: Inspection;
}

export type Inspection =
  | 'halvesFace'
  | 'notTwisted'
  | 'outsideOut'
  | 'hangsLevel'
  | 'sameWay'
  | 'endsMeet'
  | 'reachesPast'
  | 'marksLast'
  | 'stopsClear'
  | 'noIron'
  | 'stopsOff'
  | 'trimmedLater';
