import { given, largest, sum, type Derived } from '../derived/derived.ts';

/** Common practice: the mate sits this far below the edge that a tab or strap goes round. */
const BELOW = given('mate below the edge', 6, { kind: 'standard', path: 'mate/below', source: 'common practice' });

/** How far a tab lies on the front: as wished, but far enough for its fastener to meet the front at all. mm */
export const overlapFor = (wished: Derived, fastenerInset: Derived): Derived => {
  const least = sum('room for its fastener', [fastenerInset, BELOW]);
  return wished.value >= least.value ? wished : largest('lies on the front by', [wished, least]);
};
