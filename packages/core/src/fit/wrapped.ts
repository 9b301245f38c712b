import { sum, times } from '../derived/derived.ts';
import { nothing } from '../derived/constants.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import type { Load, RingCloth } from './load.ts';
import { turned } from './tube.ts';

/** What goes round a closed book, from the middle of the edge of one board round its back to that of the other. */
export function fitWrapped({ walls }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const [wall] = walls;
  const [book] = load.things;
  if (!wall || !book) return [];
  const { across, thick, board = nothing, key } = book;
  const { reach } = cloth.walls[0]!;
  // half of each board's edge, and four quarters of a turn
  const turns = turned('cloth going round four edges', 4, reach);
  return [
    {
      direction: 'across',
      required: sum('round the closed book', [times(2, across), thick, board, turns]),
      available: parts.between('between the flaps', wall, wall.left, wall.right),
      ease: load.ease.across,
      lines: [key],
    },
  ];
}
