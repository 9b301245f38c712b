import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boundsOf, edgeLength, flatten, polygonArea, type Outline } from '../../geometry/outline.ts';
import { length } from '../../testing/measures.ts';
import { panelOutline, type PanelShape } from '../../geometry/panel.ts';
import { foldedOutline } from './outlines.ts';

const anyShape: fc.Arbitrary<PanelShape> = fc.record({
  width: length(120, 400),
  height: length(120, 400),
  taper: length(0, 10),
  notch: fc.oneof(fc.constant(0), length(5, 50)),
});
const edge = (outline: Outline, id: string) => edgeLength(outline.find((each) => each.id === id)!);

describe('panels of a sleeve', () => {
  test('go round once, counter-clockwise, each edge beginning where the last one ends', () => {
    fc.assert(
      fc.property(anyShape, (shape) => {
        for (const outline of [panelOutline(shape), foldedOutline(shape)]) {
          outline.forEach(({ to }, index) => expect(outline[(index + 1) % outline.length]!.from).toEqual(to));
          expect(polygonArea(flatten(outline))).toBeGreaterThan(0);
          expect(new Set(outline.map(({ id }) => id)).size).toBe(outline.length);
        }
      }),
    );
  });
  test('are as wide and as high as asked, and lose what is tapered and cut out', () => {
    fc.assert(
      fc.property(anyShape, (shape) => {
        const { width, height, taper, notch } = shape;
        const panel = panelOutline(shape);
        const { width: w, height: h } = boundsOf(panel);
        expect([w, h]).toEqual([expect.closeTo(width, 9), expect.closeTo(height, 9)]);
        const above = ((width + width - taper) / 2) * (height - notch);
        expect(polygonArea(flatten(panel))).toBeCloseTo(above + (width - taper - 2 * notch) * notch, 6);
        expect(boundsOf(foldedOutline(shape)).height).toBeCloseTo(2 * height, 9);
        expect(edge(foldedOutline(shape), 'mouth-front')).toBeCloseTo(width, 9);
      }),
    );
  });
  test('at a folded bottom both level cuts together are as long as the upright one', () => {
    const outline = foldedOutline({ width: 200, height: 150, taper: 4, notch: 30 });
    for (const side of ['left', 'right'])
      expect(edge(outline, `notch-${side}-in`) + edge(outline, `notch-${side}-out`)).toBeCloseTo(
        edge(outline, `notch-${side}`),
        9,
      );
  });
});
