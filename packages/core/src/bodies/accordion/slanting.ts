import { byRule, type Derived, type Rule } from '../../derived/derived.ts';

const rule: Rule = {
  id: 'accordion',
  formula: '√(height² + aside²)',
  source: 'geometry: a slanting side',
};

/** How long a side is that goes so far up and so far aside, mm. */
export const slanting = (label: string, up: Derived, aside: Derived): Derived =>
  byRule(rule, label, Math.hypot(up.value, aside.value), [up, aside]);
