import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Verb } from '../actions/action.ts';

/** Something about the work that is true or is not, such as that a seam is sewn: its sort and what it is about. */
export type Fact = `${Sort}:${string}`;
/** What is done: `cut`, `marked`, `held` (an inner layer), `made` (the own work of a piece), `slit`, `sewn` (a seam), `faced` (a piece is
 * sewn with right sides inside), `folded`, `turned`,
 * `out` (the body is right side out), `nested` (its layers lie in each other), `settled` (its lining is pushed in), `cased` (a cord has its
 * casing), `set` (half of a fastener, at its mark),
 * `passed` (the work has gone through its gap). What holds until something ends it: `flat` (a piece is in no tube or bag), `single` (nothing lies on its back), `loose` (it
 * is sewn to nothing that it lies on), `open` (a seam is not sewn yet), `gap` (what the work is turned through is not closed). */
type Sort =
  | 'cut'
  | 'marked'
  | 'held'
  | 'made'
  | 'slit'
  | 'sewn'
  | 'faced'
  | 'folded'
  | 'turned'
  | 'out'
  | 'nested'
  | 'settled'
  | 'cased'
  | 'passed'
  | 'set'
  | 'flat'
  | 'single'
  | 'loose'
  | 'open'
  | 'gap';

/** What an action asks of the work, and what it does to it. */
export interface Effects {
  /** Must have been done before, where anything in the work does it. */
  reads: readonly Fact[];
  /** Is done by it. */
  writes: readonly Fact[];
  /** Must still hold. */
  wants: readonly Fact[];
  /** Holds no more after it. */
  ends: readonly Fact[];
  /** Comes after these by habit: it is ordered so, but could be done otherwise. */
  habits: readonly Fact[];
}

/** What effects are worked out from. */
export interface Table {
  piece(id: string): Piece | undefined;
  seam(id: string): Seam | undefined;
  seams: readonly Seam[];
  /** Seams that a piece lies in. */
  seamsOf(piece: string): readonly Seam[];
  /** Ids of the inner layers of a piece. */
  layersOf(piece: string): readonly string[];
  /** How a seam is sewn, by the action that does it. */
  verbOf(seam: string): Verb | undefined;
}
