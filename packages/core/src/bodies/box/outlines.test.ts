import { expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import { boundsOf } from '../../geometry/outline.ts';
import { boxPieces } from './outlines.ts';

const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });
const sizes = { width: 200, depth: 100, height: 60, taper: 2 };
const layer = { width: mm(200), depth: mm(100), height: mm(60), taper: mm(2) };

// of what sizes a piece is told to be wide and high, held against its outline
test.each(['cross', 'strip', 'five'] as const)(
  'the pieces of a box are as large as they are told to be: %s',
  (making) => {
    const told = (sides: Partial<Record<keyof typeof sizes, number>>): number =>
      (Object.keys(sizes) as (keyof typeof sizes)[]).reduce((sum, side) => sum + (sides[side] ?? 0) * sizes[side], 0);
    for (const { id, stitch, width, height } of boxPieces(layer, making)) {
      const bounds = boundsOf(stitch);
      expect([id, told(width), told(height)]).toEqual([id, bounds.width, bounds.height]);
    }
  },
);

test('a cross of 200 x 100 and walls of 60 that lean in by 1 each is 200 + 2 x 60 - 2 across', () => {
  const [cross] = boxPieces(layer, 'cross');
  const { width, height } = boundsOf(cross!.stitch);
  expect([width, height]).toEqual([318, 218]);
});
