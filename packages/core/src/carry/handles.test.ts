import { describe, expect, test } from '@jest/globals';
import type { Params } from '../document/design-document.ts';
import { pointAlong } from '../geometry/outline.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';

const inSeam = { id: 'h', kind: 'handles', params: { at: 'seam', drop: 120, spread: 60 } };
const bag = (more: Partial<Trial> = {}) =>
  solveDesign(
    trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(300, 280, 10),
      parts: [inSeam],
      ...more,
    }),
  );

describe('handles in the mouth seam', () => {
  test.each<Params>([
    {},
    { bottom: 'seam' },
    { corners: 'mouth' },
    { corners: 'mouth', bottom: 'seam' },
    { form: 'boxed' },
  ])('of %j: both ends on front and back, 60 apart across the middle, clear of the corners', (params) => {
    const { pieces, seams, findings } = bag({ params });
    expect(findings.map(({ code }) => code)).not.toContain('part.noSeam');
    const ends = seams.filter(({ id }) => id.startsWith('parts/h/handle'));
    expect(ends.map(({ within }) => within)).toEqual([
      'body/mouth-front',
      'body/mouth-front',
      'body/mouth-back',
      'body/mouth-back',
    ]);
    const middles = ends.map(({ b }) => {
      const piece = pieces.find(({ id }) => id === b.piece)!;
      const [part] = b.parts as [{ edge: string; from: number; to: number }];
      const edge = piece.stitch.find(({ id }) => id === part.edge)!;
      const width = Math.max(...piece.stitch.map(({ from: [x] }) => x));
      expect(part.to - part.from).toBeCloseTo(25, 9);
      return Math.abs(pointAlong(edge, (part.from + part.to) / 2)[0] - width / 2);
    });
    expect(middles).toEqual([30, 30, 30, 30].map((mm) => expect.closeTo(mm, 6)));
  });
  test('each is cut for its arch and one allowance at each end', () => {
    const { pieces, parts, findings } = bag({});
    const handle = pieces.find(({ id }) => id === 'parts/h/handle')!;
    // by hand: twice the way from an end to the top, and 6 at each end
    expect(handle.cutWidth.value).toBeCloseTo(Math.ceil((2 * Math.hypot(120, 30) + 2 * 6) * 2) / 2, 9);
    expect(handle.count).toBe(2);
    expect(parts).toHaveLength(1);
    expect(findings).toEqual([]);
  });
  test.each<[string, Partial<Trial>]>([
    ['of one layer', { params: { layers: 'single' } }],
    ['too narrow for both ends', { params: { corners: 'mouth' }, item: thing(100, 70, 2) }],
  ])('a bag %s has them on its face, and that is told', (_, more) => {
    const { seams, findings, operations } = bag(more);
    expect(findings.map(({ code }) => code)).toContain('part.noSeam');
    expect(seams.filter(({ id }) => id.startsWith('parts/h/'))).toEqual([]);
    expect(operations.find(({ id }) => id === 'parts/h/handles')!.seams).toEqual([]);
  });
});
