import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { usedBy } from '../document/uses.ts';
import { setHardware } from '../document/edits/settings.ts';
import { standardHardware, type Hardware } from '../shelves/hardware/hardware.ts';
import { standardShelves, withOwn } from '../shelves/shelves.ts';
import { describeSolution } from './describe.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { solveMemo } from './memo.ts';
import { solveDesign } from './solve-design.ts';

/** Everything of the standard shelf once more, under ids of her own. */
const twins: Hardware[] = standardHardware.map((entry) => ({
  ...entry,
  id: `my-${entry.id}`,
  name: `My ${entry.name}`,
}));
const all = Object.fromEntries(standardHardware.map(({ id }) => [id, `my-${id}`]));
const shelves = (change: Partial<Hardware> = {}) =>
  withOwn({ hardware: twins.map((twin) => ({ ...twin, ...change })) });
const wider = withOwn({ hardware: twins.map((twin) => ({ ...twin, diameter: twin.diameter + 4 })) });
const withAll = (design: DesignDocument): DesignDocument => ({ ...design, hardware: all });
const sizes = (design: DesignDocument, on = standardShelves) => {
  const { finished, pieces } = solveDesign(design, on);
  return [
    Object.values(finished).map(({ value }) => value),
    pieces.map(({ id, cutWidth, cutHeight }) => [id, cutWidth.value, cutHeight.value]),
  ];
};

describe('hardware of her own', () => {
  test.each(demoDesigns.map((design) => [design.name, design] as const))(
    '%s: what measures the same changes no size, and is named in the chart',
    (_, design) => {
      expect(sizes(withAll(design), shelves())).toEqual(sizes(design));
      const { hardware, pieces } = solveDesign(withAll(design), shelves());
      const before = solveDesign(design);
      expect(hardware.map(({ id }) => id)).toEqual(before.hardware.map(({ id }) => `my-${id}`));
      expect(hardware.map(({ insteadOf }) => insteadOf)).toEqual(before.hardware.map(({ id }) => id));
      const cut = pieces
        .flatMap(({ materials }) => materials)
        .filter((id) => standardHardware.some((h) => h.id === id));
      expect(cut).toEqual([]);
    },
  );

  // of what is cut to length, the piece is as wide as the band or tape that it is cut from
  test.each(demoDesigns.map((design) => [design.name, design] as const))(
    '%s: what is cut from a wider band is as wide as it, and all seams walk',
    (_, design) => {
      const widths = new Map(twins.map(({ id, diameter }) => [id, diameter + 4]));
      const solution = solveDesign(withAll(design), wider);
      const strips = solution.pieces.filter(({ byRuler, materials }) => byRuler && widths.has(materials[0]!));
      for (const { materials, cutHeight, name } of strips) {
        const wide = widths.get(materials[0]!)!;
        const tape = /one tape/.test(name) ? wide / 2 : wide;
        expect([name, cutHeight.value]).toEqual([name, tape]);
      }
      expect(solution.seams.every(({ walks }) => walks)).toBe(true);
    },
  );

  test('what is not there, or of another kind, stands in for nothing, and it is told', () => {
    const design = demoDesigns.find(({ id }) => id === 'lens-pouch')!;
    const { id: standard } = solveDesign(design).hardware.find(({ id }) => id.startsWith('zipper'))!;
    for (const own of ['gone', 'my-cord-4']) {
      const odd = setHardware(standard, 'x', own).apply(design);
      expect(sizes(odd, shelves())).toEqual(sizes(design));
      expect(solveDesign(odd, shelves()).findings.map(({ code }) => code)).toContain('hardware.missing');
    }
    const set = setHardware(standard, 'x', `my-${standard}`).apply(design);
    expect(usedBy(set, 'hardware')).toContain(`my-${standard}`);
    expect(setHardware(standard, 'x', undefined).apply(set).hardware).toEqual({});
  });

  test('with what was measured kept, a change of hardware is seen', () => {
    for (const design of demoDesigns) {
      const memo = solveMemo();
      solveDesign(withAll(design), shelves(), builtInKinds, memo);
      const again = solveDesign(withAll(design), wider, builtInKinds, memo);
      expect(JSON.stringify(describeSolution(again, 'mm'))).toBe(
        JSON.stringify(describeSolution(solveDesign(withAll(design), wider), 'mm')),
      );
    }
  });
});
