import { byRule, type Derived } from '../derived/derived.ts';

/** How much longer cloth is than what it goes round, for so many quarters of a turn.
 * @param reach from that to the middle of the outermost layer that does not give, mm
 * @param id of the rule that it is part of
 * @returns mm */
export const clothTurn = (label: string, quarters: 1 | 2, reach: Derived, id = 'tube-width'): Derived =>
  byRule(
    {
      id,
      formula: quarters === 1 ? 'π/2 × reach' : 'π × reach',
      source: 'geometry: perimeter of a parallel convex body (Steiner)',
    },
    label,
    (quarters * Math.PI * reach.value) / 2,
    [reach],
  );
