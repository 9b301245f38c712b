import { byRule, readFromCut, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { narrowest, type Load, type RingCloth } from './load.ts';
import { footOf } from './things.ts';

const circleRule: Rule = { id: 'fitting', formula: 'once round / π', source: 'geometry: circumference of a circle' };

/** A wall sewn round a floor: what lies in it is no wider than both allow, and lies on what is below it. */
export function fitRound({ walls, floor }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const [wall] = walls;
  if (!wall || !floor) return [];
  const { reach } = cloth.walls[0]!;
  const across = (label: string, round: Derived) => byRule(circleRule, label, round.value / Math.PI, [round]);
  const rim = floor.bounds.reduce((total, bound) => total + parts.along('rim', floor.piece, bound).value, 0);
  const available = narrowest([
    across('across the wall', parts.across('once round the wall', wall)),
    across('across the floor', readFromCut('once round the floor', rim, floor.piece)),
  ]);
  const high = parts.up('floor to mouth', wall);
  let below: Derived[] = [cloth.floor!.reach];
  return load.things.flatMap((thing): Reading[] => {
    const { key, deep } = thing;
    const stacked = [...below, deep];
    below = stacked;
    const lines = [key];
    return [
      {
        direction: 'across',
        required: sum('thing and walls', [footOf(thing), times(2, reach)]),
        available,
        ease: load.ease.across,
        lines,
      },
      ...(high
        ? [
            {
              direction: 'deep' as const,
              required: sum('it and what lies below it', stacked),
              available: load.taken.length > 0 ? sum('floor to closure', [high, ...load.taken]) : high,
              ease: load.ease.deep,
              lines,
            },
          ]
        : []),
    ];
  });
}
