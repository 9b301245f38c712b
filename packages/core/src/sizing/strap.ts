import { byRule, sum, times, type Derived, type Rule } from '../derived/derived.ts';

export const strapMethods = ['fourfold', 'tube', 'turned-in', 'webbing'] as const;
export type StrapMethod = (typeof strapMethods)[number];

const arc: Rule = {
  id: 'strap',
  formula: '2 × √(drop² + (spread / 2)²)',
  source: 'geometry: two straight legs up to the hand',
};

export interface Strap {
  method: StrapMethod;
  finished: Derived;
  /** Of a turned tube, mm. */
  seam: Derived;
  /** Turned in at each edge before it is halved, mm. */
  turnIn: Derived;
  drop: Derived;
  /** Between its two ends, mm. */
  spread: Derived;
  /** Straight part under the hand, mm; 0 for a soft strap that peaks. */
  grip: Derived;
  /** Of each end, buried in the bag, mm. */
  embed: Derived;
}

const cutWidths: Record<StrapMethod, (strap: Strap) => Parameters<typeof sum>[1]> = {
  fourfold: ({ finished }) => [times(4, finished)],
  tube: ({ finished, seam }) => [times(2, finished), times(2, seam)],
  'turned-in': ({ finished, turnIn }) => [times(2, finished), times(2, turnIn)],
  webbing: ({ finished }) => [finished],
};

/** What to cut for a strap or handle. All mm. */
export function strap(given: Strap): { cutWidth: Derived; cutLength: Derived } {
  const { method, drop, spread, grip, embed } = given;
  const legs = byRule(arc, 'both legs', 2 * Math.hypot(drop.value, spread.value / 2), [drop, spread]);
  return {
    cutWidth: sum('cut width', cutWidths[method](given)),
    cutLength: sum('cut length', [legs, grip, times(2, embed)]),
  };
}
