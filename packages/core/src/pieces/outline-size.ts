import { byRule, sum, type Derived, type Rule } from '../derived/derived.ts';

/** mm */
const HAIR = 0.5;
const outlineRule: Rule = {
  id: 'outline',
  formula: 'from end to end of the outline',
  source: 'geometry: outline with its allowances',
};

/** A side of a piece as its outline has it. A corner may stand out further than its edges: what a ruler shows is told where it is off
 * by more than a hair.
 * @param parts what adds up to it, mm
 * @param whole from end to end of the outline, mm */
export function outlineSize(label: string, parts: Derived[], whole: number): Derived {
  const told = sum(label, parts);
  return Math.abs(told.value - whole) < HAIR ? told : byRule(outlineRule, label, whole, [told]);
}
