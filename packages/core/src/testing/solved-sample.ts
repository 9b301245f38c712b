import fc from 'fast-check';
import type { DesignDocument } from '../document/design-document.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { runs, seed as firstSeed } from './any-design.ts';
import { keepDesign } from './fixtures.ts';

/** Beyond this many the solutions are not kept: a deep run would not go into memory. */
const KEPT = 400;

/** What a property looks at: a random design, how it is solved, and what else was drawn with it. */
export type Look<T> = (design: DesignDocument, solution: Solution, drawn: T) => void;

/** Random designs of a family, made and solved once for all properties that look at them: each property still sees as many as
 * it asks for. The first one that fails is shrunk and kept in `testing/fixtures`.
 * @param drawn what is drawn at random beside each design
 * @returns what looks at so many designs, many more with ZINDLE_DEEP */
export function solvedSample<T>(
  family: string,
  any: fc.Arbitrary<DesignDocument>,
  drawn: fc.Arbitrary<T>,
): (count: number, look: Look<T>) => void {
  const seed = firstSeed();
  const all = fc.tuple(any, drawn);
  let made: [DesignDocument, T][] = [];
  const solved = new Map<DesignDocument, Solution>();
  const solutionOf = (design: DesignDocument, keep: boolean) => {
    const solution = solved.get(design) ?? solveDesign(design);
    if (keep) solved.set(design, solution);
    return solution;
  };
  return (count, look) => {
    const numRuns = runs(count);
    if (made.length < numRuns) made = [...made, ...sampled(all, seed, numRuns).slice(made.length)];
    for (const [design, more] of made.slice(0, numRuns)) {
      try {
        look(design, solutionOf(design, numRuns <= KEPT), more);
      } catch (error) {
        throw shrunk({ family, seed, numRuns, all, look }, design, error);
      }
    }
  };
}

/** The values that a check with this seed looks at, in order. */
const sampled = <T>(any: fc.Arbitrary<T>, seed: number, numRuns: number): T[] =>
  fc
    .sample<[T]>(
      fc.property<[T]>(any, () => true),
      { seed, numRuns },
    )
    .map(([value]) => value);

interface Failing<T> {
  family: string;
  seed: number;
  numRuns: number;
  all: fc.Arbitrary<[DesignDocument, T]>;
  look: Look<T>;
}

/** The failure again, of the least design that shows it. */
function shrunk<T>({ family, all, look, ...params }: Failing<T>, failed: DesignDocument, error: unknown): Error {
  const again = fc.check(
    fc.property(all, ([design, drawn]) => look(design, solveDesign(design), drawn)),
    params,
  );
  const [least] = again.counterexample ?? [];
  const kept = keepDesign(family, least?.[0] ?? failed);
  return new Error(
    `kept as ${kept}, of ZINDLE_SEED=${params.seed}: ${again.failed ? fc.defaultReportMessage(again) : String(error)}`,
  );
}
