import { minus, sum, type Derived } from '../derived/derived.ts';

/** Room for one thing in one direction, read from the cut pieces. mm */
export interface Clearance {
  holder: string;
  /** Which of its rooms. */
  room: string;
  line: string;
  name: string;
  /** `thick`: from front to back; `through`: the opening that it must pass. */
  direction: 'across' | 'thick' | 'deep' | 'through';
  required: Derived;
  available: Derived;
  clearance: Derived;
  /** The ease that the rules ask for; less is snug. */
  ease: number;
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

/** What is left of the room once the thing has what it asks for. */
export const clearanceOf = (required: Derived, available: Derived): Derived =>
  sum('clearance', [available, minus(required)]);
