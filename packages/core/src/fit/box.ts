import { sum, times, type Derived } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import type { Load, Within } from './load.ts';
import { widest } from './things.ts';

/** Walls all round: what stands in it is as wide and as deep as its walls and their cloth allow, and as high. */
export function fitBox({ walls, floor }: Ring, load: Load, parts: CutParts, within: Within): Reading[] {
  const { piles, packed, things, ease } = load;
  const cloth = walls.map((wall, index) => parts.cloth(wall, within(index)));
  const across =
    packed?.across ??
    sum(
      'side by side',
      piles.map((pile) => pile.across),
    );
  const thick =
    packed?.thick ??
    widest(
      'the thickest',
      piles.map((pile) => pile.thick),
    );
  // walls that face each other: the cloth of the others stands in their width
  const span = (which: 0 | 1): { available: Derived; cloth: Derived } => {
    const facing = walls.flatMap((wall, index) => (index % 2 === which ? [wall] : []));
    const widths = facing.map((wall) => parts.between('wall, line to line', wall, wall.left, wall.right));
    const beside = cloth.filter((_, index) => index % 2 !== which);
    const reach = beside.reduce((most, each) => (each.reach.value > most.value ? each.reach : most), beside[0]!.reach);
    return { available: narrowest(widths), cloth: sum('walls', [times(2, reach)]) };
  };
  const [front, side] = [span(0), span(1)];
  const under = floor ? parts.cloth({ piece: floor.piece, ...SIDES }, within(0)).reach : undefined;
  const high = walls.flatMap((wall) =>
    wall.base && wall.mouth ? [parts.between('base to mouth', wall, wall.base, wall.mouth)] : [],
  );
  const up =
    packed?.up ??
    widest(
      'the tallest',
      things.map(({ deep }) => deep),
    );
  return [
    {
      direction: 'across',
      required: sum('things and walls', [across, front.cloth]),
      available: front.available,
      ease: ease.across,
    },
    {
      direction: 'thick',
      required: sum('things and walls', [thick, side.cloth]),
      available: side.available,
      ease: ease.across,
    },
    ...(high.length > 0
      ? [
          {
            direction: 'deep' as const,
            required: sum('things and floor', [up, ...(under ? [under] : [])]),
            available: narrowest(high),
            ease: ease.deep,
          },
        ]
      : []),
  ];
}

const SIDES = { left: { edge: '' }, right: { edge: '' } };

/** The least of several sizes. */
export const narrowest = (sizes: readonly Derived[]): Derived =>
  sizes.reduce((least, each) => (each.value < least.value ? each : least));
