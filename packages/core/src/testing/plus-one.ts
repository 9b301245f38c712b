import type { Derived } from '../derived/derived.ts';

/** A rule that is wrong by one (mm, turn, ...), for checking that a test notices. */
export const plusOne =
  <Args extends unknown[]>(rule: (...given: Args) => Derived) =>
  (...given: Args): Derived => {
    const right = rule(...given);
    return { ...right, value: right.value + 1 };
  };
