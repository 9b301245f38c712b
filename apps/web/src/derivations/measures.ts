import type { Derived } from '@zindle/core';

/** Follows the parts that a maker has opened, as far as they still exist. */
export function followInto(from: Derived, into: readonly number[]): Derived[] {
  const trail = [from];
  for (const index of into) {
    const next = trail[trail.length - 1]!.inputs[index]?.from;
    if (!next) break;
    trail.push(next);
  }
  return trail;
}
