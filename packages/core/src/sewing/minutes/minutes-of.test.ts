import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { minutesOfBatch, workplaces, totalOf, type Workplace } from './minutes-of.ts';

const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
const spent = (id: string, rules: Record<string, number> = {}) => {
  const { operations } = solveDesign({ ...demo(id), rules: { ...demo(id).rules, ...rules } });
  const at = (place: Workplace) => operations.reduce((total, { minutes }) => total + minutes[place].value, 0);
  return { table: at('table'), iron: at('iron'), machine: at('machine'), hand: at('hand') };
};

describe('the minutes of two designs, worked by hand (docs/worked)', () => {
  test.each([
    ['net-sack', { table: 5.0335, iron: 3.6, machine: 5.6265, hand: 2.9765 }],
    ['probe-roll', { table: 7.588, iron: 1.2, machine: 6.571, hand: 3.701 }],
  ])('%s', (id, byHand) => {
    const own = spent(id);
    for (const place of workplaces) expect([place, own[place]]).toEqual([place, expect.closeTo(byHand[place], 6)]);
  });

  // 1 + .9 + .8462 + .81 + .783 + .7616 + .7439 + .729 + .7161 + .7047 + .6946 + .6854, times the first
  test.each([
    ['net-sack', 17.2365, 161.58],
    ['probe-roll', 19.06, 178.68],
  ])('a batch of twelve, %s', (_, first, all) => {
    expect(minutesOfBatch(first, 12, 0.9)).toBeCloseTo(all, 1);
  });
});

test('Wright: the second takes the share, the fourth its square; without learning all take the same', () => {
  expect(minutesOfBatch(10, 2, 0.9) - minutesOfBatch(10, 1, 0.9)).toBeCloseTo(9, 9);
  expect(minutesOfBatch(10, 4, 0.9) - minutesOfBatch(10, 3, 0.9)).toBeCloseTo(8.1, 9);
  expect(minutesOfBatch(10, 7, 1)).toBeCloseTo(70, 9);
});

test('a rule that is set otherwise moves what goes by it, and says so', () => {
  const [before, after] = [spent('probe-roll'), spent('probe-roll', { 'time.begin': 1.4 })];
  // the tie, the seam all round, topstitching, the pocket, six channels
  expect(after.machine - before.machine).toBeCloseTo(10, 6);
  expect(after.hand).toBeCloseTo(before.hand, 9);
  const [, second] = solveDesign(demo('probe-roll')).operations;
  expect(JSON.stringify(second!.minutes.machine)).toContain('rules/time.begin');
});

test('every step of every design takes some minutes, and none takes hours', () => {
  for (const design of demoDesigns)
    for (const { id, minutes } of solveDesign(design).operations)
      expect([design.id, id, totalOf(minutes) > 0.05, totalOf(minutes) < 120]).toEqual([design.id, id, true, true]);
});

describe('the length of stitches', () => {
  const stitches = (id: string, more: object = {}) =>
    solveDesign({ ...demo(id), ...more }).operations.flatMap(({ actions }) =>
      actions.flatMap(({ verb, stitch }) => (stitch === undefined ? [] : [[verb, stitch] as const])),
    );

  test('each machine row has one: seams short, rows that are seen longer, basting longest', () => {
    for (const design of demoDesigns)
      for (const [verb, stitch] of stitches(design.id)) {
        if (verb === 'baste' || verb === 'basteLayer') expect([design.id, stitch]).toEqual([design.id, 4]);
        if (verb === 'topstitch') expect([3, 3.5]).toContain(stitch);
      }
    expect(new Set(stitches('net-sack').map(([, stitch]) => stitch))).toEqual(new Set([2.5, 3]));
  });

  test('thick layers take longer stitches: 3 mm of cloth at the needle', () => {
    // two walls of felt 2 mm are 4 mm, of ripstop 0.24
    const seam = (material: string) =>
      stitches('net-sack', {
        stacks: { ...demo('net-sack').stacks, exterior: [{ material, coverage: 'full' }] },
      }).findLast(([verb]) => verb === 'sew')![1];
    expect(seam('ripstop')).toBe(2.5);
    expect(seam('felt-2')).toBe(3.5);
  });
});
