import { expect, test } from '@jest/globals';
import { wholeEdge } from '../pieces/seam.ts';
import { given } from '../derived/derived.ts';
import { seatEdges } from './seat-edges.ts';
import type { SeatPlace } from './seat.ts';

const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });

test('a doubled front bounds its room with the seam of its outer layer', () => {
  const seat: SeatPlace = {
    face: 'front',
    host: { piece: 'body/shell', width: 200, height: 150 },
    x: 20,
    y: 10,
    width: mm(100),
    height: mm(80),
    edges: {
      left: { kind: 'stitchedOn' },
      right: { kind: 'stitchedOn' },
      bottom: { kind: 'stitchedOn' },
      top: { kind: 'free' },
    },
  };
  const both = (edge: string) => [wholeEdge('pocket', edge), wholeEdge('pocket-back', edge)];
  const { joins, bounds } = seatEdges({
    id: 'A',
    seat,
    runs: { left: both('left'), right: both('right'), bottom: [wholeEdge('pocket', 'bottom')] },
  });
  expect(bounds).toEqual({ left: 'holders/A#left-front', right: 'holders/A#right-front', base: 'holders/A#bottom' });
  expect(joins.find(({ id }) => id === bounds.left)?.a.piece).toBe('pocket');
});
