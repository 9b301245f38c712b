import { halfOf, minus, readFromCut, sum, times, type Derived } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import { box, halfHull } from './things.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { farthest, narrowest, type Load, type RingCloth } from './load.ts';
import { turned } from './tube.ts';

/** Walls from one edge of a zipper down, under and up to its other edge, closed at both ends: a box where its corners are sewn across,
 * else what goes round crosswise and lengthwise. */
export function fitZippedTube(ring: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const { walls, corners = [] } = ring;
  const along = narrowest(walls.map((wall) => parts.between('from end to end', wall, wall.left, wall.right)));
  const round = halfOf(
    'half of the way round',
    sum('all round', [...walls.flatMap((wall) => runOf(wall, parts)), ...load.shows]),
  );
  const reach = farthest(cloth.walls);
  const [whole] = load.piles.flatMap(({ things }) => things);
  if (!whole) return [];
  const { across, thick, deep } = whole;
  if (corners.length === 0) return pillow({ along, round, reach }, whole, load);
  const high = readFromCut(
    'high, as its corners are sewn',
    Math.min(...corners.map((id) => parts.seamLength(id))),
    walls[0]!.piece,
  );
  const both = times(2, reach);
  const reading = (direction: Reading['direction'], of: Derived, available: Derived, ease: Derived): Reading => ({
    direction,
    required: sum('things and walls', [of, both]),
    available,
    ease,
  });
  return [
    reading('across', across, sum('between the corners', [along, minus(high)]), load.ease.across),
    reading('thick', thick, sum('front to back', [round, minus(high)]), load.ease.across),
    reading('deep', deep, high, load.ease.deep),
  ];
}

/** A wall from the zipper to where it meets the other, or round to the zipper again, mm. */
const runOf = (wall: Ring['walls'][number], parts: CutParts): Derived[] => {
  const to = wall.beyond ?? wall.base;
  return wall.mouth && to ? [parts.between('from the zipper', wall, wall.mouth, to)] : [];
};

/** Flat, it is drawn round the things both ways. */
function pillow(
  { along, round, reach }: Record<'along' | 'round' | 'reach', Derived>,
  { across, thick, deep }: Record<'across' | 'thick' | 'deep', Derived>,
  { ease }: Load,
): Reading[] {
  const cloth = turned('cloth going round', 2, reach);
  const half = (label: string, wide: Derived): Derived => halfHull(label, box(wide.value, deep.value), [wide, deep]);
  return [
    {
      direction: 'across',
      required: sum('half of the way round', [half('half round them, lengthwise', across), cloth]),
      available: along,
      ease: ease.across,
    },
    {
      direction: 'thick',
      required: sum('half of the way round', [half('half round them, crosswise', thick), cloth]),
      available: round,
      ease: ease.across,
    },
  ];
}
