/** How two layers face each other; the first is the side of what is laid on. */
export type Facing = 'rightToRight' | 'wrongToRight' | 'wrongToWrong' | 'rightToWrong';
/** What is brought together where two pieces meet. */
export type Meet = 'marks' | 'middles' | 'notches' | 'sideSeams' | 'corners' | 'windows' | 'foot';
/** Where the mouth of a pocket looks. */
export type MouthWay = 'left' | 'right';

/** A distance, mm, from an edge or from what is named. */
export interface Aside {
  distance: number;
  edge?: string;
  of?: 'centre' | 'sideSeam' | 'mouth' | 'base' | 'outerEdge' | 'sides';
}

/** Seams sewn by machine. */
export interface Sew {
  verb: 'sew' | 'baste' | 'edgestitch';
  /** Ids of the seams. */
  seams: readonly string[];
  /** Those of them that only lie in it too, such as of the lining of a tab: not told. */
  carries?: readonly string[];
  /** What is in hand where it is of several pieces, such as a panel with its backing; default the first piece of each seam. */
  what?: string;
  /** How the layers face each other; default right sides together where they are sewn, the wrong side on the right one otherwise. */
  facing?: Facing;
  /** Where what is sewn points to that has a free end. */
  pointing?: 'inwards' | 'down' | 'up';
  /** Pieces that lie between the layers and stay clear of the needle, or all that is sewn on already. */
  between?: readonly string[] | 'all';
  /** What lies face to that piece, of what lies between. */
  faceTo?: string;
  /** Pieces that are held away from the needle. */
  keepOut?: readonly string[];
  /** A room whose mouth stays open beside it. */
  leavesOpen?: string;
  /** What is matched first. */
  meet?: Meet;
  /** Sewn from its middle outwards, or along its lines from the edge that is named. */
  from?: 'middle' | 'mouth' | 'fold' | 'top' | 'seam' | 'middleDivider';
  /** So far below the mouth, mm. */
  beginsBelow?: number;
  /** So far from an edge of what it is sewn to, mm. */
  aside?: Aside;
  /** Neither slack nor stretched. */
  slack?: 'none';
  /** The only layer of it at the needle, at its very edge. */
  throughOnly?: string;
  /** It is wrapped round the edge of what it is sewn to, so deep at both ends, mm. */
  pinched?: { top: number; bottom: number };
  /** So far along its lines and no further, mm. */
  stopsAfter?: number;
  /** It stops there, back-tacked. */
  stopsAt?: 'mouth' | 'corners' | 'seam' | 'sides' | 'sideSeam';
  /** Where the teeth of a tape point. */
  teeth?: 'inwards';
  /** Its ends stay open. */
  endsOpen?: boolean;
  /** Along both of its edges. */
  bothEdges?: boolean;
  /** It turns at corners, the needle down. */
  turns?: boolean;
  /** From an edge that is finished already, mm. */
  fromEdge?: number;
  /** From a fold, mm, where edges that are turned in are stitched to each other. */
  fromFold?: number;
  /** Its second row, and why. */
  twice?: Twice;
  /** Sewn with a box and a cross. */
  cross?: boolean;
  /** The second piece of each pair lies on top at the needle, or the first. */
  onTop?: 'first' | 'second';
  /** The longer edge is eased by hand, neither pinned nor stretched. */
  eased?: boolean;
  /** Through a panel with all its pockets, and what it lies on. */
  throughPanel?: boolean;
  /** Through all that lies there. */
  allLayers?: boolean;
  /** A line that runs crooked robs what lies beside it. */
  crooked?: boolean;
  /** A hair more of it is taken in towards the sides, so that it lies inside. */
  smaller?: string;
  /** With short stitches. */
  small?: boolean;
  /** Back and forth on each line. */
  backAndForth?: boolean;
  /** Of what is doubled, only the layer that lies on the other. */
  oneWall?: boolean;
  /** Round a mouth, one layer of each at the needle. */
  oneLayer?: boolean;
  /** In the edge of the tape, this far from it, mm. */
  besideTeeth?: number;
  /** Sizes count on it: no further in. */
  noFurther?: boolean;
  /** Its last stitches by hand. */
  endsByHand?: boolean;
}

export type Twice = 'weight' | 'turning' | 'trues' | 'thick' | 'zipper' | 'mouth' | 'handles' | 'caught';
