import { nothing } from '../derived/constants.ts';
import { byRule, sum, type Rule } from '../derived/derived.ts';
import { hullRound, type Disc } from '../geometry/discs.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import type { Load, Within } from './load.ts';
import { depths } from './tube.ts';

const overRule: Rule = {
  id: 'fitting',
  formula: 'hull of the things and both ends of the back - back',
  source: 'geometry: perimeter of a convex hull',
};

const stretchRule: Rule = { id: 'fitting', formula: 'length × (1 + stretch)', source: 'geometry' };

/** A front, or a strap, over things on a back that stays flat: it goes from one end of the back over all of them to the other. */
export function fitFlatBack(ring: Ring, load: Load, parts: CutParts, within: Within): Reading[] {
  const at = ring.walls.findIndex(({ flat }) => !flat);
  const [front, back] = [ring.walls[at], ring.walls.find(({ flat }) => flat)];
  if (!front || !back) return [];
  const { reach, thick, stretch } = parts.cloth(front, within(at));
  const over = parts.between('front, line to line', front, front.left, front.right);
  const span = parts.between('back, line to line', back, back.left, back.right);
  const row = load.piles.reduce((total, { across }) => total + across.value, 0);
  const sizes = load.things.flatMap((thing) => [thing.across, thing.thick]);
  const deep = depths(ring.walls, load, parts, within);
  const taut = tautOver(load, row, span.value, reach.value);
  const required = byRule(overRule, 'taut over all of it', taut, [...sizes, span, reach]);
  if (stretch === 0) return [{ direction: 'across', required, available: over, ease: load.ease.across }, ...deep];
  // what stretches lies taut on it: it must reach over all, and the things and it must find room where it is sewn down
  const most = byRule(stretchRule, 'front, stretched', over.value * (1 + stretch), [over]);
  const under = sum('things and front', [...load.piles.map((pile) => pile.across), { times: 2, of: thick }]);
  const readings: Reading[] = [
    { direction: 'across', required, available: most, ease: load.ease.across },
    { direction: 'across', required: under, available: span, ease: nothing },
  ];
  return [...readings, ...deep];
}

/** From one end of the span over everything to the other, mm; things stand on it in its middle. */
function tautOver({ piles }: Load, row: number, span: number, reach: number): number {
  let left = (span - row) / 2;
  const discs = piles.flatMap((pile) => {
    const middle = left + pile.across.value / 2;
    left += pile.across.value;
    let low = 0;
    return pile.things.flatMap(({ section, across, thick }) => {
      const [dx, dy] = [middle - across.value / 2, low];
      low += thick.value;
      return section.map(({ x, y, r }): Disc => ({ x: x + dx, y: y + dy, r: r + reach }));
    });
  });
  // where it is sewn down its own layers lie on the back, and it goes no lower
  const ends: Disc[] = [0, span].map((x) => ({ x, y: reach, r: 0 }));
  return hullRound([...ends, ...discs], reach) - span;
}
