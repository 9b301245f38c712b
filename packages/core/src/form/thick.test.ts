import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { rectangle } from '../geometry/outline.ts';
import { crease, SQUARE } from '../pieces/bend.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { formOf } from './form.ts';
import { skinOf } from './skin.ts';
import { moveFaces } from './thick.ts';

const rounded = (values: readonly number[]) => values.map((value) => Number(value.toFixed(6)));

describe('the thickness of a solid', () => {
  test('a sheet moves as a whole, and keeps its size', () => {
    const sheet = formOf([{ id: 'sheet', stitch: rectangle(80, 50), bends: [], notches: [] }], []);
    const moved = moveFaces(sheet, () => 3);
    expect(rounded(moved.extent)).toEqual([80, 50, 0]);
    expect(rounded(moved.corners.map(([, , z]) => z))).toEqual(sheet.corners.map(() => 3));
  });

  test('bent square, both sides of an angle move out and still meet', () => {
    const angle = formOf(
      [{ id: 'angle', stitch: rectangle(60, 40), bends: [crease([20, 0], [20, 40], SQUARE)], notches: [] }],
      [],
    );
    const moved = moveFaces(angle, () => 2);
    // out of the corner on both sides: each leg is longer by as much
    expect(moved.area).toBeCloseTo((22 + 42) * 40, 6);
  });

  test('each piece may have its own', () => {
    const { pieces, seams, stacks, closedThickness } = solveDesign(demoDesigns.find(({ id }) => id === 'logger-bag')!);
    const skin = skinOf(pieces, seams, ['exterior']);
    const solid = formOf(skin.pieces, skin.seams);
    const outside = moveFaces(solid, () => stacks.exterior.value / 2);
    // worked by hand: 43 from wall to wall and the canvas with its fleece, 3.02
    expect(outside.extent.some((side) => Math.abs(side - closedThickness.value) < 1e-6)).toBe(true);
    expect(rounded(outside.extent).sort((a, b) => a - b)).toEqual([46.02, 103.52, 141.51]);
    expect(moveFaces(solid, () => 0).volume).toBeCloseTo(solid.volume, 6);
  });
});
