import { expect } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { readDocument } from '../document/reading/read-document.ts';
import { flatten, polygonArea, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Phase } from '../pieces/contribution.ts';
import { solveDesign } from '../solve/solve-design.ts';

/** What must hold of any design that can be written down, of whatever family. */
export const alwaysTrue: Record<string, (design: DesignDocument) => void> = {
  'every seam walks and every notch meets'(design) {
    const { seams } = solveDesign(design);
    expect(seams.filter(({ walks }) => !walks).map(({ id, mismatch }) => [id, mismatch])).toEqual([]);
    for (const { mismatch, notchMismatch } of seams) expect(Math.abs(mismatch) + notchMismatch).toBeLessThan(1e-6);
    expect(new Set(seams.map(({ id }) => id)).size).toBe(seams.length);
  },

  'every thing goes in with its ease, or a stop names it'(design) {
    const { holders, findings } = solveDesign(design);
    const stopped = findings.filter(({ severity }) => severity === 'stop').flatMap(({ about }) => about);
    const clearances = holders.flatMap((holder) => holder.clearances);
    const held = new Set(clearances.map(({ line }) => line));
    for (const { id } of design.contents) if (!held.has(id)) expect(stopped).toContain(`contents/${id}`);
    for (const { clearance, ease } of clearances) expect(clearance.value).toBeGreaterThan(ease - 1e-6);
  },

  'the cut read back gives the sizes that were asked for'(design) {
    const { body } = solveDesign(design);
    for (const [name, { value }] of Object.entries(body.sizes))
      if (name in body.readBack) expect([name, body.readBack[name]]).toEqual([name, expect.closeTo(value, 3)]);
  },

  'no outline crosses itself or is empty, and the cut is never smaller than the stitch line'(design) {
    for (const { stitch, cut } of solveDesign(design).pieces) {
      expect(crosses(cut)).toBe(false);
      expect(polygonArea(flatten(stitch))).toBeGreaterThan(0);
      expect(polygonArea(flatten(cut))).toBeGreaterThanOrEqual(polygonArea(flatten(stitch)) - 1e-6);
    }
  },

  'steps: every seam is sewn in exactly one, every piece is in one, and none waits for a later one'(design) {
    const { operations, seams, pieces } = solveDesign(design);
    const sewn = operations.flatMap((operation) => operation.seams);
    for (const { id, kind } of seams) if (kind !== 'caught') expect(sewn.filter((each) => each === id)).toHaveLength(1);
    for (const id of sewn) expect(seams.map((seam) => seam.id)).toContain(id);
    for (const { id } of pieces)
      expect(operations.some(({ uses, phase }) => phase !== 'cut' && uses.includes(id))).toBe(true);
    const order = operations.map(({ id }) => id);
    for (const { id, needs } of operations)
      for (const need of needs) expect(order.indexOf(need)).toBeLessThan(order.indexOf(id));
    // what is caught in the body is made before the body is joined
    const join = operations.findIndex(({ id }) => id === 'body/join');
    const before: Phase[] = ['cut', 'interface', 'prepare', 'pockets', 'layers', 'closures'];
    if (join >= 0) for (const { phase } of operations.slice(join)) expect(before).not.toContain(phase);
  },

  'written down and read again it is the same design'(design) {
    const read = readDocument(JSON.parse(JSON.stringify(design)));
    expect(read).toMatchObject({ ok: true });
    if (read.ok) expect(JSON.stringify(read.document)).toBe(JSON.stringify(design));
  },

  'every number is finite, and no size is negative'(design) {
    const { finished, closedThickness, emptyThickness, body, holders, closure, parts, pieces } = solveDesign(design);
    const sizes = [
      finished,
      body.sizes,
      closure.sizes,
      ...holders.map((holder) => holder.sizes),
      ...parts.map((part) => part.sizes),
    ];
    const cut = pieces.flatMap(({ cutWidth, cutHeight }) => [cutWidth, cutHeight]);
    const all = [closedThickness, emptyThickness, ...sizes.flatMap((each) => Object.values(each)), ...cut];
    for (const { value, label } of all) {
      expect({ label, finite: Number.isFinite(value) }).toEqual({ label, finite: true });
      expect({ label, negative: value < -1e-9 }).toEqual({ label, negative: false });
    }
  },
};

function crosses(outline: Outline): boolean {
  const points = flatten(outline, { tolerance: 0.2 });
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
