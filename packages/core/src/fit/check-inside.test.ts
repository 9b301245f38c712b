import { expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { waysOut } from '../proposals/ways-out.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';

const shell = demoDesigns.find(({ id }) => id === 'refractometer-case')!;
const pinned = (depth: number) => ({ ...shell, pins: { 'body/depth': depth } });
const shortOf = (depth: number) =>
  solveDesign(pinned(depth)).findings.find(({ code }) => code === 'body.doesNotClose')?.numbers.short;

// docs/worked/refractometer-case.md, section 3: 41.1 on the base, 17.2 in the lid; 67.5 deep with its shells
test('a hard case closes over what is strapped to its base and lies in its lid, as deep as it was made', () => {
  expect(shortOf(67.5)).toBeUndefined();
  expect(solveDesign(shell).findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
});

test('pinned less deep it does not, millimetre for millimetre, and one press lets the pin go', () => {
  const [one, other] = [shortOf(55), shortOf(50)];
  expect(one).toBeGreaterThan(0);
  expect(other! - one!).toBeCloseTo(5, 6);
  // to the middle of the outermost layer of each side, the plates not being in its way
  expect(50 + other!).toBeGreaterThan(41.1 + 17.2);
  expect(50 + other!).toBeLessThan(67.5);
  const design = pinned(50);
  const solution = solveDesign(design);
  const finding = solution.findings.find(({ code }) => code === 'body.doesNotClose')!;
  expect(waysOut(design, solution, standardShelves).get(finding)!.label).toContain('Let go the pin');
});
