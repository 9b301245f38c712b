import type { Facing, Meet, MouthWay } from './sew.ts';

/** The printed square before anything is cut; or a size that pieces have come to. */
export interface Measure {
  verb: 'measure';
  what: 'scale' | 'ring' | 'cloth';
  /** What is measured. */
  pieces?: readonly string[];
  /** What a ring must measure along its stitch line, mm. */
  length?: number;
  /** Where it is put right. */
  correctAt?: string;
}

export interface Cut {
  verb: 'cut';
  pieces: readonly string[];
}

/** Notches, folds, lines and places, from the pattern onto the cloth; or only the middles that meet. */
export interface Mark {
  verb: 'mark';
  pieces: readonly string[];
  what?: 'middles';
}

/** Laid on another and pinned, before it is sewn. */
export interface Lay {
  verb: 'lay';
  pieces: readonly string[];
  onto: string;
  facing: Facing;
  at: Meet;
  /** Where its mouth looks; default up. */
  mouth?: MouthWay;
  /** What of it lies below. */
  down?: 'hinge';
  /** Things lie in it meanwhile. */
  filled?: boolean;
}

/** A bag in another, or a ring over it. */
export interface Nest {
  verb: 'nest';
  inner: readonly string[];
  outer: readonly string[];
  /** Which sides of both face each other. */
  facing: 'right' | 'wrong';
  at: Extract<Meet, 'sideSeams' | 'corners'>;
}

export interface Fold {
  verb: 'fold';
  piece: string;
  fold: string;
  /** Which sides meet. */
  sides: 'wrong' | 'right';
  /** So much of it comes up, mm. */
  by?: number;
  /** Equal at both ends. */
  level?: boolean;
  /** It is only pressed, and opened again. */
  opened?: boolean;
}

/** Allowances turned to the wrong side and pressed. */
export interface TurnIn {
  verb: 'turnIn';
  pieces: readonly string[];
  /** Edges; default those that lie free. */
  edges: readonly string[];
}

/** Folds pressed in their order, so that they make pockets; or pleats folded towards the sides. */
export interface Pleat {
  verb: 'pleat';
  piece: string;
  /** Pockets that it makes; default none. */
  pockets?: number;
  /** Between its stitch lines afterwards, mm. */
  height?: number;
  /** Pressed with two guides of cardboard. */
  guides?: boolean;
  /** It is longer than what it is sewn to by so much, mm. */
  fuller?: number;
}

export interface Clip {
  verb: 'clip';
  pieces: readonly string[];
  /** So far apart round a curve, mm; default only at the corners. */
  every?: number;
}

/** A tape nicked so that it bends. */
export interface Nick {
  verb: 'nick';
  piece: string;
  /** mm */
  every: number;
}

/** The cloth of a window cut open within its stitching. */
export interface Slit {
  verb: 'slit';
  pieces: readonly string[];
  /** From its ends, mm. */
  to: number;
}

/** Allowances cut away; or a piece that was cut larger, to its size. */
export interface Trim {
  verb: 'trim';
  pieces: readonly string[];
  to: 'corners' | 'size' | 'padding' | 'even' | 'length' | 'tape';
  /** A ready-made one that can be cut down to it, mm. */
  readyMade?: number;
}

export interface Turn {
  verb: 'turn';
  pieces: readonly string[];
  /** The piece whose gap it goes through; default the edge that is open. */
  through?: string;
  /** A zipper that it goes through too. */
  zipper?: string;
  /** Through a side that is still open. */
  side?: boolean;
  /** Through the window that was cut there. */
  window?: boolean;
  /** What it is turned to; default right side out. */
  out?: 'right' | 'wrong';
}

/** A gap that the work was turned through: its edges turned in and stitched to each other. */
export interface CloseGap {
  verb: 'closeGap';
  piece: string;
}

/** Something put into what is made: a lining, a pad, a board. */
export interface Insert {
  verb: 'insert';
  pieces: readonly string[];
  /** Where: another piece, or behind it. */
  into: string;
  way: 'pushed' | 'ownMouth' | 'throughGap' | 'channel' | 'upToSeam' | 'glued';
  /** How high the channel is, mm. */
  high?: number;
  /** Clear of seams, mm. */
  clear?: number;
}

/** A strip of cloth made into a band. */
export interface FoldBand {
  verb: 'foldBand';
  piece: string;
  /** Its rows lie so far from both edges, mm. */
  distance: number;
}

/** A wire bent at both ends. */
export interface Bend {
  verb: 'bend';
  piece: string;
  /** Between its bends, and each end, mm. */
  bar: number;
  leg: number;
}

/** A few stitches by hand. */
export interface HandSew {
  verb: 'handSew';
  piece: string;
  what: 'channelEnd';
}

export interface Press {
  verb: 'press';
  pieces: readonly string[];
  /** Where allowances go; default the work as it is. */
  allowances?: 'open' | 'oneSide' | 'otherSide' | 'in';
  /** They go towards that piece. */
  towards?: string;
  what?: 'mouth' | 'pleats' | 'hem' | 'fan';
}

/** Ends that fray. */
export interface Seal {
  verb: 'seal';
  pieces: readonly string[];
}
