import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import type { Slab } from '../../holders/slab.ts';
import { windUp, type RollSection } from '../../sizing/roll.ts';

/** What is wound round the first thing: each later thing with its stretch, in winding order. All mm. */
export interface Winding {
  /** Round the core and its walls. */
  perimeter: number;
  others: readonly Slab[];
  sections: readonly RollSection[];
}

/** How far the ends of a stiff flat thing stand off what it is wound on, where its middle touches it. mm
 * @param wide of the thing, along the winding
 * @param radius of what is wound already */
export const standsOff = (wide: number, radius: number): number => Math.hypot(radius, wide / 2) - radius;

/** Stiff things are never bent: one that is not first in a roll must be narrow for the radius that it comes to lie on.
 * @param most that it may stand off, mm */
export function stiffInside({ perimeter, others, sections }: Winding, most: number): Finding[] {
  return others.flatMap((slab, index): Finding[] => {
    if (!slab.rigid || slab.round || !('line' in slab.of)) return [];
    const wide = slab.x1 - slab.x0;
    const radius = perimeter / (2 * Math.PI) + windUp(sections.slice(0, index), perimeter).height;
    const off = standsOff(wide, radius);
    if (off <= most + 1e-9) return [];
    const place = index + 2;
    return [
      {
        code: 'roll.stiffInside',
        severity: 'stop',
        about: ['body', `contents/${slab.of.line}`],
        numbers: { place, wide, radius, off },
        limit: most,
        text: say`${slab.label} is stiff and ${mm(wide)} wide, and lies in place ${place} of the roll, where it is ${mm(2 * radius)} across: the cloth would stand ${mm(off)} off it (at most ${mm(most)}). Put it first, at the inside end, so that the others roll round it.`,
      },
    ];
  });
}
