import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { withLowerCorners } from '../testing/lower-corners.ts';
import { polygonArea } from '../geometry/outline.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { formOf } from './form.ts';
import { skinOf } from './skin.ts';
import { tabOutline } from '../closures/tab-outline.ts';
import { viewOf, type FormView, type SeenFace, type ViewOptions } from './view.ts';

const solidOf = (id: string, change: (design: DesignDocument) => DesignDocument = (same) => same) => {
  const { pieces, seams } = solveDesign(change(demoDesigns.find((design) => design.id === id)!));
  const skin = skinOf(pieces, seams, ['exterior']);
  return formOf(skin.pieces, skin.seams);
};
const view = (id: string, options?: ViewOptions) => viewOf(solidOf(id), options);

describe('a solid as it is seen', () => {
  test('straight from the front it is as wide and as high as it is', () => {
    const { width, height } = view('field-organizer', { turn: 0, above: 0 });
    // 201 wide; walls of 151.5 and the band of 15.5
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([201, 151.5 + 15.5]);
  });

  test('straight from above its mouth is seen from inside, as large as the base', () => {
    const { width, height, faces } = view('field-organizer', { turn: 0, above: Math.PI / 2 });
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([201, 97]);
    const base = faces.find(({ piece }) => piece === 'body/shell-base')!;
    expect(base.inside).toBe(true);
    expect(Math.abs(polygonArea(base.points))).toBeCloseTo(201 * 97, 3);
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
    expect([width, height].map((side) => Number(side.toFixed(6)))).toEqual([95, 30]);
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

  describe('what goes over its mouth', () => {
    const front = { turn: 0, above: 0 };
    const [width, depth, height] = [100.5, 43, 140];
    // a strip with a half-round end, 20 below the mouth at the back
    const strap = { outline: tabOutline(30, 120), within: 20 };
    const of = (piece: string, { faces }: FormView) => faces.filter((face) => face.piece === piece);
    const range = (faces: Pick<SeenFace, 'points'>[], axis: 0 | 1): [number, number] => {
      const all = faces.flatMap(({ points }) => points.map((point) => point[axis]));
      return [Math.min(...all), Math.max(...all)];
    };

    test('hangs down at the front by what is left of it behind the mouth, and is as wide as it is', () => {
      const seen = view('logger-bag', { ...front, over: { flap: strap, grips: [] } });
      const [top, end] = range(of('flap', seen), 1);
      // the strap lies a millimetre off the cloth at either side
      expect(end - top).toBeCloseTo(120 - 20 - (depth + 2), 3);
      const [left, right] = range(of('flap', seen), 0);
      expect([left, right]).toEqual([expect.closeTo(width / 2 - 15, 3), expect.closeTo(width / 2 + 15, 3)]);
      expect(seen.height).toBeCloseTo(height + 1, 3);
      // it is in front of the wall, and its right side is seen
      expect(seen.faces.at(-1)).toMatchObject({ piece: 'flap', inside: false });
    });

    test('what it takes on its way over what stands out of the mouth does not hang down', () => {
      const seen = view('logger-bag', { ...front, over: { flap: { ...strap, crossing: 70 }, grips: [] } });
      const [top, end] = range(of('flap', seen), 1);
      expect(end - top).toBeCloseTo(120 - 20 - 70, 3);
    });

    test('from above covers the mouth from the back to the front', () => {
      const seen = view('logger-bag', { turn: 0, above: Math.PI / 2, over: { flap: strap, grips: [] } });
      const [back, end] = range(of('flap', seen), 1);
      expect(end - back).toBeCloseTo(depth + 2, 3);
      const [lid] = of('flap', seen).filter(({ points }) => Math.abs(polygonArea(points)) > 1);
      expect(Math.abs(polygonArea(lid!.points))).toBeCloseTo(30 * (depth + 2), 2);
      expect(lid!.inside).toBe(false);
    });

    test('one that is shorter than the mouth is deep hangs down nowhere', () => {
      const short = { outline: tabOutline(30, 50), within: 20 };
      const seen = view('logger-bag', { ...front, over: { flap: short, grips: [] } });
      const [top, end] = range(of('flap', seen), 1);
      expect(end - top).toBeCloseTo(0, 6);
    });

    test('handles stand over the front and the back, as high as they are and their ends apart', () => {
      const grip = { x0: -30, x1: 30, drop: 90, wide: 10 };
      const seen = view('logger-bag', { ...front, over: { grips: [grip] } });
      // a chord of a curve lies within it
      expect(seen.height).toBeGreaterThan(height + 90 + 5 - 0.5);
      expect(seen.height).toBeLessThanOrEqual(height + 90 + 5 + 1e-6);
      const mouth = seen.height - height;
      const feet = of('grip', seen).flatMap(({ points }) => points.filter(([, y]) => Math.abs(y - mouth) < 1));
      const [left, right] = range([{ points: feet }], 0);
      expect(right - left).toBeCloseTo(60 + 10, 6);
      expect((left + right) / 2).toBeCloseTo(width / 2, 6);
      const turned = view('logger-bag', { turn: Math.PI / 2, above: 0, over: { grips: [grip] } });
      // from the side both are lines, a millimetre off the cloth
      const [back, end] = range(of('grip', turned), 0);
      expect(end - back).toBeCloseTo(depth + 2, 6);
    });

    test('corners that are sewn across are no mouths: a sleeve without its lower corners stands', () => {
      const over = { grips: [{ x0: -50, x1: 50, drop: 120, wide: 20 }] };
      const seen = viewOf(solidOf('slate-carrier', withLowerCorners), { ...front, over });
      expect(seen.width).toBeCloseTo(232, 6);
      expect(Math.abs(seen.height - 272 - 120 - 10)).toBeLessThan(0.5);
      // with the upper ones cut off they are the mouth: handles stand on the middle of it
      const sloped = view('slate-carrier', { ...front, over });
      expect(Math.abs(sloped.height - 312 - 120 - 10)).toBeLessThan(0.5);
    });

    test('is left away where no mouth looks up', () => {
      const over = { flap: strap, grips: [{ x0: -30, x1: 30, drop: 90, wide: 10 }] };
      for (const id of ['refractometer-case', 'double-tube', 'probe-roll'])
        expect(view(id, { over }).faces).toEqual(view(id).faces);
    });
  });

  test('more light falls on what looks up than on what looks away from it', () => {
    const { faces } = view('refractometer-case');
    const light = (piece: string) => faces.find((face) => face.piece === piece)!.light;
    expect(light('body/shell-lid')).toBeGreaterThan(light('body/shell-hinge'));
  });
});
