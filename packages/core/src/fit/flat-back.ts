import { nothing } from '../derived/constants.ts';
import { byRule, sum, times, type Rule } from '../derived/derived.ts';
import { hullRound, type Disc } from '../geometry/discs.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { rowOf, type Load, type RingCloth } from './load.ts';
import { discsOf } from './things.ts';
import { depths } from './tube.ts';

const overRule: Rule = {
  id: 'fitting',
  formula: 'hull of the things and both ends of the back - back',
  source: 'geometry: perimeter of a convex hull',
};

const stretchRule: Rule = { id: 'fitting', formula: 'length × (1 + stretch)', source: 'geometry' };

/** A front, or a strap, over things on a back that stays flat: it goes from one end of the back over all of them to the other. */
export function fitFlatBack({ walls }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const at = walls.findIndex(({ flat }) => !flat);
  const [front, back] = [walls[at], walls.find(({ flat }) => flat)];
  if (!front || !back) return [];
  const { reach, thick, stretch } = cloth.walls[at]!;
  const over = parts.across('front, line to line', front);
  const span = parts.across('back, line to line', back);
  const sizes = load.things.flatMap((thing) => [thing.across, thing.thick]);
  const deep = depths(walls, cloth, load, parts);
  const taut = tautOver(load, span.value, reach.value);
  const required = byRule(overRule, 'taut over all of it', taut, [...sizes, span, reach]);
  if (stretch === 0) return [{ direction: 'across', required, available: over, ease: load.ease.across }, ...deep];
  // what stretches lies taut on it: it must reach over all, and the things and it must find room where it is sewn down
  const most = byRule(stretchRule, 'front, stretched', over.value * (1 + stretch), [over]);
  const under = sum('things and front', [rowOf(load), times(2, thick)]);
  const readings: Reading[] = [
    { direction: 'across', required, available: most, ease: load.ease.across },
    { direction: 'across', required: under, available: span, ease: nothing },
  ];
  return [...readings, ...deep];
}

/** From one end of the span over everything to the other, mm; things stand on it in its middle. */
function tautOver(load: Load, span: number, reach: number): number {
  const discs = discsOf(load.piles, (span - rowOf(load).value) / 2).map((disc) => ({ ...disc, r: disc.r + reach }));
  // where it is sewn down its own layers lie on the back, and it goes no lower
  const ends: Disc[] = [0, span].map((x) => ({ x, y: reach, r: 0 }));
  return hullRound([...ends, ...discs], reach) - span;
}
