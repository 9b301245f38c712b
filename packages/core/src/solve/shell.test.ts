import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { flatten, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

/** A case for a box of 150 x 90 x 35, lying. */
function hardCaseDesign(params: Params = {}): DesignDocument {
  const item = thing(150, 90, 35);
  const base = trial({ body: 'shell', params, face: 'inside', kind: 'packed-room', item, closure: 'zip-top' });
  return { ...base, contents: base.contents.map((line) => ({ ...line, orientation: 'lying' as const })) };
}
const hardCase = (params: Params = {}, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({ ...hardCaseDesign(params), ...more });
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;

/** Length of an outline walked in short steps. */
function walked(outline: Outline): number {
  const points = flatten(outline, { tolerance: 1e-5 });
  return points.reduce((sum, [x, y], index) => {
    const [u, v] = points[(index + 1) % points.length]!;
    return sum + Math.hypot(u - x, v - y);
  }, 0);
}

describe('a hard case', () => {
  test.each([[{}], [{ radius: 8 }], [{ radius: 60, hinge: 30 }], [{ radius: 35, hinge: 400 }]])(
    '%j: hinge and zipper part together go once round the panel, stepped along it',
    (params) => {
      const solution = hardCase(params);
      const { hingePart, zipperPart } = solution.body.sizes;
      const round = walked(pieceOf(solution, 'body/shell-lid').stitch);
      expect(hingePart!.value + zipperPart!.value).toBeCloseTo(round, 2);
    },
  );

  test.each([[8], [25], [45]])('with corners of %d the thing clears the inside of its round corners', (radius) => {
    const solution = hardCase({ radius });
    const lid = pieceOf(solution, 'body/shell-lid');
    // canvas 0.62 with interfacing 0.20, lawn 0.16: the wall of the gusset inside its stitch line
    const wall = 0.82 / 2 + 0.16;
    const [length, width] = [lid.cutWidth.value - 12, lid.cutHeight.value - 12];
    const corner: Point = [length / 2 - 75, width / 2 - 45];
    const inner = Math.max(0, radius + 2 - wall);
    // in the quarter where the corner is round, the thing's own corner lies within the inner circle
    const centre = radius + 2;
    const [dx, dy] = [centre - corner[0], centre - corner[1]];
    if (dx > 0 && dy > 0) expect(Math.hypot(dx, dy)).toBeLessThanOrEqual(inner);
    expect(corner[0]).toBeGreaterThan(wall);
    expect(corner[1]).toBeGreaterThan(wall);
  });

  test('is as deep as its thing, the ease and both shells', () => {
    // common practice: 5 at the end; a plate of canvas and stiffener; the interfacing lies within the canvas of the shell
    const plate = 0.62 + 1.5;
    const depth = 35 + 5 + 2 * 0.16 + 2 * plate + 2 * (0.2 + 0.62 / 2);
    expect(hardCase().finished.depth!.value).toBe(Math.ceil(depth * 2) / 2);
  });

  test('what is sewn into the lid makes it deeper by its thickness', () => {
    const plain = hardCase();
    const lid = { kind: 'holder' as const, id: 'L' };
    const flat = { ...thing(80, 50, 6), id: 'flat' };
    const base = trial({
      body: 'shell',
      face: 'inside',
      kind: 'packed-room',
      item: thing(150, 90, 35),
      closure: 'zip-top',
    });
    const both = solveDesign({
      ...base,
      contents: [
        { ...base.contents[0]!, orientation: 'lying' },
        { id: 'c2', item: 'flat', count: 1, perHolder: 1, orientation: 'upright' },
      ],
      ownItems: [thing(150, 90, 35), flat],
      holders: [...base.holders, { id: 'L', kind: 'slip-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] }],
      faces: { ...base.faces, lid },
    });
    const more = both.finished.depth!.value - plain.finished.depth!.value;
    expect(more).toBeGreaterThanOrEqual(6);
    expect(more).toBeLessThan(8);
    expect(both.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('every mark of the panels has its mate on the gusset, in the same order', () => {
    const solution = hardCase();
    for (const half of ['lid', 'base']) {
      const panel = pieceOf(solution, `body/shell-${half}`)
        .notches.map(({ id }) => id)
        .filter((id) => !id.includes('@'));
      const strip = [...pieceOf(solution, `body/shell-zip-${half}`).notches].sort((a, b) => a.at - b.at);
      const order = strip.map(({ id }) => id).filter((id) => !id.includes('@'));
      // the top of the gusset runs leftwards; the base is seen from below
      expect(order.reverse()).toEqual(panel);
      expect(panel.length).toBeGreaterThanOrEqual(7);
    }
    expect(solution.seams.every(({ notchMismatch }) => notchMismatch < 1e-6)).toBe(true);
  });

  test('the strips and what shows of the zipper are as wide as the hinge', () => {
    const solution = hardCase();
    const { strip, depth } = solution.body.sizes;
    expect(2 * strip!.value + (32 - 2 * 6)).toBeCloseTo(depth!.value, 9);
    expect(pieceOf(solution, 'body/shell-hinge').cutHeight.value).toBeCloseTo(depth!.value + 12, 9);
  });

  test('says when its corners are too tight for a stiff gusset', () => {
    const codes = (radius: number) => hardCase({ radius }).findings.map(({ code }) => code);
    expect(codes(10)).toContain('gusset.tightCorner');
    expect(codes(15)).not.toContain('gusset.tightCorner');
  });

  test('the thicker its gusset, the rounder its corners must be', () => {
    const padded = {
      stacks: {
        ...hardCaseDesign().stacks,
        exterior: ['canvas-10oz', 'fleece', 'fleece'].map((material) => ({ material, coverage: 'full' as const })),
      },
    };
    const codes = (radius: number) => hardCase({ radius }, padded).findings.map(({ code }) => code);
    // canvas 0.62 and twice fleece 2.40, common practice: five times that
    expect(codes(27)).toContain('gusset.tightCorner');
    expect(codes(27.5)).not.toContain('gusset.tightCorner');
  });

  test('guard strips lap behind the teeth, and run as long as the zipper part', () => {
    const solution = hardCase({ guard: 'strips' });
    const plain = hardCase();
    expect(plain.pieces.some(({ id }) => id.startsWith('body/guard'))).toBe(false);
    const guards = ['lid', 'base'].map((half) => pieceOf(solution, `body/guard-${half}`));
    for (const guard of guards) {
      const [fold] = guard.folds;
      // no. 5 shows 20: half of that, and past the middle of the teeth
      expect(fold!.from[1]).toBe(14);
      expect(guard.cutHeight.value).toBe(2 * 14 + 12);
      expect(guard.cutWidth.value).toBe(pieceOf(solution, 'body/shell-zip-lid').cutWidth.value);
    }
    const caught = solution.seams.filter(({ id }) => id.startsWith('body/guard'));
    expect(caught.map(({ kind, walks }) => [kind, walks])).toEqual(Array(4).fill(['caught', true]));
  });
});
