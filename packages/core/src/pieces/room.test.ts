import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { openBounds } from '../testing/room-witness.ts';
import type { NamedLine, Room } from './room.ts';

const solved = demoDesigns.map((design) => solveDesign(design));
const withRooms = solved.flatMap((solution) => solution.rooms.map((room) => ({ solution, room })));

/** A room with one of its lines under another name. */
function misnamed({ rings, ...room }: Room, change: (line: NamedLine) => NamedLine): Room {
  const [ring, ...others] = rings;
  const [wall, ...walls] = ring!.walls;
  return { ...room, rings: [{ ...ring!, walls: [{ ...wall!, left: change(wall!.left) }, ...walls] }, ...others] };
}

describe('rooms are named by the pieces and lines that bound them', () => {
  test('those of the demo designs close', () => {
    expect(withRooms.flatMap(({ solution, room }) => openBounds(solution, room))).toEqual([]);
    expect(withRooms.length).toBeGreaterThan(60);
  });

  test('nothing in them is a size', () => {
    const numbers = JSON.stringify(withRooms.map(({ room }) => room.rings)).match(/:\s*-?\d/g);
    expect(numbers).toBeNull();
  });

  test('the witness sees a line that is not there', () => {
    for (const { solution, room } of withRooms)
      expect(
        openBounds(
          solution,
          misnamed(room, () => ({ line: 'nowhere' })),
        ),
      ).not.toEqual([]);
  });

  test('and a wall that ends at the line of another room', () => {
    const wrong = withRooms.flatMap(({ solution, room }) => {
      const [holder] = room.id.match(/^holders\/[^/]+/)!;
      const other = solution.rooms.find(({ id }) => !id.startsWith(holder));
      if (!other) return [];
      const [wall] = other.rings[0]!.walls;
      return [
        openBounds(
          solution,
          misnamed(room, () => wall!.left),
        ).length,
      ];
    });
    expect(wrong.length).toBeGreaterThan(30);
    // two pockets that are caught in one seam of the body do meet there
    expect(wrong.filter((faults) => faults === 0).length).toBeLessThan(wrong.length / 10);
  });
});
