import { byRule, type Derived } from '../derived/derived.ts';

const wrong = { id: 'wrong', formula: 'one more than it is', source: 'a fault made on purpose' };

/** A rule that is wrong by one (mm, turn, ...), for checking that a test notices. */
export const plusOne =
  <Args extends unknown[]>(rule: (...given: Args) => Derived) =>
  (...given: Args): Derived => {
    const right = rule(...given);
    return byRule(wrong, right.label, right.value + 1, [right], right.unit);
  };
