import { expect, test } from '@jest/globals';
import { hostRun } from './seat.ts';

const seat = { host: { piece: 'front', width: 100, height: 80 }, x: 10, y: 20 };

test('a stretch along a side of a seat is told along the edge of its host, of the top and the left from their other end', () => {
  const edgeOf = (side: 'bottom' | 'right' | 'top' | 'left') => hostRun(seat, side, 5, 25);
  expect(edgeOf('bottom')).toEqual({ piece: 'front', parts: [{ edge: 'bottom', from: 15, to: 35 }] });
  expect(edgeOf('right')).toEqual({ piece: 'front', parts: [{ edge: 'right', from: 25, to: 45 }] });
  expect(edgeOf('top')).toEqual({ piece: 'front', parts: [{ edge: 'top', from: 65, to: 85, reversed: true }] });
  expect(edgeOf('left')).toEqual({ piece: 'front', parts: [{ edge: 'left', from: 35, to: 55, reversed: true }] });
});
