import type { Derived } from '../../derived/derived.ts';
import type { Tiers } from '../card-tiers/tiers.ts';
import type { PlacedHolder } from '../holder-kind.ts';

/** Card tiers on both leaves, pleated from one strip that goes across the fold and is its own back. All mm. */
export interface FoldTiers extends Tiers {
  /** What the tabs at its ends take of each side. */
  bound: Derived;
}

export type Placed = PlacedHolder<FoldTiers, 'across'>;
