import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import { waysOut } from './ways-out.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
/** What one press offers for a code, and what is told once it is pressed. */
function pressed(design: DesignDocument, code: string) {
  const solution = solveDesign(design);
  const [finding, way] = [...waysOut(design, solution, standardShelves)].find(([each]) => each.code === code) ?? [];
  if (!finding || !way) return undefined;
  const after = way.edit.apply(design);
  return { label: way.label, after, told: solveDesign(after).findings.map((each) => each.code) };
}

const bifold = demo('permit-bifold');
const roll = demo('probe-roll');
const slate = demo('slate-carrier');
const [row] = roll.holders as [DesignDocument['holders'][number]];
const padded: DesignDocument = {
  ...bifold,
  stacks: { ...bifold.stacks, exterior: [...bifold.stacks.exterior!, { material: 'fleece', coverage: 'trimmed' }] },
};
/** A card of 190 x 120. */
const wide = trial({
  body: 'foldover',
  face: 'left',
  kind: 'card-tiers',
  item: thing(190, 120, 2, { shape: 'card' }),
});
const backwards = { ...roll, holders: [{ ...row, contents: [...row.contents].reverse() }] };

describe('a finding is mended by one press', () => {
  test.each<[string, DesignDocument, string]>([
    ['roll.stiffInside', backwards, 'Put it first'],
    ['closure.notForBody', { ...slate, closure: { kind: 'zip-top', params: {} } }, 'Corners: whole'],
    ['closure.notForBody', { ...demo('net-sack'), closure: { kind: 'drawstring', params: {} } }, 'Made with: a fold'],
    [
      'closure.notForBody',
      { ...demo('caliper-sleeve'), closure: { kind: 'fold-zip', params: {} } },
      'Made with: a fold at one side',
    ],
    [
      'choice.excluded',
      { ...slate, body: { ...slate.body, params: { corners: 'mouth', layers: 'single' } } },
      'Corners: whole',
    ],
    ['pin.tooSmall', { ...bifold, pins: { 'body/height': 3 } }, 'Pin it at that'],
    ['pin.unknown', { ...bifold, pins: { 'body/moon': 3 } }, 'Take the pin away'],
    ['piece.ownIdle', { ...bifold, pieces: [{ id: 'holders/Z/strip', allowance: { left: 3 } }] }, 'Take it away'],
    ['limit.unknown', { ...bifold, limits: { 'finished/moon': 3 } }, 'Take the limit away'],
    ['rule.outOfRange', { ...bifold, rules: { 'seam.allowance': 900 } }, 'Take the standard value'],
    ['clearance.tooTight', { ...demo('caliper-sleeve'), pins: { 'body/flatWidth': 90 } }, 'Let go the pin: flat width'],
    ['gap.small', padded, 'Make the gap longer'],
    ['closure.notForBody', { ...bifold, closure: { kind: 'drawstring', params: {} } }, 'Leave it open'],
    ['part.notForBody', { ...bifold, parts: [{ id: 'p1', kind: 'base-pad', params: {} }] }, 'Take it away'],
  ])('%s', (code, design, label) => {
    expect(solveDesign(design).findings.map((each) => each.code)).toContain(code);
    const press = pressed(design, code)!;
    expect(press.label).toBe(label);
    expect(press.told).not.toContain(code);
  });

  test('what is too large to be a wallet becomes something else that holds it all', () => {
    expect(solveDesign(wide).finished.openWidth!.value).toBeGreaterThan(240);
    const press = pressed(wide, 'scale.large')!;
    expect(press.label).toMatch(/^Make it an? /);
    expect(press.after.body.kind).not.toBe('foldover');
    expect(press.after.holders.flatMap(({ contents }) => contents)).toEqual([{ line: 'c1', count: 1 }]);
    expect(solveDesign(press.after).findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    const told = (design: DesignDocument) => solveDesign(design).findings.map(({ code }) => code);
    expect(told({ ...wide, ownItems: [thing(90, 60, 2, { shape: 'card' })] })).not.toContain('scale.large');
    // mostly for papers it is no wallet, and may be wide
    const pocketed = { ...wide, holders: wide.holders.map((each) => ({ ...each, kind: 'slip-pocket' })) };
    expect(told(pocketed)).not.toContain('scale.large');
  });

  test('and nothing is offered that does not mend it, or that brings another stop', () => {
    // its leaf is too short for a longer one between round corners
    expect(pressed(demo('logger-pocket'), 'gap.small')).toBeUndefined();
    // the lens has no place in a wallet
    expect(pressed(demo('permit-bifold-lens'), 'contents.notHeld')).toBeUndefined();
    // two stiff boards: one first leaves the other wound in
    const [board] = row.contents as [{ line: string; count: number }];
    const two = { ...roll, holders: [{ ...row, contents: [{ ...board, count: 1 }, ...row.contents.slice(1)] }] };
    const stiff = { ...two.contents.find(({ id }) => id === board.line)!, id: 'c9' };
    const both = {
      ...two,
      contents: [...two.contents, stiff],
      holders: [{ ...row, contents: [...row.contents, { line: 'c9', count: 1 }] }],
    };
    expect(solveDesign(both).findings.map(({ code }) => code)).toContain('roll.stiffInside');
    expect(pressed(both, 'roll.stiffInside')).toBeUndefined();
  });

  test('in every demo design whatever is offered is as good as its word', () => {
    for (const design of demoDesigns) {
      const solution = solveDesign(design);
      for (const [finding, { edit }] of waysOut(design, solution, standardShelves)) {
        const { findings } = solveDesign(edit.apply(design));
        expect([
          design.id,
          findings.filter(({ code, about }) => code === finding.code && `${about}` === `${finding.about}`),
        ]).toEqual([design.id, []]);
      }
    }
  });
});
