import { MM_PER_INCH } from './length.ts';

/** What a maker who thinks in inches takes in place of a size in millimetres: the finer, the smaller it is (common practice: 6 mm is
 * 1/4 in, 2 mm 1/16 in, 12 mm 1/2 in). Up to how many mm, and in how many parts of an inch. */
const STEPS: readonly [mm: number, parts: number][] = [
  [0.9, 64],
  [1.5, 32],
  [20, 16],
  [45, 8],
  [150, 4],
  [Infinity, 2],
];

/** A length in the fractions of an inch that are used for one so long, mm; nothing stays nothing. */
export function inInches(mm: number): number {
  const [, parts] = STEPS.find(([most]) => mm <= most)!;
  const count = Math.round((mm / MM_PER_INCH) * parts);
  return mm === 0 ? 0 : (Math.max(1, count) * MM_PER_INCH) / parts;
}
