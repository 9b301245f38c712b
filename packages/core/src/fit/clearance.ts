import type { Derived } from '../derived/derived.ts';
import type { Clearance } from '../pieces/clearance.ts';

/** What a thing clears, and in which room of its holder. */
export interface FittedClearance extends Clearance {
  room: string;
  /** Of a thing that gives, what it clears as thick as it comes: `clearance` is of the pressed one. mm */
  atRest?: Derived;
  /** Of how deep it goes, in a room that nothing closes over. */
  standing?: Standing;
}

/** How a thing stands in an open mouth. All mm. */
export interface Standing {
  /** How much of it really stands out above the mouth; less than nothing if it lies below. */
  shows: number;
  /** How much of it was meant to. */
  wished: number;
  /** How long it is, from its foot to its upper end. */
  deep: number;
  /** What the mouth has to spare across when the thing is as small, and as little pressed, as it may be; nothing where
   * the mouth is not meant to hold it. */
  slack?: number;
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
