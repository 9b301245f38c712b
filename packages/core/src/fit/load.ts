import type { Addend, Derived } from '../derived/derived.ts';
import type { PackedThings, Pile, Thing } from './things.ts';

/** What stands in a room, and how its mouth is. */
export interface Load {
  /** Its own things. */
  things: readonly Thing[];
  /** Its own, beside each other. */
  own: readonly Pile[];
  /** All that lies within its walls, beside each other. */
  piles: readonly Pile[];
  /** Loose things in their places. */
  packed?: PackedThings;
  /** They lie one above another. */
  tower?: boolean;
  /** Cloth between what lies behind and its front, mm. */
  between: Derived;
  /** Front and back meet above it. */
  shut: boolean;
  /** What the closure takes of each wall below its mouth; empty for none. */
  taken: readonly Addend[];
  /** How long the loop is that lets them in; nothing where all of the mouth opens. mm */
  opening?: Derived;
  ease: { across: Derived; deep: Derived };
}

/** What lies between the things and each wall of a ring, from the rings within it, mm. */
export type Within = (wall: number) => Derived;
