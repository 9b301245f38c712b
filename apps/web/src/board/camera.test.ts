import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fitted, panned, seen, zoomedAt, type Camera } from './camera.ts';
import { fitFrame } from './frame.ts';

const room = { width: 700, height: 500 };
const margins = { left: 40, right: 40, top: 40, bottom: 40 };
const frame = fitFrame({ width: 208, height: 94, room, margins, most: 3 });

describe('camera', () => {
  test('as it fits, nothing is changed', () => {
    const same = seen(frame, fitted, room);
    expect(same.scale).toBe(frame.scale);
    expect(same.x(10)).toBeCloseTo(frame.x(10), 9);
    expect(same.y(20)).toBeCloseTo(frame.y(20), 9);
  });
  test('zooming about a place leaves what is under it there', () => {
    const px = fc.integer({ min: 0, max: 500 });
    fc.assert(
      fc.property(px, px, fc.double({ min: 0.5, max: 2, noNaN: true }), px, px, (x, y, factor, dx, dy) => {
        const before: Camera = { zoom: 1.5, dx: dx - 250, dy: dy - 250 };
        const now = seen(frame, before, room);
        const mm: [number, number] = [(x - now.x(0)) / now.scale, (now.y(0) - y) / now.scale];
        const after = seen(frame, zoomedAt(before, factor, [x, y], room), room);
        expect(after.x(mm[0])).toBeCloseTo(x, 6);
        expect(after.y(mm[1])).toBeCloseTo(y, 6);
        expect(after.scale).toBeCloseTo(now.scale * factor, 6);
      }),
    );
  });
  test('it stays within its range', () => {
    expect(zoomedAt(fitted, 1000, [0, 0], room).zoom).toBe(16);
    expect(zoomedAt(fitted, 0.0001, [0, 0], room).zoom).toBe(0.25);
  });
  test('panning moves by px', () => {
    const moved = seen(frame, panned(fitted, [12, -7]), room);
    expect([moved.x(0) - frame.x(0), moved.y(0) - frame.y(0)]).toEqual([expect.closeTo(12, 9), expect.closeTo(-7, 9)]);
  });
});
