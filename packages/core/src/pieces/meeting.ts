import type { Derived } from '../derived/derived.ts';

/** How thick it is between two leaves at the spine that joins them, full and empty. mm */
export type Between = Readonly<Record<'full' | 'empty', Derived>>;

/** A leaf that folds over others and fastens at its edge, on the one that comes to lie beneath it. */
export interface Meeting {
  /** Of the closure. */
  id: string;
  /** The fastener in the leaf that folds over last, and its mate. */
  cap: { piece: string; mark: string };
  mate: { piece: string; mark: string };
  /** Seams of the leaves along their lower edge: the one that folds over, the one that all are folded onto, and the one whose outside
   * comes to lie beneath the first. `a` is on the outer layer, `b` on the inner. */
  leaves: Readonly<Record<'over' | 'base' | 'beneath', string>>;
  /** What lies between the base and each of the two others. */
  between: Readonly<Record<'over' | 'beneath', Between>>;
}
