import type { Derived } from '../derived/derived.ts';
import type { LayerUse } from './layers.ts';
import type { Layer, Role } from '../document/design-document.ts';
import type { Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';

export type EdgeId = string;

/** A fold, numbered in folding order. `valley`: right sides meet; `mountain`: wrong sides meet. */
export interface Fold {
  id: string;
  order: number;
  kind: 'valley' | 'mountain';
  from: Point;
  to: Point;
}
/** How a piece lies in the finished, full thing: bent along a line that parts it, from edge to edge. Not drawn. A lining is
 * told as if it were turned right side out. */
export interface Bend {
  from: Point;
  to: Point;
  /** How far it is bent, rad: positive if the right side comes out convex. */
  angle: number;
  /** Only about so far: its seams say how far exactly. */
  free?: boolean;
  /** Spread evenly over so much cloth to both sides of the line together, mm; default 0, a crease. */
  over?: number;
  /** Opened, the piece lies flat here. */
  opens?: boolean;
}
/** A notch on an edge, mm from the edge's start; notches of one id meet when the seam is sewn. */
export interface Notch {
  id: string;
  edge: EdgeId;
  at: number;
  /** What it is called on the piece and in the steps, such as `A1`; notches at one place have one name. */
  name?: string;
  /** Names of the notches that come to lie on it. */
  meets?: readonly string[];
}
/** Which side of the cloth shows in the finished thing, or does not. */
export type ClothSide = 'right' | 'wrong';
/** How the cloth lies under a piece: its warp along the height of the piece, across it, at 45° to it, or as it comes. */
export type Grain = 'along' | 'across' | 'bias' | 'any';
/** The edge of the piece that is up in the finished thing; `turns`: it is folded over, and its print stands on its head behind
 * the fold. */
export type PrintUp = 'top' | 'bottom' | 'left' | 'right' | 'turns';

export interface Mark {
  id: string;
  kind: 'placement' | 'snapCap' | 'snapSocket';
  at: Point;
  label: string;
  /** The side that it is drawn on; default the right side. */
  side?: ClothSide;
  /** What is set here: its id on the hardware shelf, which half of it, and how far round it must stay clear, mm. */
  hardware?: { id: string; half: 'upper' | 'lower'; radius: number };
}
/** Stitching on the face of a piece. */
export interface StitchLine {
  id: string;
  from: Point;
  to: Point;
  label: string;
  /** The side that it is drawn on; default the right side. */
  side?: ClothSide;
}
/** A part of an edge left open for turning, mm from the edge's start. */
export interface TurningGap {
  edge: EdgeId;
  from: number;
  to: number;
  /** Why, if not to turn. */
  label?: string;
}

/** A piece as a holder, body or closure asks for it; drawn right side up, origin at a corner of the stitch line. */
export interface PieceDraft {
  /** Stable path, such as `holders/A/strip`. */
  id: string;
  name: string;
  role: Role;
  stitch: Outline;
  /** Size along the stitch lines, mm. */
  width: Derived;
  height: Derived;
  /** Allowance of each edge, mm. */
  allowance: Record<EdgeId, Derived>;
  /** The edges whose allowances add to the width and to the height. */
  spans: { across: [EdgeId, EdgeId]; up: [EdgeId, EdgeId] };
  /** The top must be marked: the piece looks the same both ways, its marks do not. */
  topArrow?: boolean;
  folds?: Fold[];
  bends?: Bend[];
  notches?: Notch[];
  marks?: Mark[];
  lines?: StitchLine[];
  gaps?: TurningGap[];
  /** How many are cut; default one. */
  count?: number;
  /** Default along the height; what is cut with the ruler, as it comes. */
  grain?: Grain;
  /** Default its top edge. */
  printUp?: PrintUp;
  /** The piece through whose gap it is put in; default the gap that all of the body is turned through. */
  goesThrough?: string;
  /** Cut from the outer cloth of its role alone: small pieces and straps do without what stiffens or pads it. */
  plain?: boolean;
  /** Its own layers, whatever its role has. */
  layers?: readonly Layer[];
  /** Cut larger by so much at an edge, and trimmed to size later, mm. */
  rough?: Record<EdgeId, Derived>;
  /** Edges whose allowance the maker has set. */
  ownEdges?: readonly EdgeId[];
  /** Cut with the ruler from something on the hardware shelf (webbing, ribbon, tape): no pattern piece is printed. */
  cutFrom?: string;
  note?: string;
}

/** An outline along which a piece is cut, and its sides, mm. */
export interface CutLine {
  outline: Outline;
  width: Derived;
  height: Derived;
}

/** A piece to cut. */
export interface Piece {
  id: string;
  /** The piece that it stiffens from inside, if it is a trimmed layer. */
  layerOf?: string;
  /** Pieces that are cut alike share one. */
  letter: string;
  /** Cut from the pattern of its letter turned over. */
  mirrored?: boolean;
  name: string;
  role: Role;
  grain: Grain;
  printUp: PrintUp;
  /** Ids of what lies on it, from its face upwards. */
  liesOn: readonly string[];
  /** The materials it is cut from, once each. */
  materials: string[];
  /** Its layers from the right side inwards, and how each is held; of an inner layer that one. */
  layers: readonly LayerUse[];
  count: number;
  stitch: Outline;
  allowance: Record<EdgeId, number>;
  cut: Outline;
  cutWidth: Derived;
  cutHeight: Derived;
  /** What it is trimmed to before it is sewn to others, if it is cut larger than that, and the edges that it is larger at. */
  trim?: CutLine & { at: readonly EdgeId[] };
  /** Edges whose allowance the maker has set. */
  ownEdges?: readonly EdgeId[];
  topArrow: boolean;
  folds: Fold[];
  bends: Bend[];
  notches: Notch[];
  marks: Mark[];
  lines: StitchLine[];
  gaps: TurningGap[];
  /** Cut with the ruler; no pattern piece is printed. */
  byRuler?: boolean;
  /** The piece through whose gap it is put in; default the gap that all of the body is turned through. */
  goesThrough?: string;
  note?: string;
}

/** The part of an edge that a piece is turned through, if it has one. */
export const turningGapOf = ({ gaps }: Pick<Piece, 'gaps'>): TurningGap | undefined =>
  gaps.find(({ label }) => label === undefined);
