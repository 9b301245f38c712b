import type { Finding } from '../errors/finding.ts';

/** What tells a finding from others of a solution: it stays the same while its numbers change. */
export const keyOf = ({ code, about }: Finding): string => `${code} ${about.join(' ')}`;

/** What stands in the way now and did not before. */
export function newStops(before: readonly Finding[], after: readonly Finding[]): Finding[] {
  const known = new Set(before.filter(({ severity }) => severity === 'stop').map(keyOf));
  return after.filter((finding) => finding.severity === 'stop' && !known.has(keyOf(finding)));
}
