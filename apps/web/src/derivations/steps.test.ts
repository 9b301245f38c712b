import { expect, test } from '@jest/globals';
import { solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { stepDoneness, stepsOf, type StepAction } from './steps.ts';

const solution = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);

test.each(demoDesigns.map(({ id }) => id))('%s: every step stands once, in its order, with a tick of its own', (id) => {
  const solved = solution(id);
  const steps = stepsOf(solved, (mm) => `${mm} mm`).flatMap((phase) => phase.steps);
  expect(steps.map((step) => step.number)).toEqual(solved.operations.map(({ number }) => number));
  const ids = steps.flatMap(({ actions }) => actions.map((action) => action.id));
  expect(new Set(ids).size).toBe(ids.length);
  for (const { letters, pieces } of steps) expect(letters.length).toBeGreaterThan(pieces.size > 0 ? 0 : -1);
});
test('what an action is known by follows what it says, not the unit it is said in', () => {
  const hashes = (say: (mm: number) => string) =>
    stepsOf(solution('reel-bag'), say).flatMap(({ steps }) =>
      steps.flatMap(({ actions }) => actions.map(({ hash }) => hash)),
    );
  expect(hashes((mm) => `${mm / 25.4} in`)).toEqual(hashes((mm) => `${mm} mm`));
});
test('an action lights its own pieces and seams, all of them among those of its step', () => {
  for (const { id } of demoDesigns)
    for (const step of stepsOf(solution(id), String).flatMap(({ steps }) => steps)) {
      const own = step.actions.flatMap(({ pieces, seams }) => [...pieces, ...seams]);
      expect([id, step.id, own.every((each) => step.pieces.has(each) || step.seams.has(each))]).toEqual([
        id,
        step.id,
        true,
      ]);
      for (const seam of step.seams) expect(own).toContain(seam);
    }
});
test('a step is done with all its actions, in part with some, and changed where one says something else now', () => {
  const actions = [
    { id: 'a', hash: '1' },
    { id: 'b', hash: '2' },
  ] as unknown as StepAction[];
  const state = (...done: [string, string][]) => stepDoneness({ actions }, new Map(done));
  expect(state()).toBe('open');
  expect(state(['a', '1'])).toBe('part');
  expect(state(['a', '1'], ['b', '2'])).toBe('done');
  expect(state(['a', '1'], ['b', 'old'])).toBe('changed');
  expect(state(['c', '1'])).toBe('open');
});
test.each([
  ['permit-bifold', 'Cut and mark the pieces', 'at the table'],
  ['net-sack', 'Sew the shell', 'by machine'],
  ['survey-folio', 'Set the magnets', 'by hand'],
])('%s: “%s” is done %s, in minutes', (id, title, by) => {
  const step = stepsOf(solution(id), String)
    .flatMap(({ steps }) => steps)
    .find((each) => each.title === title)!;
  expect(step.by).toBe(by);
  expect(step.minutes).toMatch(/^\d+ min$/);
});
test.each(demoDesigns.map(({ id }) => id))('%s: steps are told action by action, none without words', (id) => {
  for (const { title, actions } of stepsOf(solution(id), (mm) => `${mm} mm`).flatMap(({ steps }) => steps)) {
    expect([title, actions.length > 0]).toEqual([title, true]);
    for (const { sentence } of actions) expect(sentence).toMatch(/^[A-Z].*\.$/);
  }
});
test('a caution is told with the step that it warns of, and with no other', () => {
  const warned = stepsOf(solution('survey-folio'), String)
    .flatMap(({ steps }) => steps)
    .filter(({ warnings }) => warnings.length > 0);
  expect(warned.map(({ title }) => title)).toEqual(['Set the magnets']);
  expect(warned[0]!.warnings.join(' ')).toContain('pacemaker');
});
