import type { Aside, Facing, Meet, MouthWay, Sew } from './sew.ts';

export type { Aside, Facing, Meet, MouthWay, Sew, Twice } from './sew.ts';

/** What is done in the work, as data: a verb and what it is done to, by the ids of pieces, seams, folds, marks and rooms. Sizes are not
 * repeated where pieces and seams tell them: how wide an allowance is, what is eased and which gap stays open follows from those. */
export type Action =
  | Measure
  | Cut
  | Mark
  | Hold
  | Lay
  | Nest
  | Sew
  | Box
  | Stitch
  | Topstitch
  | Tack
  | Zigzag
  | Bind
  | Fold
  | TurnIn
  | Pleat
  | Hem
  | Clip
  | Nick
  | Slit
  | Trim
  | Turn
  | CloseGap
  | Insert
  | Bend
  | FoldBand
  | Loop
  | HookAndLoop
  | Attach
  | HandSew
  | Press
  | Seal
  | Thread
  | MoveSlider
  | SetHardware
  | TryIn
  | Inspect;

export type Verb = Action['verb'];
/** An action of one verb. */
export type ActionOf<V extends Verb> = Action extends infer A
  ? A extends { verb: infer Own }
    ? V extends Own
      ? A
      : never
    : never
  : never;

/** The printed square before anything is cut; or a size that pieces have come to. */
interface Measure {
  verb: 'measure';
  what: 'scale' | 'ring' | 'cloth';
  /** What is measured. */
  pieces?: readonly string[];
  /** What a ring must measure along its stitch line, mm. */
  length?: number;
  /** Where it is put right. */
  correctAt?: string;
}

interface Cut {
  verb: 'cut';
  pieces: readonly string[];
}

/** Notches, folds, lines and places, from the pattern onto the cloth; or only the middles that meet. */
interface Mark {
  verb: 'mark';
  pieces: readonly string[];
  what?: 'middles';
}

/** An inner layer held to the wrong side of its cloth: one that goes into the seams, or a piece of its own that ends at them. */
interface Hold {
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
interface Nest {
  verb: 'nest';
  inner: readonly string[];
  outer: readonly string[];
  /** Which sides of both face each other. */
  facing: 'right' | 'wrong';
  at: Extract<Meet, 'sideSeams' | 'corners'>;
}

/** A corner of a bag laid flat, so that one seam lies on the other or on a fold, and sewn across. */
interface Box {
  verb: 'box';
  seams: readonly string[];
  /** What comes to lie on each other. */
  onto: 'seam' | 'fold' | 'middle' | 'bottomOnSide';
  /** It is not cut out: its line is marked, and it is trimmed after it has been tried. */
  marked?: boolean;
}

/** A row along lines that are marked, through all layers that lie there. */
interface Stitch {
  verb: 'stitch';
  piece: string;
  lines: readonly string[];
  /** What else it goes through; default nothing. */
  through?: readonly string[];
  /** All round. */
  round?: boolean;
  /** Through the lining too. */
  lining?: boolean;
}

/** A row that is seen, beside edges or folds of a piece. */
export interface Topstitch {
  verb: 'topstitch';
  piece: string;
  /** Edges or folds; default all round. */
  along?: readonly string[];
  /** What it is called instead, such as the mouth of the bag. */
  place?: 'mouth' | 'zipper' | 'bandEdge' | 'ring' | 'root' | 'window' | 'freeEdge' | 'foldedEnd' | 'tab';
  /** From the finished edge, mm. */
  distance: number;
  /** Sizes count on it: no further in. */
  noFurther?: boolean;
  /** Through all that lies there; default the piece with what is sewn to it. */
  through?: readonly string[];
  /** It closes the gap that the work was turned through. */
  closesGap?: boolean;
  /** The room whose mouth that is. */
  mouthOf?: string;
  /** Pieces that it does not go beyond. */
  within?: readonly string[];
}

/** Held by a few stitches or pins where no seam holds it. */
interface Tack {
  verb: 'tack';
  pieces: readonly string[];
  how: 'pinAway' | 'tape' | 'whip' | 'baste' | 'basteSides' | 'glue' | 'catch';
}

/** Raw edges that stay inside, held together. */
interface Zigzag {
  verb: 'zigzag';
  pieces: readonly string[];
}

/** Folded over a raw edge, or over an end, and stitched. */
interface Bind {
  verb: 'bind';
  by: string;
  over: readonly string[];
  /** The edge that it covers; default all round. */
  edge?: string;
  place?: 'cutCorners' | 'allowances' | 'tapeEnds';
  /** Seams that hold it. */
  seams?: readonly string[];
  /** Where its ends lap. */
  lap?: 'sideSeams' | 'hinge';
  /** From one to the other, where both ends are bound, mm. */
  apart?: number;
  /** So far from the end, mm. */
  deep?: number;
}

interface Fold {
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
  /** What goes into the fold, such as a ring. */
  over?: string;
}

/** Allowances turned to the wrong side and pressed. */
interface TurnIn {
  verb: 'turnIn';
  pieces: readonly string[];
  /** Edges; default those that lie free. */
  edges: readonly string[];
}

/** Folds pressed in their order, so that they make pockets; or pleats folded towards the sides. */
interface Pleat {
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

interface Hem {
  verb: 'hem';
  pieces: readonly string[];
  /** Edges; `all` of them. */
  edges: readonly string[] | 'all';
  /** Rows that it is stitched in; default one. */
  rows?: number;
  /** Round the mouth of a bag: one side of it at the needle. */
  round?: boolean;
  /** Once, by the turning and by what stays for a cord, mm. */
  channel?: { turn: number; deep: number };
}

interface Clip {
  verb: 'clip';
  pieces: readonly string[];
  /** So far apart round a curve, mm; default only at the corners. */
  every?: number;
}

/** A tape nicked so that it bends. */
interface Nick {
  verb: 'nick';
  piece: string;
  /** mm */
  every: number;
}

/** The cloth of a window cut open within its stitching. */
interface Slit {
  verb: 'slit';
  pieces: readonly string[];
  /** From its ends, mm. */
  to: number;
}

/** Allowances cut away; or a piece that was cut larger, to its size; or a tail cut off. */
interface Trim {
  verb: 'trim';
  pieces: readonly string[];
  to: 'corners' | 'size' | 'padding' | 'even' | 'length' | 'tape' | 'tail';
  /** A ready-made one that can be cut down to it, mm. */
  readyMade?: number;
}

interface Turn {
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
  /** What is drawn out first. */
  first?: string;
}

/** A gap that the work was turned through: its edges turned in and stitched to each other. */
interface CloseGap {
  verb: 'closeGap';
  piece: string;
}

/** Something put into what is made: a lining, a pad, a board. */
interface Insert {
  verb: 'insert';
  pieces: readonly string[];
  /** Where: another piece, or behind it. */
  into: string;
  way: 'pushed' | 'ownMouth' | 'throughGap' | 'throughMouth' | 'channel' | 'upToSeam' | 'glued';
  /** How high the channel is, mm. */
  high?: number;
  /** Clear of seams, mm. */
  clear?: number;
}

/** A strip of cloth made into a band. */
interface FoldBand {
  verb: 'foldBand';
  piece: string;
  /** Its rows lie so far from both edges, mm. */
  distance: number;
}

/** An end, or all of it, folded through a ring or round a hook. */
interface Loop {
  verb: 'loop';
  piece: string;
  /** On the hardware shelf; default folded on itself. */
  hardware?: string;
  /** Turned under and stitched with a box and a cross, twice. */
  cross?: boolean;
}

/** Both halves of a hook-and-loop, on two straps that lap. */
interface HookAndLoop {
  verb: 'hookAndLoop';
  soft: string;
  rough: string;
}

/** Held to others at its marks, where it has no seam of its own. */
interface Attach {
  verb: 'attach';
  piece: string;
  to: readonly string[];
  how: 'cross' | 'baste' | 'sink' | 'fold';
  /** How much of it lies there, mm. */
  deep?: number;
  /** The middle of each end, mm. */
  aside?: Aside;
  pointing?: 'inwards' | 'down' | 'up';
}

/** A wire bent at both ends. */
interface Bend {
  verb: 'bend';
  piece: string;
  /** Between its bends, and each end, mm. */
  bar: number;
  leg: number;
}

/** A few stitches by hand. */
interface HandSew {
  verb: 'handSew';
  piece: string;
  what: 'channelEnd';
}

interface Press {
  verb: 'press';
  pieces: readonly string[];
  /** Where allowances go; default the work as it is. */
  allowances?: 'open' | 'oneSide' | 'otherSide' | 'in';
  /** They go towards that piece. */
  towards?: string;
  what?: 'mouth' | 'pleats' | 'hem' | 'fan';
  /** Pieces that the iron keeps off. */
  noIron?: readonly string[];
}

/** Ends that fray. */
interface Seal {
  verb: 'seal';
  pieces: readonly string[];
}

/** A cord drawn into its casing. */
interface Thread {
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
  why?: 'turning' | 'inTheWay';
}

export interface SetHardware {
  verb: 'setHardware';
  hardware: string;
  /** Which half; default all of it. */
  half?: 'upper' | 'lower';
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
interface TryIn {
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
interface Inspect {
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
  | 'trimmedLater'
  | 'lieFree';

/** What is not safe for the hands, or in use; told before what it warns of. */
export type Caution = 'flame' | 'magnets' | 'neck' | 'cords' | 'needleZipper';
