import type { TurningGap } from '../pieces/piece.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import { turningGap } from '../shelves/rules/common-rules.ts';

/** Common practice: so much of an edge stays sewn beside the gap, both ends together, mm. */
export const SEWN = 20;

/** A gap for turning in the middle of an edge, as long as the house rule says or as the edge allows.
 * @param whole length of the edge, mm */
export function middleGap(edge: string, whole: number, rules: Rules): TurningGap {
  const gap = Math.min(rules.length(turningGap).value, whole - SEWN);
  return { edge, from: (whole - gap) / 2, to: (whole + gap) / 2 };
}
