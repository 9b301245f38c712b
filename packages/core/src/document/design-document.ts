import type { GridId, RulerId } from '../units/grid.ts';
import type { LengthUnit } from '../units/length.ts';
import type { Item } from '../shelves/items/item.ts';
import type { RuleSettings } from '../shelves/rules/house-rule.ts';

export const DOCUMENT_FORMAT = 'zindle-design';
export const DOCUMENT_VERSION = 1;

/** Six ways to stand: which side goes across, and which down into it; see `contents/ways.ts`. `lying` and `upright` show the broad side
 * at the front. */
export const orientations = ['lying', 'upright', 'flat', 'flat-inwards', 'edge', 'edge-lying'] as const;
export type Orientation = (typeof orientations)[number];

export const reaches = ['often', 'sometimes', 'seldom'] as const;
/** How often a thing is reached for. */
export type Reach = (typeof reaches)[number];

/** Something it must hold: so many of an item. */
export interface ContentsLine {
  id: string;
  /** Id of an item on the shelves or in `ownItems`. */
  item: string;
  /** What the maker calls it, if not by the item's own name. */
  name?: string;
  count: number;
  /** How many share one slot. */
  perHolder: number;
  orientation: Orientation;
  /** Lines of one group share a holder. */
  group?: string;
  /** How far it should stand out of where it is held, mm; default by the house rule. */
  visible?: number;
  /** Default `sometimes`; what is reached for often is placed first. */
  reach?: Reach;
}

/** How far a layer goes: into the seam; to the stitch line; to the stitch line with its corners cut off, where three padded
 * pieces meet; to the stitch line in the lower half of the piece only, to save bulk. */
export const coverages = ['full', 'trimmed', 'corners', 'half'] as const;
export type Coverage = (typeof coverages)[number];

/** A layer of a stack. */
export interface Layer {
  material: string;
  coverage: Coverage;
}

export const mainRoles = ['exterior', 'lining', 'pocket'] as const;
/** Needed by some designs only; a design that says nothing uses the standard layers. */
export const extraRoles = ['mesh', 'base'] as const;
/** Every role, the main ones first. */
export const roles = [...mainRoles, ...extraRoles] as const;
/** What a stack of layers is used for. `mesh`: what is seen through, mesh or clear film; `base`: what keeps flat. */
export type Role = (typeof roles)[number];
/** The layers of each role, as a design has them. */
export type Stacks = Record<(typeof mainRoles)[number], Layer[]> &
  Partial<Record<(typeof extraRoles)[number], Layer[]>>;

export type ParamValue = number | string | boolean;
export type Params = Record<string, ParamValue>;

/** Something that holds contents on a face of the body. */
export interface HolderEntry {
  id: string;
  kind: string;
  params: Params;
  contents: { line: string; count: number }[];
}

/** Something set on the body besides what closes it: handles, straps, a base. */
export interface PartEntry {
  id: string;
  kind: string;
  params: Params;
}

/** What the maker has written on a drawing. */
export interface DesignNote {
  id: string;
  /** Id of the board that it is pinned to, and where on it, mm. */
  board: string;
  x: number;
  y: number;
  text: string;
}

export const sharePolicies = ['keep', 'equal', 'proportional', 'last', 'named', 'set'] as const;
/** Who takes the room that is left over: nobody, all the same, by size, the last one, the one that is named, or each the part
 * that was set. */
export type SharePolicy = (typeof sharePolicies)[number];

/** Holders side by side (`row`) or one above the other from the bottom up (`column`). */
export interface ArrangementGroup {
  kind: 'row' | 'column';
  gap: number;
  share: SharePolicy;
  /** Which child takes what is left, if it is named; from 0. */
  taker?: number;
  /** What each child takes of the room that is left over, if it is set, as parts of their sum; parts that are not one for each
   * child count as alike. */
  parts?: number[];
  children: Arrangement[];
}
export type Arrangement = ArrangementGroup | { kind: 'holder'; id: string };

/** The holders of an arrangement, in their order. */
export function holdersIn(arrangement: Arrangement): string[] {
  return arrangement.kind === 'holder' ? [arrangement.id] : arrangement.children.flatMap(holdersIn);
}

const standardLayers: Record<(typeof extraRoles)[number], Layer[]> = {
  mesh: [{ material: 'mesh', coverage: 'full' }],
  base: [
    { material: 'canvas-10oz', coverage: 'full' },
    { material: 'stiffener', coverage: 'trimmed' },
  ],
};

/** The layers of every role; what the design does not say is standard. */
export const stacksOf = ({ stacks }: Pick<DesignDocument, 'stacks'>): Record<Role, Layer[]> => ({
  ...standardLayers,
  ...stacks,
});

/** What the maker has decided for one piece, whatever its role and the rules say. */
export interface OwnPiece {
  /** Id of the piece, such as `holders/A/strip`. It is kept while the design has no such piece. */
  id: string;
  /** Its layers, from the right side inwards, in place of those of its role. */
  layers?: Layer[];
  /** Allowance of an edge, by its id, mm. */
  allowance?: Record<string, number>;
  /** It is cut larger by so much at an edge, by its id, and trimmed to size later, mm. */
  rough?: Record<string, number>;
}

/** A design: what it must hold and what the maker decided. No solved sizes: those are computed from it. */
export interface DesignDocument {
  format: typeof DOCUMENT_FORMAT;
  version: typeof DOCUMENT_VERSION;
  id: string;
  name: string;
  story?: string;
  unit: LengthUnit;
  grid: GridId;
  /** Pieces are cut by a ruler that is read to this; default from the pattern, exactly. */
  ruler?: RulerId;
  contents: ContentsLine[];
  ownItems: Item[];
  stacks: Stacks;
  body: { kind: string; params: Params };
  holders: HolderEntry[];
  /** What lies on each face of the body, by face id. */
  faces: Record<string, Arrangement>;
  closure: { kind: string; params: Params };
  /** What is set on the body besides. */
  parts?: PartEntry[];
  /** Sizes fixed by the maker, by path (`body/leafWidth`, `holders/A/slotWidth`), mm. */
  pins?: Record<string, number>;
  /** Most that a finished size or thickness may be, by path (`finished/height`, `thickness/full`), mm. */
  limits?: Record<string, number>;
  rules: RuleSettings;
  /** Pieces that the maker has decided about. */
  pieces?: OwnPiece[];
  /** Pinned to the drawing. */
  notes?: DesignNote[];
  /** What is used in place of standard hardware, by the standard's id: an entry of the same kind. */
  hardware?: Record<string, string>;
}
