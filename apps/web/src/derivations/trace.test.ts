import { describe, expect, test } from '@jest/globals';
import { clicked, noTrace, scaleOf, tracedOutline, unclicked, type Spot } from './trace.ts';

const clicks = (...spots: Spot[]) => spots.reduce(clicked, noTrace);

describe('a thing traced on a photo', () => {
  test('its scale comes from two clicks on a known length', () => {
    // a bank card, 428 px wide
    expect(scaleOf(clicks([10, 50], [438, 50]))).toBeCloseTo(0.2, 9);
    expect(scaleOf(clicks([10, 50]))).toBeUndefined();
    expect(scaleOf(clicks([10, 50], [12, 50]))).toBeUndefined();
  });
  test('a board that lies askew is measured by its own sides', () => {
    const [cos, sin] = [Math.cos(0.4), Math.sin(0.4)];
    const corner = (x: number, y: number): Spot => [700 + x * cos - y * sin, 500 + x * sin + y * cos];
    const trace = clicks([0, 0], [428, 0], corner(0, 0), corner(600, 0), corner(600, 200), corner(0, 200));
    // 0.2 mm for a pixel
    expect(tracedOutline(trace)).toMatchObject({ ok: true, length: 120, width: 40 });
  });
  test('the other hand stays the other hand: what is drawn is not mirrored', () => {
    // an L whose foot points to the right in the picture
    const l = clicks([0, 0], [428, 0], [0, 0], [100, 0], [100, 400], [250, 400], [250, 500], [0, 500]);
    const traced = tracedOutline(l);
    const outline = traced?.ok ? traced.outline : [];
    // area under it, counter-clockwise with y upwards: the clicks went clockwise in the picture, y downwards
    const area = outline.reduce((sum, [x, y], index) => {
      const [u, v] = outline[(index + 1) % outline.length]!;
      return sum + (x * v - u * y) / 2;
    }, 0);
    // 100 x 500 and 150 x 100 px, at 0.04 mm² for a square px
    expect(Math.abs(area)).toBeCloseTo((50_000 + 15_000) * 0.04, 0);
    expect(area).toBeLessThan(0);
  });
  test('a line that crosses itself is told', () => {
    const eight = clicks([0, 0], [428, 0], [0, 0], [200, 200], [200, 0], [0, 210]);
    expect(tracedOutline(eight)).toMatchObject({ ok: false, code: 'outline.crosses' });
  });
  test('clicks are taken back one by one', () => {
    const three = clicks([0, 0], [428, 0], [5, 5]);
    expect(unclicked(three).round).toEqual([]);
    expect(unclicked(unclicked(three)).ends).toEqual([[0, 0]]);
    expect(unclicked(noTrace)).toEqual(noTrace);
    expect(tracedOutline(three)).toBeUndefined();
  });
});
