import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { polygonArea } from '../geometry/outline.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { formOf } from './form.ts';
import { skinOf } from './skin.ts';
import { viewOf, type ViewOptions } from './view.ts';

const solidOf = (id: string) => {
  const { pieces, seams } = solveDesign(demoDesigns.find((design) => design.id === id)!);
  const skin = skinOf(pieces, seams, ['exterior']);
  return formOf(skin.pieces, skin.seams);
};
const view = (id: string, options?: ViewOptions) => viewOf(solidOf(id), options);

describe('a solid as it is seen', () => {
  test('straight from the front it is as wide and as high as it is', () => {
    const { width, height } = view('field-organizer', { turn: 0, above: 0 });
    // 199 wide; walls of 144 and the band of 13.5
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([199, 157.5]);
  });

  test('straight from above its mouth is seen from inside, as large as the base', () => {
    const { width, height, faces } = view('field-organizer', { turn: 0, above: Math.PI / 2 });
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([199, 94.5]);
    const base = faces.find(({ piece }) => piece === 'body/shell-base')!;
    expect(base.inside).toBe(true);
    expect(Math.abs(polygonArea(base.points))).toBeCloseTo(199 * 94.5, 3);
  });

  test('a case without a mouth lies with its lid up', () => {
    const { width, height } = view('refractometer-case', { turn: 0, above: 0 });
    expect(Math.abs(width - 208)).toBeLessThan(0.5);
    expect(Math.abs(height - 67.5)).toBeLessThan(0.5);
  });

  test('what is nearer comes later', () => {
    const { faces } = view('logger-bag', { turn: 0, above: 0 });
    const outside = faces.map(({ inside }) => inside);
    // the back is seen from inside and first, the front from outside and last
    expect([outside[0], outside.at(-1)]).toEqual([true, false]);
  });

  test('a round wall has no edges but its rims', () => {
    const { faces } = view('sieve-bag');
    const wall = faces.filter(({ piece }) => piece === 'body/shell-wall');
    const upright = wall.flatMap(({ lines }) => lines.filter(({ from, to }) => Math.abs(from[1] - to[1]) > 60));
    expect(wall.length).toBeGreaterThan(40);
    expect(upright).toEqual([]);
    expect(wall.some(({ lines }) => lines.some(({ kind }) => kind === 'rim'))).toBe(true);
  });

  test('the slit of a zipped pouch looks up', () => {
    const { width, height, faces } = view('lens-pouch', { turn: 0, above: 0 });
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([92.5, 28]);
    const upwards = view('lens-pouch', { turn: 0, above: Math.PI / 2 }).faces.at(-1)!;
    expect(upwards.lines.some(({ kind }) => kind === 'rim')).toBe(true);
    expect(faces.at(-1)!.inside).toBe(false);
  });

  test.each(['double-tube', 'tide-jacket', 'permit-bifold'])(
    'of what is folded flat (%s) the outside is seen',
    (id) => {
      const { faces } = view(id);
      expect(faces.at(-1)!.inside).toBe(false);
      expect(faces.some(({ inside }) => inside)).toBe(true);
    },
  );

  test('more light falls on what looks up than on what looks away from it', () => {
    const { faces } = view('refractometer-case');
    const light = (piece: string) => faces.find((face) => face.piece === piece)!.light;
    expect(light('body/shell-lid')).toBeGreaterThan(light('body/shell-hinge'));
  });
});
