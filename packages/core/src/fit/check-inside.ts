import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { ways } from './check-clearances.ts';
import type { CutParts } from './cut-parts.ts';
import { fitInside } from './fit-rooms.ts';
import type { Fitting } from './fitting.ts';

/** A case that does not close over what is sewn onto its walls, though nothing else lies in it. */
export function checkInside(fitting: Fitting, parts: CutParts): Finding[] {
  return fitInside(fitting, parts).flatMap(({ direction, required, available }): Finding[] => {
    const short = required.value - available.value;
    if (short <= 1e-6) return [];
    const text = say`It does not close over what is sewn onto its inside: ${mm(short)} are missing ${ways[direction]}. Let a pin go, or take something out.`;
    return [{ code: 'body.doesNotClose', severity: 'stop', about: ['body'], numbers: { short }, limit: 0, text }];
  });
}
