import { expect } from '@jest/globals';
import type { FittedClearance } from '../fit/clearance.ts';
import type { SolvedHolder } from '../solve/solution.ts';
import type { Checks } from './room-checks.ts';

/** Nobody cuts truer, and no less is told. mm */
const HAIR = 0.5;

/** Sizes that fall short of what the fitting asks, by kind of holder and direction, and by how much at most, mm. Each is told to the
 * maker; none may be added without a reason. */
const SHORT: Readonly<Record<string, number>> = {
  // what is wished to stand out of a mouth that is drawn shut above it
  'cavity deep': Infinity,
};
const knownShort = (
  { holder, direction, clearance, atRest = clearance, ease }: FittedClearance,
  holders: readonly SolvedHolder[],
): boolean => {
  const kind = holders.find(({ id }) => id === holder)?.kind;
  return ease - atRest.value < (SHORT[`${kind} ${direction}`] ?? 0);
};

/** What must hold of what things clear, of any design. */
export const clearanceChecks: Checks = {
  'every thing goes in with its ease, or a stop names it'(design, { holders, findings }) {
    const stopped = findings.filter(({ severity }) => severity === 'stop').flatMap(({ about }) => about);
    const clearances = holders.flatMap((holder) => holder.clearances);
    const held = new Set(clearances.map(({ line }) => line));
    for (const { id } of design.contents) if (!held.has(id)) expect(stopped).toContain(`contents/${id}`);
    const short = clearances
      .filter(({ clearance, atRest = clearance, ease }) => atRest.value < ease - HAIR)
      .filter((each) => !knownShort(each, holders));
    expect(short.map(({ room, direction, clearance, ease }) => [room, direction, clearance.value, ease])).toEqual([]);
  },

  'what does not go in, or has less than its ease, is told'(_, { holders, findings }) {
    const told = (code: string) =>
      new Set(findings.filter((finding) => finding.code === code).flatMap(({ about }) => about));
    const [tight, less] = [told('clearance.tooTight'), told('clearance.lessThanEase')];
    for (const { line, clearance, atRest = clearance, ease } of holders.flatMap((holder) => holder.clearances)) {
      if (clearance.value < -1e-6) expect([...tight]).toContain(`contents/${line}`);
      else if (atRest.value < ease - HAIR) expect([...less]).toContain(`contents/${line}`);
    }
  },
};
