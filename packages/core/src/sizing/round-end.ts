import { byRule, type Derived, type Rule } from '../derived/derived.ts';

const rule: Rule = {
  id: 'round-end',
  formula: 'R - √(R² - (R - beside)²)',
  source: 'geometry: a square corner within a round one',
};

/** How much longer a room with round corners at one end must be than something square in its middle.
 * @param radius of those corners, mm
 * @param beside what it leaves at each side, mm
 * @returns mm, 0 where it stays clear of the corners */
export function roundEnd(radius: Derived, beside: Derived): Derived {
  const [r, off] = [radius.value, radius.value - beside.value];
  const within = Math.min(r, Math.max(0, off));
  return byRule(rule, 'clear of the round corners', r - Math.sqrt(r * r - within * within), [radius, beside]);
}
