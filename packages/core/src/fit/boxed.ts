import { nothing } from '../derived/constants.ts';
import { byRule, halfOf, minus, readFromCut, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import type { Reading } from './clearance.ts';
import { heldOf, standsOut } from './deep.ts';
import { farthest, narrowest, rowOf, thickestOf, type Load, type RingCloth } from './load.ts';
import type { Pile, Thing } from './things.ts';

const leanRule: Rule = {
  id: 'fitting',
  formula: '√(wall² - ((base - thickness) / 2)²)',
  source: 'geometry: a wall from the edge of the base to where it meets the other, taut over the thing',
};

const BOTH = ['left', 'right'] as const;

/** From front to back of the base that its corners make, mm. */
export function baseOf({ corners = [], walls }: Ring, parts: CutParts): Derived {
  const length = corners.reduce((total, id) => total + parts.seamLength(id), 0) / 2;
  return readFromCut('base, as its corners are sewn', length, walls[0]!.piece);
}

/** A front and a back whose lower corners are sewn across: things stand whole on a base, which takes its depth of both walls. */
export function fitBoxed(ring: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const { own, ease } = load;
  const { walls, boxed = BOTH } = ring;
  const base = baseOf(ring, parts);
  const both = times(2, farthest(cloth.walls));
  const narrow = narrowest(walls.map((wall) => parts.between('clear, line to line', wall, wall.left, wall.right)));
  const share = boxed.map(() => minus(halfOf('half of the base', base)));
  return [
    {
      direction: 'across',
      required: sum('things and walls', [rowOf(load), both]),
      available: sum('between the sides of the base', [narrow, ...share]),
      ease: ease.across,
    },
    {
      direction: 'thick',
      required: sum('things and walls', [thickestOf(load), both]),
      available: base,
      ease: ease.across,
    },
    ...walls.flatMap(({ base: bottom, mouth, low }, index): Reading[] => {
      if (!bottom || !mouth || low) return [];
      const whole = parts.between('bottom to mouth', walls[index]!, bottom, mouth);
      const high = sum('base to mouth', [whole, minus(halfOf('half of the base', base)), ...load.taken]);
      return own.flatMap((pile) =>
        pile.things.map((thing) => deepOn(thing, pile, high, base, cloth.walls[index]!.reach, load)),
      );
    }),
  ];
}

/** From the edge of the base up: straight, or leaning in to where the walls meet above it. */
function deepOn(
  thing: Thing,
  { thick }: Pile,
  available: Derived,
  base: Derived,
  reach: Derived,
  { shut, ease, beneath }: Load,
): Reading {
  const held = heldOf(thing, shut);
  const required = beneath.length > 0 ? sum('thing, on what lies on the base', [held, ...beneath]) : held;
  const room = shut
    ? leaning(available, thick, base, reach)
    : sum('base to mouth, above the cloth', [available, minus(reach)]);
  return {
    direction: 'deep',
    required,
    available: room,
    ease: standsOut(thing, shut) ? nothing : ease.deep,
    lines: [thing.key],
  };
}

/** How high something may stand under walls that lean in from the edges of the base to where they meet above it, mm. */
function leaning(wall: Derived, thick: Derived, base: Derived, reach: Derived): Derived {
  const over = Math.max(0, thick.value - base.value) / 2;
  const spare = Math.max(0, base.value - thick.value) / 2;
  const straight = Math.max(0, wall.value - over - thick.value / 2 - (1 + Math.PI / 2) * reach.value);
  const high = Math.sqrt(Math.max(0, straight * straight - spare * spare));
  return byRule(leanRule, 'room below the leaning walls', high, [wall, thick, base, reach]);
}
