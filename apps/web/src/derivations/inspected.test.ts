import { expect, test } from '@jest/globals';
import { sizeAt } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { inspected } from './inspected.ts';
import { solvedOf } from './solution.ts';

test.each(demoDesigns.map((design) => [design.id, design] as const))(
  'each object of %s is inspected as itself, and each of its sizes is there',
  (_, design) => {
    const solved = solvedOf(design);
    if (!solved.ok) throw new Error(solved.message);
    const { solution } = solved;
    const objects = [
      'body',
      'closure',
      ...design.holders.map(({ id }) => `holders/${id}`),
      ...(design.parts ?? []).map(({ id }) => `parts/${id}`),
    ];
    for (const path of objects) {
      const shown = inspected(design, solution, path);
      expect(shown.path).toBe(path);
      expect([shown.title, shown.about].every((text) => text.length > 0)).toBe(true);
      for (const { path: size, label } of shown.sizes) {
        expect([size, sizeAt(solution, size)?.value]).toEqual([size, expect.any(Number)]);
        expect(label[0]).toBe(label[0]!.toUpperCase());
      }
      // a rule is set in one place: as a setting of the object, or below as a rule
      const own = shown.params.flatMap(({ spec }) => (spec.kind === 'length' ? [spec.rule.id] : []));
      expect(shown.rules.map(({ id }) => id).filter((id) => own.includes(id))).toEqual([]);
    }
  },
);

test('a line of contents leads to the holder that holds it', () => {
  const [design] = demoDesigns as [(typeof demoDesigns)[number]];
  const solved = solvedOf(design);
  if (!solved.ok) throw new Error(solved.message);
  for (const holder of design.holders)
    for (const { line } of holder.contents) {
      const { path } = inspected(design, solved.solution, `contents/${line}`);
      const at = design.holders.find(({ contents }) => contents.some((entry) => entry.line === line))!;
      expect(path).toBe(`holders/${at.id}`);
    }
});

test.each(['holders/gone', 'contents/gone', 'parts/gone', 'moon', ''])(
  'what is gone (%s) leaves the whole piece in the inspector',
  (selection) => {
    const [design] = demoDesigns as [(typeof demoDesigns)[number]];
    const solved = solvedOf(design);
    if (!solved.ok) throw new Error(solved.message);
    expect(inspected(design, solved.solution, selection).path).toBe('body');
  },
);
