import { byRule, type Derived, type Rule } from '../derived/derived.ts';

/** What is left of each side of a thing, 0 to 1. */
export type SidesLeft = Record<'across' | 'deep' | 'thickness', number>;

/** As small as it gets. */
export const TINIEST: SidesLeft = { across: 0, deep: 0, thickness: 0 };

/** No place is made for anything smaller, mm. */
const TINY: SidesLeft = { across: 5, deep: 5, thickness: 0.5 };

const leftRule: Rule = {
  id: 'pin',
  formula: 'as much of it as a pinned size leaves room for',
  source: 'this design',
};

/** The same things as if they were smaller, so that a place can be sized for what a pinned size leaves. What really goes into
 * that place is said by the fitting. */
export const smaller = <Held extends { left?: SidesLeft }>(held: Held, left: SidesLeft): Held => ({ ...held, left });

/** A side of such a thing; one that is small already stays as it is. mm */
export function leftOf(key: keyof SidesLeft, side: Derived, share: number): Derived {
  const least = Math.min(side.value, TINY[key]);
  const left = Math.max(least, side.value * share);
  return left < side.value ? byRule(leftRule, `${side.label}, as much as is left`, left, [side]) : side;
}
