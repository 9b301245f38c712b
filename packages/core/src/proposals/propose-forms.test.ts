import { describe, expect, test } from '@jest/globals';
import { bodyKinds } from '../bodies/body-kinds.ts';
import { demoDesigns } from '../demo/index.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { bySuitability, proposeForms } from './propose-forms.ts';

const proposalsFor = (id: string) => {
  const design = demoDesigns.find((each) => each.id === id)!;
  return [...proposeForms(design, standardShelves)].sort(bySuitability);
};

describe('forms for contents', () => {
  test('every family is tried, with all contents, and the design itself as it is', () => {
    const design = demoDesigns.find(({ id }) => id === 'survey-folio')!;
    const all = [...proposeForms(design, standardShelves)];
    expect(all.map(({ kind }) => kind).sort()).toEqual(Object.keys(bodyKinds).sort());
    for (const { kind, document, held, of, solution } of all) {
      expect(document.contents.map(({ id, count }) => [id, count])).toEqual(
        design.contents.map(({ id, count }) => [id, count]),
      );
      expect(of).toBe(9);
      const homeless = solution.findings.filter(({ code }) => code === 'contents.notHeld');
      expect([kind, held === of]).toEqual([kind, homeless.length === 0]);
    }
    expect(all.find(({ kind }) => kind === 'folio')!.document).toBe(design);
  });
  // common practice: cards go into a bifold, probes into a roll, what is round onto a round base
  test.each([
    ['permit-bifold', 'foldover'],
    ['junior-bifold', 'foldover'],
    ['probe-roll', 'roll'],
    ['sieve-bag', 'round'],
  ])('%s: the first is a %s', (id, kind) => expect(proposalsFor(id)[0]!.kind).toBe(kind));
  test('what does not hold everything comes last', () => {
    for (const { id } of demoDesigns) {
      const whole = proposalsFor(id).map(({ held, of }) => held === of);
      expect([id, whole]).toEqual([id, [...whole].sort((a, b) => Number(b) - Number(a))]);
    }
  });
  test('of nothing, every form is its least', () => {
    const empty = newDesign({ id: 'empty', name: 'Empty' });
    for (const { suits, held, of } of proposeForms(empty, standardShelves))
      expect([suits, held, of]).toEqual([0, 0, 0]);
  });
  test('only some are tried if so asked', () => {
    const kinds = [...proposeForms(newDesign({ id: 'a', name: 'A' }), standardShelves, ['roll', 'balloon'])];
    expect(kinds.map(({ kind }) => kind)).toEqual(['roll']);
  });
});
