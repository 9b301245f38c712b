import type { Derived } from '../derived/derived.ts';
import type { Clearance } from '../pieces/clearance.ts';

/** What a thing clears, and in which room of its holder. */
export interface FittedClearance extends Clearance {
  room: string;
}

/** What is asked of a room in a direction, and what it has. mm */
export interface Reading {
  direction: Clearance['direction'];
  required: Derived;
  available: Derived;
  ease: Derived;
  /** The lines that it holds for; default all that lie in the room. */
  lines?: readonly string[];
}
