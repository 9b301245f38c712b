import type { Point } from '../geometry/perimeter.ts';
import type { Ring, RoomWall } from '../pieces/room.ts';
import { ringGirth, upwards, type Cut } from './room-witness.ts';
import { corners, taut, type Asked, type Placed, type Witnessed } from './thing-witness.ts';

// A front and a back: lines laid taut round things, across and along a wall.

/** Half of what a ring of walls is longer than a line round points, each wall going round one half of them at its own distance. */
export function roundRing(
  cut: Cut,
  ring: Pick<Ring, 'walls'>,
  points: readonly Point[],
  reach: readonly number[],
  { inset }: Pick<Asked, 'inset'>,
): Witnessed {
  const needed = (taut(points, reach[0]!) + taut(points, reach[1] ?? reach[0]!)) / 2;
  return { form: 'tube', direction: 'across', clearance: (ringGirth(cut, ring, inset) - needed) / 2 };
}

/** How far a thing goes down along a wall from its mouth.
 * @param thick of all that lies between the walls there, mm
 * @param reach of the wall, mm */
export function alongWall(
  cut: Cut,
  wall: RoomWall,
  { own, stood }: Placed,
  thick: number,
  reach: number,
  asked: Pick<Asked, 'inset' | 'shut' | 'taken'>,
): Witnessed[] {
  const { base, mouth, low } = wall;
  if (!base || !mouth || low) return [];
  const beside = [base, mouth].reduce((sum, { inset }) => sum + (inset ? asked.inset(inset) : 0), 0);
  const high = upwards(cut, wall) - beside - asked.taken;
  const shows = !asked.shut && ((stood.mayShow ?? stood.shows)?.value ?? 0) > 0;
  const inside = shows ? 0.55 * own.deep : own.deep;
  // lengthwise: half of the line round it, or of one that is mirrored in the mouth
  const along = taut(corners(thick, asked.shut ? inside : 2 * inside), reach) / (asked.shut ? 2 : 4);
  return [{ form: 'tube', direction: 'deep', line: stood.line, clearance: high - along }];
}
