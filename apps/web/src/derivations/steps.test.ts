import { expect, test } from '@jest/globals';
import { solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { stepsOf } from './steps.ts';

const solution = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);

test.each(demoDesigns.map(({ id }) => id))('%s: every step stands once, in its order, with a tick of its own', (id) => {
  const solved = solution(id);
  const steps = stepsOf(solved, (mm) => `${mm} mm`).flatMap((phase) => phase.steps);
  expect(steps.map((step) => step.number)).toEqual(solved.operations.map(({ number }) => number));
  expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length);
  for (const { letters, pieces } of steps) expect(letters.length).toBeGreaterThan(pieces.size > 0 ? 0 : -1);
});
test('a key follows what the step says, not the unit it is said in', () => {
  const keys = (say: (mm: number) => string) =>
    stepsOf(solution('reel-bag'), say).flatMap(({ steps }) => steps.map(({ key }) => key));
  expect(keys((mm) => `${mm / 25.4} in`)).toEqual(keys((mm) => `${mm} mm`));
});
test.each(demoDesigns.map(({ id }) => id))('%s: steps are told action by action, none without words', (id) => {
  for (const { title, sentences } of stepsOf(solution(id), (mm) => `${mm} mm`).flatMap(({ steps }) => steps)) {
    expect([title, sentences.length > 0]).toEqual([title, true]);
    for (const sentence of sentences) expect(sentence).toMatch(/^[A-Z].*\.$/);
  }
});
test('a caution is told with the step that it warns of, and with no other', () => {
  const warned = stepsOf(solution('survey-folio'), String)
    .flatMap(({ steps }) => steps)
    .filter(({ warnings }) => warnings.length > 0);
  expect(warned.map(({ title }) => title)).toEqual(['Set the magnets']);
  expect(warned[0]!.warnings.join(' ')).toContain('pacemaker');
});
