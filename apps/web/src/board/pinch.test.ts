import { describe, expect, test } from '@jest/globals';
import { fitted, panned, seen, zoomedAt } from './camera.ts';
import { pinch, type Pinched } from './pinch.ts';

const room = { width: 800, height: 600 };
const flat = { scale: 2, x: (mm: number) => 100 + 2 * mm, y: (mm: number) => 500 - 2 * mm };
const moved = (camera: typeof fitted, { factor, at, by }: Pinched) => panned(zoomedAt(camera, factor, at, room), by);

describe('two fingers on a board', () => {
  test('what lies under each of them stays under it', () => {
    const hand = pinch();
    hand.down(1, [300, 300]);
    hand.down(2, [400, 300]);
    // mm below the fingers: x 100 and 150
    let camera = fitted;
    for (const [finger, x] of [
      [1, 250],
      [2, 470],
      [1, 210],
    ] as const)
      camera = moved(camera, hand.move(finger, [x, 300])!);
    const frame = seen(flat, camera, room);
    expect(frame.x(100)).toBeCloseTo(210, 6);
    expect(frame.x(150)).toBeCloseTo(470, 6);
    expect(frame.y(100)).toBeCloseTo(300, 6);
  });

  test('both moved alike, it is moved and not zoomed', () => {
    const hand = pinch();
    hand.down(1, [300, 300]);
    hand.down(2, [400, 300]);
    const camera = [1, 2].reduce(
      (now, finger) => moved(now, hand.move(finger, [finger === 1 ? 340 : 440, 320])!),
      fitted,
    );
    expect(camera.zoom).toBeCloseTo(1, 6);
    const frame = seen(flat, camera, room);
    expect([frame.x(100), frame.y(100)]).toEqual([expect.closeTo(340, 6), expect.closeTo(320, 6)]);
  });

  test('one alone, one that was lifted, and one that never came down do nothing', () => {
    const hand = pinch();
    hand.down(1, [0, 0]);
    expect(hand.move(1, [50, 0])).toBeUndefined();
    expect(hand.pinching()).toBe(false);
    hand.down(2, [100, 0]);
    expect(hand.pinching()).toBe(true);
    hand.up(1);
    expect(hand.move(2, [300, 0])).toBeUndefined();
    expect(hand.move(9, [300, 0])).toBeUndefined();
  });

  test('fingers on the same place do not zoom without end', () => {
    const hand = pinch();
    hand.down(1, [100, 100]);
    hand.down(2, [100, 100]);
    const { factor } = hand.move(2, [108, 100])!;
    expect(factor).toBe(1);
  });
});
