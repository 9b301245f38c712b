import { nothing } from '../derived/constants.ts';
import { byRule, halfOf, minus, readFromCut, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import type { Reading } from './clearance.ts';
import { heldOf, standsOut } from './deep.ts';
import type { Load, Within } from './load.ts';
import { widest, type Pile, type Thing } from './things.ts';

const leanRule: Rule = {
  id: 'fitting',
  formula: '√(wall² - ((base - thickness) / 2)²)',
  source: 'geometry: a wall from the edge of the base to where it meets the other, taut over the thing',
};

const BOTH = ['left', 'right'] as const;

/** A front and a back whose lower corners are sewn across: things stand whole on a base, which takes its depth of both walls. */
export function fitBoxed(
  { walls, corners = [], boxed = BOTH }: Ring,
  load: Load,
  parts: CutParts,
  inner: Within,
): Reading[] {
  const { piles, ease } = load;
  const cloth = walls.map((wall, index) => parts.cloth(wall, inner(index)));
  const reach = cloth.reduce((most, each) => (each.reach.value > most.value ? each.reach : most), cloth[0]!.reach);
  const length = corners.reduce((total, id) => total + parts.seamLength(id), 0) / 2;
  const base = readFromCut('base, as its corners are sewn', length, walls[0]!.piece);
  const both = times(2, reach);
  const row =
    load.packed?.across ??
    sum(
      'side by side',
      piles.map(({ across }) => across),
    );
  const thick =
    load.packed?.thick ??
    widest(
      'the thickest',
      piles.map((pile) => pile.thick),
    );
  const flat = walls.map((wall) => parts.between('clear, line to line', wall, wall.left, wall.right));
  const narrow = flat.reduce((least, each) => (each.value < least.value ? each : least), flat[0]!);
  const share = boxed.map(() => minus(halfOf('half of the base', base)));
  return [
    {
      direction: 'across',
      required: sum('things and walls', [row, both]),
      available: sum('between the sides of the base', [narrow, ...share]),
      ease: ease.across,
    },
    { direction: 'thick', required: sum('things and walls', [thick, both]), available: base, ease: ease.across },
    ...walls.flatMap(({ base: bottom, mouth, low }, index): Reading[] => {
      if (!bottom || !mouth || low) return [];
      const whole = parts.between('bottom to mouth', walls[index]!, bottom, mouth);
      const high = sum('base to mouth', [whole, minus(halfOf('half of the base', base)), ...load.taken]);
      return piles.flatMap((pile) =>
        pile.things.map((thing) => deepOn(thing, pile, high, base, cloth[index]!.reach, load)),
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
  { shut, ease }: Load,
): Reading {
  const { key } = thing;
  const required = heldOf(thing, shut);
  const room = shut
    ? leaning(available, thick, base, reach)
    : sum('base to mouth, above the cloth', [available, minus(reach)]);
  return {
    direction: 'deep',
    required,
    available: room,
    ease: standsOut(thing, shut) ? nothing : ease.deep,
    lines: [key],
  };
}

/** How high something may stand under walls that lean in from the edges of the base to where they meet above it, mm. */
function leaning(wall: Derived, thick: Derived, base: Derived, reach: Derived): Derived {
  const over = Math.max(0, thick.value - base.value) / 2;
  const spare = Math.max(0, base.value - thick.value) / 2;
  const straight = wall.value - over - thick.value / 2 - (1 + Math.PI / 2) * reach.value;
  const high = Math.sqrt(Math.max(0, straight * straight - spare * spare));
  return byRule(leanRule, 'room below the leaning walls', high, [wall, thick, base, reach]);
}
