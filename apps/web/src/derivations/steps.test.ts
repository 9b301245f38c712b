import { expect, test } from '@jest/globals';
import { solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { shortened, stepsOf } from './steps.ts';

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
test.each([
  ['Fold the strip. Press it.', 'Fold the strip'],
  ['Shell, right sides together: sew the sides.', 'Shell, right sides together'],
  ['Turn.', 'Turn'],
])('%s is called “%s”', (text, name) => expect(shortened(text)).toBe(name));
test('a long step is cut between two words', () => {
  const name = shortened('one two three four five six seven eight nine ten eleven twelve thirteen', 30);
  expect(name).toBe('one two three four five six …');
});
