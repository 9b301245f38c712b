import { minus, sum, type Derived } from '../derived/derived.ts';

/** Room for one thing in one direction, read from the cut pieces. mm */
export interface Clearance {
  holder: string;
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

/** What is left of the room once the thing has what it asks for. */
export const clearanceOf = (reading: Omit<Clearance, 'clearance'>): Clearance => ({
  ...reading,
  clearance: sum('clearance', [reading.available, minus(reading.required)]),
});
