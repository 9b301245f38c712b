import { expect, test } from '@jest/globals';
import type { NamedLine, RoomWall } from '../../pieces/room.ts';
import { dividedRings } from './rings.ts';

// seen from outside each: the left of the back is the right of the bag
const seam = (id: string): NamedLine => ({ seam: id, side: 'a' });
const front: RoomWall = { piece: 'front', left: seam('left side'), right: seam('right side') };
const back: RoomWall = { piece: 'back', left: seam('right side'), right: seam('left side') };
const called = (line: NamedLine) => ('seam' in line ? line.seam.replace('holders/A/divider-', '') : '');
const roomBeside = (room: string, sides: ('back' | 'front')[]) =>
  dividedRings('A', room as Parameters<typeof dividedRings>[1], sides, {
    rings: [{ walls: [front, back] }],
  })[0]!.walls.map(({ piece, left, right }) => [piece.replace('holders/A/', ''), called(left), called(right)]);

test.each([
  [
    'back-left',
    [
      ['divider-back', 'back#left-lower', 'back#centre'],
      ['back', 'back#centre', 'left side'],
    ],
  ],
  [
    'back-right',
    [
      ['divider-back', 'back#centre', 'back#right-lower'],
      ['back', 'right side', 'back#centre'],
    ],
  ],
  [
    'front-left',
    [
      ['front', 'left side', 'front#centre'],
      ['divider-front', 'front#centre', 'front#left-lower'],
    ],
  ],
  [
    'front-right',
    [
      ['front', 'front#centre', 'right side'],
      ['divider-front', 'front#right-lower', 'front#centre'],
    ],
  ],
])('%s of a divider lies between its side seam and the middle', (room, walls) =>
  expect(roomBeside(room, ['back', 'front'])).toEqual(walls),
);

test('between two dividers it reaches from side to side, and from the divider to the wall where there is one', () => {
  expect(roomBeside('middle', ['back', 'front']).map(([piece]) => piece)).toEqual(['divider-front', 'divider-back']);
  expect(roomBeside('middle', ['back']).map(([piece]) => piece)).toEqual(['front', 'divider-back']);
});
