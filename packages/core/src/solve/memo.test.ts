import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { describeSolution } from './describe.ts';
import { solveMemo } from './memo.ts';
import { thing, trial } from '../testing/trial.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
const said = (design: DesignDocument, memo = solveMemo()) =>
  describeSolution(solveDesign(design, standardShelves, builtInKinds, memo), 'mm');

describe('a memo of measured holders', () => {
  test('what a change cannot touch is not measured again', () => {
    const memo = solveMemo();
    const bifold = demo('permit-bifold');
    said(bifold, memo);
    const holders = bifold.holders.length;
    expect([memo.measured, memo.reused]).toEqual([holders, 0]);
    // the shell is no wall of any slot or note compartment
    const other = {
      ...bifold,
      stacks: { ...bifold.stacks, exterior: [{ material: 'denim', coverage: 'full' as const }] },
    };
    said(other, memo);
    expect([memo.measured, memo.reused]).toEqual([holders, holders]);
  });
  test('a pocket moved to where other cloth lies behind it is measured anew', () => {
    const leaf = trial({ body: 'foldover', face: 'left', kind: 'slip-pocket', item: thing(90, 60, 3) });
    const thick: DesignDocument = {
      ...leaf,
      stacks: { ...leaf.stacks, exterior: [{ material: 'felt-2', coverage: 'full' }] },
    };
    const outside: DesignDocument = { ...thick, faces: { front: thick.faces.left! } };
    const memo = solveMemo();
    expect(said(thick, memo)).not.toEqual(said(outside));
    expect(said(outside, memo)).toEqual(said(outside));
    expect(said(thick, memo)).toEqual(said(thick));
  });
  test('what it touches is: cloth, rules, contents, parameters, pins', () => {
    const bifold = demo('permit-bifold');
    const changes: DesignDocument[] = [
      { ...bifold, stacks: { ...bifold.stacks, pocket: [{ material: 'denim', coverage: 'full' }] } },
      { ...bifold, rules: { 'ease.card.across': 4 } },
      { ...bifold, contents: bifold.contents.map((line) => ({ ...line, orientation: 'upright' })) },
      { ...bifold, holders: bifold.holders.map((holder) => ({ ...holder, params: { reveal: 15, visible: 12 } })) },
      { ...bifold, pins: { 'holders/A/slotWidth': 99 } },
      { ...bifold, grid: '1/16in' },
    ];
    for (const changed of changes) {
      const memo = solveMemo();
      said(bifold, memo);
      const before = memo.measured;
      expect(said(changed, memo)).toEqual(said(changed));
      expect(memo.measured).toBeGreaterThan(before);
    }
  });
  test('a rule that is set to the value it had is told as the maker’s own', () => {
    const memo = solveMemo();
    const bifold = demo('permit-bifold');
    said(bifold, memo);
    const own = { ...bifold, rules: { 'ease.card.across': 3 } };
    expect(JSON.stringify(said(own, memo))).toBe(JSON.stringify(said(own)));
  });
  test('any walk through designs and cloths says the same as without it', () => {
    const step = fc.record({
      design: fc.constantFrom(...demoDesigns),
      role: fc.constantFrom('exterior' as const, 'lining' as const, 'pocket' as const),
      material: fc.constantFrom(...standardMaterials.map(({ id }) => id)),
    });
    fc.assert(
      fc.property(fc.array(step, { minLength: 2, maxLength: 6 }), (steps) => {
        const memo = solveMemo();
        for (const { design, role, material } of steps) {
          const changed = {
            ...design,
            stacks: { ...design.stacks, [role]: [{ material, coverage: 'full' as const }] },
          };
          const same = JSON.stringify(said(changed, memo)) === JSON.stringify(said(changed));
          expect({ design: design.id, role, material, same }).toMatchObject({ same: true });
        }
      }),
      { numRuns: 40 },
    );
  });
});
