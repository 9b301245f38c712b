import type { DesignDocument, Solution } from '@zindle/core';
import { thingsToHold } from './things.ts';

/** How many things go into the room that they have, with the ease that is asked for: what the fitting says otherwise of is not
 * counted, nor what has no home. */
export function goingIn(document: DesignDocument, { findings }: Pick<Solution, 'findings'>): number {
  const told = new Set(
    findings
      .filter(({ code }) => code === 'clearance.tooTight' || code === 'clearance.lessThanEase')
      .flatMap(({ about }) => about),
  );
  return thingsToHold(document)
    .filter(({ held, line }) => held && !told.has(`contents/${line.id}`))
    .reduce((total, { line }) => total + line.count, 0);
}
