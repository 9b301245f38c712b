/** What is done in the work, as data: a verb and what it is done to, by the ids of pieces, seams, folds, marks and rooms. Sizes are not
 * repeated where pieces and seams tell them: how wide an allowance is, what is eased and which gap stays open follows from those. */
export type Action =
  | Measure
  | Cut
  | Mark
  | Hold
  | Sew
  | Topstitch
  | Fold
  | Pleat
  | Hem
  | Clip
  | Trim
  | Turn
  | Press
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

/** The printed square, before anything is cut. */
interface Measure {
  verb: 'measure';
  what: 'scale';
}

interface Cut {
  verb: 'cut';
  pieces: readonly string[];
}

/** Notches, folds, lines and places, from the pattern onto the cloth. */
interface Mark {
  verb: 'mark';
  pieces: readonly string[];
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
  facing?: 'rightToRight' | 'wrongToRight';
  /** Where what is sewn points to that has a free end. */
  pointing?: 'inwards';
  /** Pieces that lie between the layers and stay clear of the needle, or all that is sewn on already. */
  between?: readonly string[] | 'all';
  /** A room whose mouth stays open beside it. */
  leavesOpen?: string;
}

/** A row that is seen, beside edges or folds of a piece. */
export interface Topstitch {
  verb: 'topstitch';
  piece: string;
  /** Edges or folds; default all round. */
  along?: readonly string[];
  /** From the finished edge, mm. */
  distance: number;
  /** Sizes count on it: no further in. */
  noFurther?: boolean;
  /** It closes the gap that the work was turned through. */
  closesGap?: boolean;
  /** The room whose mouth that is. */
  mouthOf?: string;
}

interface Fold {
  verb: 'fold';
  piece: string;
  fold: string;
  /** Which sides meet. */
  sides: 'wrong' | 'right';
}

/** Folds pressed in their order, so that they make pockets. */
interface Pleat {
  verb: 'pleat';
  piece: string;
  pockets: number;
  /** Between its stitch lines afterwards, mm. */
  height: number;
}

interface Hem {
  verb: 'hem';
  pieces: readonly string[];
  edge: string;
}

interface Clip {
  verb: 'clip';
  pieces: readonly string[];
  /** So far apart round a curve, mm; default only at the corners. */
  every?: number;
}

/** Allowances cut away at the corners; or a piece that was cut larger, to its size. */
interface Trim {
  verb: 'trim';
  pieces: readonly string[];
  to: 'corners' | 'size';
}

interface Turn {
  verb: 'turn';
  pieces: readonly string[];
  /** The piece whose gap it goes through; default the edge that is open. */
  through?: string;
}

interface Press {
  verb: 'press';
  pieces: readonly string[];
}

export interface SetHardware {
  verb: 'setHardware';
  hardware: string;
  half: 'upper' | 'lower';
  piece: string;
  mark: string;
  /** How far it lies from an edge that is named, mm. */
  from?: { distance: number; edge: string };
}

/** What goes in there, before the layer closes. */
interface TryIn {
  verb: 'tryIn';
  /** Ids of holders. */
  holders: readonly string[];
}

/** What is looked at before it is too late. */
interface Inspect {
  verb: 'inspect';
  what: Inspection;
}

export type Inspection = 'halvesFace' | 'notTwisted';

/** Pieces that an action takes in hand. */
export function piecesOf(action: Action, sewn: (seam: string) => readonly string[]): string[] {
  if ('pieces' in action) return [...action.pieces];
  if ('seams' in action) return action.seams.flatMap((id) => sewn(id));
  if ('to' in action) return [action.to, ...(action.layer ? [action.layer] : [])];
  return 'piece' in action ? [action.piece] : [];
}
