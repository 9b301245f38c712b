/** A corner of a bag laid flat, so that one seam lies on the other or on a fold, and sewn across. */
export interface Box {
  verb: 'box';
  seams: readonly string[];
  /** What comes to lie on each other. */
  onto: 'seam' | 'fold' | 'middle' | 'bottomOnSide';
  /** It is not cut out: its line is marked, and it is trimmed after it has been tried. */
  marked?: boolean;
}

/** A row along lines that are marked, through all layers that lie there. */
export interface Stitch {
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
export interface Tack {
  verb: 'tack';
  pieces: readonly string[];
  how: 'pinAway' | 'tape' | 'whip' | 'baste' | 'basteSides';
}

/** Raw edges that stay inside: those of seams, held together, or an edge by itself. */
export interface Zigzag {
  verb: 'zigzag';
  pieces: readonly string[];
  /** The seams whose raw edges they are; or the edges, by name. */
  beside: readonly string[] | { edges: readonly string[] };
}

/** Folded over a raw edge, or over an end, and stitched. */
export interface Bind {
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

export interface Hem {
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
