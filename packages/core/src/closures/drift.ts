import type { Beneath, SizedBody } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { FlapResult } from '../sizing/flap.ts';
import { radiusOf } from './fasteners.ts';

/** How thick a piece is beneath what closes it.
 * @param down so far down the front it goes, mm */
export function beneathOf({ closing, closedThickness, emptyThickness }: SizedBody, down: number): Beneath {
  if (closing.kind === 'mouth' && closing.beneath) return closing.beneath(down);
  return { full: closedThickness, empty: emptyThickness };
}

/** Empty, a flap reaches further than full: whether its fastener forgives that, or does not even meet the front.
 * @param what the flap, tab or strap that carries it
 * @param about the closure or part
 * @param front how far the front reaches from its edge, mm; nothing if it is not known */
export function driftFinding(
  { drift, mateEmpty }: Pick<FlapResult, 'drift' | 'mateEmpty'>,
  fastener: Hardware,
  what: string,
  about: string,
  front?: Derived,
): Finding[] {
  const { name, driftTolerated } = fastener;
  if (drift.value <= driftTolerated) return [];
  const misses = front !== undefined && mateEmpty.value > front.value - radiusOf(fastener) + 1e-9;
  const most = front ? front.value - radiusOf(fastener) : 0;
  return [
    {
      code: 'closure.drift',
      severity: misses ? 'stop' : 'watch',
      about: [about],
      numbers: { drift: drift.value },
      limit: driftTolerated,
      text: misses
        ? say`Empty, the ${what} reaches ${mm(drift.value)} further than full, past the end of the front: its fastener (${name}) lies ${mm(mateEmpty.value)} from the edge then, and the front has room to ${mm(most)}. Let less stand in it, choose a tie or a zipper, or make the front higher.`
        : say`Empty, the ${what} reaches ${mm(drift.value)} further than full; the fastener (${name}) forgives ${mm(driftTolerated)}. It is set for the full piece and stands a little loose when empty.`,
    },
  ];
}
