import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';

/** Empty, a flap reaches further than full: whether its fastener forgives that.
 * @param what the flap, tab or strap that carries it
 * @param about the closure or part */
export function driftFinding(
  drift: Derived,
  { name, driftTolerated }: Hardware,
  what: string,
  about: string,
): Finding[] {
  if (drift.value <= driftTolerated) return [];
  return [
    {
      code: 'closure.drift',
      severity: 'watch',
      about: [about],
      numbers: { drift: drift.value },
      limit: driftTolerated,
      text: say`Empty, the ${what} reaches ${mm(drift.value)} further than full; the fastener (${name}) forgives ${mm(driftTolerated)}. It is set for the full piece and stands a little loose when empty.`,
    },
  ];
}
