import { sum, times } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { farthest, narrowest, thickestOf, type Load, type RingCloth } from './load.ts';

/** Between a front and a back whose sides are pleated: what goes in pushes the pleats out at both sides, and opens them as far as it is
 * thick. */
export function fitCompartment({ walls }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const { ease } = load;
  const pleats = walls.filter(({ pleated }) => pleated);
  const facing = walls.filter(({ pleated }) => !pleated);
  const opens = narrowest(
    pleats.map((wall) =>
      parts.between('pleat, line to line', wall, wall.pinched?.left ?? wall.left, wall.pinched?.right ?? wall.right),
    ),
  );
  // at a pinch the pleat begins beside the divider
  const beside = walls.flatMap((wall, index) =>
    wall.pleated || pinchedAt(walls, index) ? [] : [cloth.walls[index]!.reach],
  );
  const thick = sum('things and walls', [thickestOf(load), ...load.onWalls, ...beside]);
  const flat = narrowest(facing.map((wall) => parts.between('wall, line to line', wall, wall.left, wall.right)));
  const sides = farthest(cloth.walls.filter((_, index) => walls[index]!.pleated));
  const high = parts.heights('base to mouth', walls);
  const up = high.length > 0 && sum('base to mouth', [narrowest(high), ...load.taken]);
  return [
    { direction: 'thick', required: thick, available: opens, ease: ease.thick ?? ease.across },
    ...load.things.flatMap(({ key, across, deep }): Reading[] => [
      {
        direction: 'across',
        required: sum('thing and sides', [across, times(2, sides)]),
        available: flat,
        ease: ease.across,
        lines: [key],
      },
      ...(up
        ? [
            {
              direction: 'deep' as const,
              required: sum('thing and base', [deep, sides]),
              available: up,
              ease: ease.deep,
              lines: [key],
            },
          ]
        : []),
    ]),
  ];
}

/** Whether the pleats beside a wall are pinched along it. */
function pinchedAt(walls: Ring['walls'], index: number): boolean {
  const next = walls[(index + 1) % walls.length]!;
  return next.pinched?.left !== undefined;
}
