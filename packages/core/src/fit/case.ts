import { byRule, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { farthest, narrowest, type Load, type RingCloth } from './load.ts';

const cornerRule: Rule = {
  id: 'fitting',
  formula: '2 × (R - √(R² - (R - beside)²)), R = radius of the room less that of the thing',
  source: 'geometry: a round corner within a rounder one',
};

/** How much longer a room must be at one round end than what lies in its middle, by the place that this leaves on its other two sides: a
 * corner that is less round than the room's must stay within the arc. mm
 * @param rounder how much larger the radius of the room is
 * @param beside what is left on each of the other sides */
export function endTakes(rounder: number, beside: number): number {
  const off = Math.min(rounder, Math.max(0, rounder - beside));
  return rounder > 0 ? rounder - Math.sqrt(rounder * rounder - off * off) : 0;
}

/** The same of a room that is round at both ends. */
export const cornerTakes = (rounder: number, beside: number): number => 2 * endTakes(rounder, beside);

/** Two panels with round corners and a gusset between them: what lies in it is within the rounded outline, and as high as the gusset
 * is wide. */
export function fitCase(ring: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const { over, floor } = ring;
  const halves = over ? [ring, over] : [ring];
  const panels = halves.flatMap((half) => (half.floor ? [parts.panel(half.floor)] : []));
  const [hinge] = ring.walls;
  if (!floor || !hinge?.base || !hinge.mouth) return [];
  const wall = farthest(cloth.walls);
  const walls = times(2, wall);
  const [wide, high] = [narrowest(panels.map((panel) => panel.wide)), narrowest(panels.map((panel) => panel.high))];
  const [whole] = load.piles.flatMap(({ things }) => things);
  if (!whole) return [];
  const { across, thick, deep, round } = whole;
  const radius = Math.max(...panels.map((panel) => panel.radius)) - wall.value;
  const rounder = Math.max(0, radius - round);
  const beside = (room: Derived, thing: Derived) => (room.value - 2 * wall.value - thing.value) / 2;
  const corners = (room: Derived, thing: Derived): Derived =>
    byRule(cornerRule, 'round corners', cornerTakes(rounder, beside(room, thing)), [room, thing]);
  const both = [cloth.floor, cloth.over?.floor ?? cloth.floor].flatMap((each) => each?.reach ?? []);
  return [
    {
      direction: 'across',
      required: sum('things, walls and corners', [across, walls, corners(high, thick)]),
      available: wide,
      ease: load.ease.across,
    },
    {
      direction: 'thick',
      required: sum('things, walls and corners', [thick, walls, corners(wide, across)]),
      available: high,
      ease: load.ease.across,
    },
    {
      direction: 'deep',
      required: sum('things and both panels', [deep, ...load.onWalls, ...both]),
      available: parts.between('from panel to panel', hinge, hinge.base, hinge.mouth),
      ease: load.ease.deep,
    },
  ];
}
