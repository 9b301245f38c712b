import { afterAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { DesignDocument } from '../document/design-document.ts';
import { flatten, polygonArea, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import { moveEdge } from './move-edge.ts';
import { runs } from './any-design.ts';
import type { Phase } from '../pieces/contribution.ts';
import { walkSeams } from '../pieces/walk-seams.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { houseRules, type LengthRuleId } from '../shelves/rules/house-rules.ts';
import { gridStep } from '../units/grid.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';

function crosses(outline: Outline): boolean {
  const points = flatten(outline, { tolerance: 0.05 });
  const side = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point) =>
    Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));
  const sides = points.map((point, index) => [point, points[(index + 1) % points.length]!] as const);
  return sides.some(([a, b], i) =>
    sides.some(
      ([c, d], j) =>
        Math.abs(i - j) > 1 &&
        Math.abs(i - j) < sides.length - 1 &&
        side(a, b, c) * side(a, b, d) < 0 &&
        side(c, d, a) * side(c, d, b) < 0,
    ),
  );
}

/** A family of bodies and how its random designs are made. */
export interface Family {
  family: string;
  any: fc.Arbitrary<DesignDocument>;
  /** Sizes that are read back from the cut. */
  readBack: string[];
  /** The house rules that give the things room. */
  eases: LengthRuleId[];
}

/** Sizes that more ease must not shrink. Closed, a wallet may be narrower where its notes decide the width: the spine then
 * takes from the leaves. */
const outsideOf = ({ finished }: Solution) =>
  Object.entries(finished).flatMap(([name, size]) => (name === 'closedWidth' ? [] : [size]));

/** How a holder is made, for the count of what was tried. */
const madeAs = ({ holders }: DesignDocument, kind: string): string =>
  Object.values(holders.find((holder) => holder.kind === kind)!.params).join(' ');

/** What must hold of every design of a family: whatever it must hold, of whatever cloth, by whatever rules. */
export function familyProperties({ family, any, readBack, eases }: Family): void {
  describe(`${family}: whatever it must hold, of whatever cloth, by whatever rules`, () => {
    const hits = new Map<string, number>();
    const count = (key: string) => hits.set(key, (hits.get(key) ?? 0) + 1);
    afterAll(() => {
      const rows = [...hits].sort().map(([key, times]) => `  ${key}: ${times}`);
      process.stdout.write(`designs solved, by holder and closure\n${rows.join('\n')}\n`);
    });

    const forAny = (check: (design: DesignDocument) => void, times = 300) =>
      fc.assert(fc.property(any, check), { numRuns: runs(times) });

    test('every seam walks and every notch meets', () =>
      forAny((design) => {
        const { seams, holders } = solveDesign(design);
        const form = Object.values(design.body.params).join(' ');
        for (const { kind } of holders)
          count([family, form, kind, madeAs(design, kind), 'x', design.closure.kind].filter(Boolean).join(' '));
        expect(seams.filter(({ walks }) => !walks).map(({ id, mismatch }) => [id, mismatch])).toEqual([]);
        for (const { mismatch, notchMismatch } of seams) expect(Math.abs(mismatch) + notchMismatch).toBeLessThan(1e-6);
      }));

    test('every thing goes in with its ease, or a stop names it', () =>
      forAny((design) => {
        const { holders, findings } = solveDesign(design);
        const stopped = findings.filter(({ severity }) => severity === 'stop').flatMap(({ about }) => about);
        const clearances = holders.flatMap((holder) => holder.clearances);
        const held = new Set(clearances.map(({ line }) => line));
        for (const { id } of design.contents) if (!held.has(id)) expect(stopped).toContain(`contents/${id}`);
        for (const { clearance, ease } of clearances) expect(clearance.value).toBeGreaterThan(ease - 1e-6);
      }));

    test('no outline crosses itself or is empty, and the cut is never smaller than the stitch line', () =>
      forAny((design) => {
        for (const { stitch, cut } of solveDesign(design).pieces) {
          expect(crosses(cut)).toBe(false);
          expect(polygonArea(flatten(stitch))).toBeGreaterThan(0);
          expect(polygonArea(flatten(cut))).toBeGreaterThanOrEqual(polygonArea(flatten(stitch)) - 1e-6);
        }
      }));

    // outlines that went through clipping are true to a ten-thousandth
    test('the cut read back gives the sizes that were asked for', () =>
      forAny((design) => {
        const { body } = solveDesign(design);
        for (const [name, { value }] of Object.entries(body.sizes))
          if (name in body.readBack) expect(body.readBack[name]).toBeCloseTo(value, 3);
        expect(Object.keys(body.readBack)).toEqual(expect.arrayContaining(readBack));
      }));

    // pockets of different depth are rounded up one by one, so the sum of two may come out a step lower
    test('more ease shrinks no outside size by more than a step of the grid', () => {
      const least = (id: LengthRuleId) => houseRules[id].least;
      const most = (id: LengthRuleId) => houseRules[id].most;
      fc.assert(
        fc.property(
          any as fc.Arbitrary<DesignDocument>,
          fc.constantFrom(...eases),
          fc.double({ min: 0, max: 1, noNaN: true }),
          (design, id, share) => {
            const some = least(id) + share * (most(id) - least(id)) * 0.5;
            const outside = (ease: number) =>
              outsideOf(solveDesign({ ...design, rules: { ...design.rules, [id]: ease } }));
            const [before, after] = [outside(some), outside(most(id))];
            before.forEach(({ value }, index) =>
              expect(after[index]!.value).toBeGreaterThan(value - gridStep(design.grid) - 1e-6),
            );
          },
        ),
        { numRuns: runs(300) },
      );
    });

    test('thicker cloth makes nothing thinner, and the piece no narrower', () =>
      forAny((design) => {
        const thicker = {
          ...standardShelves,
          materials: standardMaterials.map((each) => ({ ...each, thickness: each.thickness * 1.3 })),
        };
        const [before, after] = [solveDesign(design), solveDesign(design, thicker)];
        expect(after.closedThickness.value).toBeGreaterThan(before.closedThickness.value);
        // the notes may ask for less leaf where the spine takes more: open, nothing shrinks by more than the grid
        // of a boxed bag the base takes from the face: its flat width counts
        const [wide, wider] = [before, after].map(
          ({ finished, body }) => (body.sizes.flatWidth ?? Object.values(finished)[0]!).value,
        );
        expect(wider).toBeGreaterThan(wide! - 3 * gridStep(design.grid));
      }));

    test('the unit that is shown changes no cut', () =>
      forAny((design) => {
        const sizes = (unit: 'mm' | 'in') =>
          solveDesign({ ...design, unit }).pieces.map(({ cutWidth, cutHeight }) => [cutWidth.value, cutHeight.value]);
        expect(sizes('in')).toEqual(sizes('mm'));
      }));

    test('steps: every seam is sewn in exactly one, every piece is in one, and none waits for a later one', () =>
      forAny((design) => {
        const { operations, seams, pieces } = solveDesign(design);
        const sewn = operations.flatMap((operation) => operation.seams);
        const caught = new Set(seams.filter(({ kind }) => kind === 'caught').map(({ id }) => id));
        for (const { id, kind } of seams)
          if (kind !== 'caught') expect(sewn.filter((each) => each === id)).toHaveLength(1);
        for (const id of sewn) expect(seams.some((seam) => seam.id === id) || caught.has(id)).toBe(true);
        for (const { id } of pieces)
          expect(operations.some(({ uses, phase }) => phase !== 'cut' && uses.includes(id))).toBe(true);
        const order = operations.map(({ id }) => id);
        for (const { id, needs } of operations)
          for (const need of needs) expect(order.indexOf(need)).toBeLessThan(order.indexOf(id));
        const join = operations.findIndex(({ id }) => id === 'body/join');
        const before: Phase[] = ['cut', 'interface', 'prepare', 'pockets', 'layers', 'closures'];
        if (join >= 0) for (const { phase } of operations.slice(join)) expect(before).not.toContain(phase);
      }));

    test('one edge moved by 1 mm, and its seam does not walk', () => {
      fc.assert(
        fc.property(any, fc.nat(), (design, pick) => {
          const { pieces, seams } = solveDesign(design);
          const seam = seams[pick % seams.length]!;
          const part = seam.a.parts[0]!;
          if (!('edge' in part) || part.from !== undefined) return;
          // two of one piece sewn together along the same edge: both move
          const mate = seam.b.parts[0]!;
          if (seam.a.piece === seam.b.piece && 'edge' in mate && mate.edge === part.edge) return;
          const moved = pieces.map((piece) => (piece.id === seam.a.piece ? moveEdge(piece, part.edge, 1) : piece));
          const again = walkSeams(moved, [seam])[0]!;
          expect(again.walks).toBe(false);
        }),
        { numRuns: runs(300) },
      );
    });
  });
}
