import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { Derived, Origin } from '../../derived/derived.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { feedsOf, namedSizes } from '../../solve/feeds.ts';
import { sizeAt } from '../../solve/size-at.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { DesignDocument } from '../design-document.ts';
import { inputEdit } from './inputs.ts';

const bifold: DesignDocument = demoDesigns.find(({ id }) => id === 'permit-bifold')!;

/** All numbers behind a size that were not computed. */
function originsOf(size: Derived, seen = new Set<Derived>()): Origin[] {
  if (seen.has(size)) return [];
  seen.add(size);
  return [...(size.origin ? [size.origin] : []), ...size.inputs.flatMap(({ from }) => originsOf(from, seen))];
}

describe('a number in a sum', () => {
  test('that is a house rule is changed for this design, and the sum follows', () => {
    const origin: Origin = { kind: 'houseRule', path: 'rules/ease.card.across' };
    const input = inputEdit(bifold, origin, standardItems)!;
    const wider = input.edit(5).apply(bifold);
    expect(wider.rules).toMatchObject({ 'ease.card.across': 5 });
    const before = sizeAt(solveDesign(bifold), 'holders/A/slotWidth')!.value;
    expect(sizeAt(solveDesign(wider), 'holders/A/slotWidth')!.value).toBeGreaterThan(before);
  });
  test('that is a measure of a thing from the shelf gives the design its own copy', () => {
    const permit = bifold.contents[0]!;
    const origin: Origin = { kind: 'item', path: `items/${permit.item}/thickness` };
    const thick = inputEdit(bifold, origin, standardItems)!.edit(1.5).apply(bifold);
    expect(thick.ownItems.find(({ id }) => id === `own-${permit.id}`)).toMatchObject({
      thickness: 1.5,
      source: 'yours',
    });
    expect(thick.contents[0]!.item).toBe(`own-${permit.id}`);
  });
  test.each([['standards/tape'], ['rules/nothing'], ['items/nobody/width'], ['holders/Z/params/reveal'], ['']])(
    'from %p is not changed there',
    (path) => expect(inputEdit(bifold, { kind: 'standard', path }, standardItems)).toBeUndefined(),
  );
  test('whatever can be changed changes the document and leaves it solvable', () => {
    for (const design of demoDesigns) {
      const origins = namedSizes(solveDesign(design)).flatMap(([, size]) => originsOf(size));
      const paths = new Map(origins.map((origin) => [origin.path, origin]));
      const inputs = [...paths.values()].flatMap((origin) => inputEdit(design, origin, standardItems) ?? []);
      expect(inputs.length).toBeGreaterThan(0);
      for (const { title, least, most, edit } of inputs) {
        const next = edit(Math.min(most, least + 1.25)).apply(design);
        expect([title, next === design]).toEqual([title, false]);
        expect(() => solveDesign(next)).not.toThrow();
      }
    }
  });
});

describe('what a number feeds', () => {
  const solution = solveDesign(bifold);
  test('a slot goes into the leaf, not past it into what the leaf goes into', () => {
    const slot = sizeAt(solution, 'holders/A/slotWidth')!;
    const paths = feedsOf(solution, slot).map(({ path }) => path);
    expect(paths).toContain('body/leafWidth');
    expect(paths).not.toContain('finished/openWidth');
  });
  test('the height goes into the cut height of the shell', () => {
    const paths = feedsOf(
      solution,
      sizeAt(solution, 'finished/height')!.inputs[0]?.from ?? sizeAt(solution, 'finished/height')!,
    );
    expect(paths.some(({ path }) => path === 'pieces/body/shell/cutHeight' || path === 'finished/height')).toBe(true);
  });
  test('what is fed grows with the number, or another demand still decides', () => {
    // changed at the source: the ease goes into slots, and what it feeds must not shrink
    const ease = namedSizes(solution)
      .flatMap(([, size]) => size.inputs.map(({ from }) => from))
      .flatMap(function flat(size: Derived): Derived[] {
        return [size, ...size.inputs.flatMap(({ from }) => flat(from))];
      })
      .find(({ origin }) => origin?.path === 'rules/ease.card.across')!;
    const fed = feedsOf(solution, ease);
    expect(fed.length).toBeGreaterThan(0);
    const after = solveDesign({ ...bifold, rules: { ...bifold.rules, 'ease.card.across': ease.value + 2 } });
    const grown = fed.map(({ path, size }) => sizeAt(after, path)!.value - size.value);
    expect(Math.min(...grown)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...grown)).toBeCloseTo(2, 6);
  });
});
