import { byRule, halfOf, largest, minus, sum, times, type Rule } from '../derived/derived.ts';
import type { Ring, RoomWall } from '../pieces/room.ts';
import { endTakes } from './case.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { narrowest, type Load, type RingCloth } from './load.ts';
import { around, clothRound } from './tube.ts';

const cornerRule: Rule = {
  id: 'fitting',
  formula: 'R - √(R² - (R - beside)²)',
  source: 'geometry: a corner within a round one',
};

/** Two faces that meet at their base, and a zipper between them at both sides and round the other end: crosswise it goes round the things
 * with what shows of the zipper at both sides, lengthwise at one end; there the round corners take what the things leave beside them. */
export function fitFaced({ walls }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const shows = sum('zipper that shows', [...load.shows]);
  const across = around(walls, cloth.walls, load, parts, [times(2, shows)]);
  const { required, available } = across;
  const beside = Math.max(0, (available.value - required.value) / 2);
  const radius = Math.max(...walls.map((wall) => radiusOf(wall, parts)));
  // rigid things are not bent over the edge with it
  const begins = largest('where it lies flat', [
    ...walls.flatMap(({ base }) => (base ? [parts.beside(base)] : [])),
    ...(load.overRoot ? [load.overRoot] : []),
  ]);
  const long = sum('to its end, and half of the zipper', [
    narrowest(walls.map((wall) => parts.farthest('from its base to its end', wall))),
    minus(begins),
    halfOf('half of the zipper', shows),
  ]);
  const round = clothRound(cloth.walls);
  return [
    across,
    ...load.own.flatMap(({ things, thick }) =>
      things.map(({ deep, key, round: own }): Reading => {
        const rounder = Math.max(0, radius - own);
        const corner = byRule(cornerRule, 'round corners', endTakes(rounder, beside), [available, required]);
        return {
          direction: 'deep',
          required: sum('half of the way round, lengthwise', [deep, thick, round, corner]),
          available: long,
          ease: load.ease.deep,
          lines: [key],
        };
      }),
    ),
  ];
}

const radiusOf = ({ piece, roundEnd = [] }: RoomWall, parts: CutParts): number =>
  parts.panel({ piece, bounds: roundEnd }).radius;
