import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { anyOrder } from '../../testing/any-order.ts';
import type { Action, Verb } from '../actions/action.ts';
import { carryOut, type Trouble } from './carry-out.ts';

const solved = new Map(demoDesigns.map((design) => [design.id, solveDesign(design)]));
const demo = (id: string): Solution => solved.get(id)!;
type Steps = Solution['operations'];

const troublesOf = (solution: Solution, operations: Steps): Trouble[] => carryOut({ ...solution, operations });
/** The step of that id done before another one, or last of all. */
function moved({ operations }: Solution, id: string, before?: string): Steps {
  const step = operations.find((each) => each.id === id)!;
  const others = operations.filter((each) => each !== step);
  const at = before === undefined ? others.length : others.findIndex((each) => each.id === before);
  expect([id, step !== undefined, at >= 0]).toEqual([id, true, true]);
  return others.toSpliced(at, 0, step);
}
const without = ({ operations }: Solution, gone: (action: Action) => boolean): Steps =>
  operations.map((step) => ({ ...step, actions: step.actions.filter((action) => !gone(action)) }));
const facts = (troubles: readonly Trouble[]) =>
  troubles.map(({ operation, why, fact }) => `${operation} ${why} ${fact}`);

describe.each([...solved])('%s', (_, solution) => {
  test('comes out, as its steps stand and in ten orders that they allow', () => {
    expect(carryOut(solution)).toEqual([]);
    for (let seed = 1; seed <= 10; seed++)
      expect([seed, troublesOf(solution, anyOrder(solution.operations, seed))]).toEqual([seed, []]);
  });
});

describe('what went wrong by hand is found', () => {
  // common practice: each of these was done so once, and had to be unpicked
  test.each([
    [
      'a gusset pinched before the seam that needs its length',
      'receipts-accordion',
      'body/wrap',
      'body/join',
      /body\/wrap/,
    ],
    [
      'a pocket set when the layers are joined',
      'survey-folio',
      'holders/C/set',
      'body/turn',
      /tooLate single:body\/lining/,
    ],
    [
      'a magnet set when its back cannot be reached',
      'survey-folio',
      'closure/magnets',
      'body/turn',
      /tooLate single:body/,
    ],
    ['a mate set when the lining is on', 'logger-bag', 'closure/set', 'body/turn', /tooLate single:body\/shell/],
    [
      'a strap sewn to a wall that is a box already',
      'logger-bag',
      'parts/strap/strap',
      'body/join',
      /tooLate flat:body\/shell/,
    ],
    [
      'a zipper set behind a window when its bag is closed',
      'survey-folio',
      'holders/A/zipper',
      'holders/B/set',
      /tooLate open:holders\/A#/,
    ],
    [
      'a pocket set before its mouth is bound',
      'survey-folio',
      'holders/B/set',
      'holders/B/mouth',
      /notYet made:holders\/B\/front/,
    ],
    [
      'a strip pleated when it is backed',
      'junior-bifold',
      'holders/A/prepare',
      'holders/A/set',
      /tooLate flat:holders\/A\/strip/,
    ],
    ['a shell turned before it is sewn', 'caliper-sleeve', 'body/turn', 'body/mouth', /notYet sewn:body\/mouth/],
    [
      'a mouth joined before its bags are sewn',
      'caliper-sleeve',
      'body/mouth',
      'body/lining',
      /notYet sewn:body\/lining/,
    ],
    ['snaps set before the lining is pushed in', 'caliper-sleeve', 'closure/snaps', 'body/close', /notYet settled/],
    ['a cord drawn in before its casing is stitched', 'reel-bag', 'closure/cord', 'closure/casing', /notYet cased/],
    [
      'casings sewn onto a wall that is round already',
      'sieve-bag',
      'closure/casing',
      'body/mouth',
      /tooLate flat:body\/shell-wall/,
    ],
    [
      'a zipper sewn over at its ends before its edges',
      'refractometer-case',
      'body/gusset',
      'body/zip',
      /notYet sewn:body\/zip/,
    ],
    [
      'loops sewn onto a lid that is basted together',
      'refractometer-case',
      'holders/B/set',
      'body/zip',
      /tooLate single:body\/lining-lid/,
    ],
    [
      'a handle sunk when the mouth is stitched',
      'boat-tote',
      'parts/handles/handles',
      undefined,
      /tooLate open:body\/mouth/,
    ],
    [
      'an inner layer held when the piece is sewn',
      'boat-tote',
      'body/shell/layer-1/baste',
      'body/turn',
      /tooLate flat:body\/shell/,
    ],
  ] as const)('%s', (_, id, step, before, wanted) => {
    const found = facts(troublesOf(demo(id), moved(demo(id), step, before)));
    expect(found.join('\n')).toMatch(wanted);
  });

  test('a snap could be set in a tab that is basted on; by habit it comes before', () => {
    const junior = demo('junior-bifold');
    expect(troublesOf(junior, moved(junior, 'closure/baste', 'closure/snap'))).toEqual([]);
    expect(junior.operations.find(({ id }) => id === 'closure/baste')!.needs).toContain('closure/snap');
  });

  test('a ring of trim sewn on before the wall has its seam', () => {
    const parts = [{ id: 'band', kind: 'trim-band', params: {} }];
    const bag = demoDesigns.find(({ id }) => id === 'sieve-bag')!;
    const solution = solveDesign({ ...bag, closure: { kind: 'none', params: {} }, parts });
    expect(carryOut(solution)).toEqual([]);
    expect(facts(troublesOf(solution, moved(solution, 'parts/band/band', 'body/shell'))).join()).toMatch(
      /notYet sewn:body\/shell\/side/,
    );
  });
  test('a board slid in when the gap is closed', () => {
    const parts = [{ id: 'board', kind: 'stiffener', params: {} }];
    const sleeve = demoDesigns.find(({ id }) => id === 'caliper-sleeve')!;
    const solution = solveDesign({ ...sleeve, parts });
    expect(carryOut(solution)).toEqual([]);
    expect(facts(troublesOf(solution, moved(solution, 'parts/board/board', 'closure/snaps'))).join()).toMatch(
      /tooLate gap:body/,
    );
  });
  test('a layer that nothing holds, a piece that is not cut, a seam that is not sewn', () => {
    const tote = demo('boat-tote');
    expect(
      facts(
        troublesOf(
          tote,
          without(tote, ({ verb }) => verb === 'basteLayer'),
        ),
      ).join(),
    ).toMatch(/never held:body\/shell\/layer-1/);
    expect(
      facts(
        troublesOf(
          tote,
          without(tote, ({ verb }) => verb === 'cut'),
        ),
      ).join(),
    ).toMatch(/never cut:body\/shell/);
    expect(
      facts(
        troublesOf(
          tote,
          without(tote, ({ verb }) => verb === 'box'),
        ),
      ).join(),
    ).toMatch(/never sewn:body\/shell\/corner/);
  });
});

/** Verbs without which the work does not come out, whatever else is done. */
const must: ReadonlySet<Verb> = new Set([
  'cut',
  'mark',
  'fuse',
  'basteLayer',
  'sew',
  'edgestitch',
  'box',
  'setHardware',
  'closeGap',
]);

interface Taken {
  where: string;
  action: Action;
  found: boolean;
}

/** Each action of a design taken away, and whether it is missed. */
const takenAway = ([id, solution]: [string, Solution]): Taken[] =>
  solution.operations.flatMap((step, at) =>
    step.actions.map((action, index) => {
      const operations = solution.operations.with(at, { ...step, actions: step.actions.toSpliced(index, 1) });
      return { where: `${id} ${step.id} ${index}`, action, found: troublesOf(solution, operations).length > 0 };
    }),
  );

test('taken away, each action that the work cannot do without is missed', () => {
  const all = [...solved].flatMap(takenAway);
  const verbs = [...new Set(all.map(({ action }) => action.verb))];
  const rows = verbs.map((verb) => {
    const own = all.filter(({ action }) => action.verb === verb);
    return `  ${verb} | ${own.filter(({ found }) => found).length} of ${own.length}`;
  });
  process.stdout.write(`an action taken away: verb | missed, of all\n${rows.join('\n')}\n`);
  const isMust = (action: Action) => must.has(action.verb) && !('what' in action && action.what === 'middles');
  expect(all.filter(({ action, found }) => isMust(action) && !found).map(({ where }) => where)).toEqual([]);
});

/** Each step done before one that it waits for, and whether that is found. */
function leapt(solution: Solution): boolean[] {
  const { operations } = solution;
  const placeOf = new Map(operations.map(({ id }, at) => [id, at]));
  return operations.flatMap((step, at) =>
    step.needs.flatMap((need) => {
      const before = placeOf.get(need);
      if (before === undefined || before >= at) return [];
      return [troublesOf(solution, operations.toSpliced(at, 1).toSpliced(before, 0, step)).length > 0];
    }),
  );
}

test('a step done before what it waits for is found', () => {
  const all = [...solved.values()].flatMap(leapt);
  const found = all.filter(Boolean).length;
  process.stdout.write(`a step moved before what it waits for: found | ${found} of ${all.length}\n`);
  expect(found / all.length).toBeGreaterThan(0.98);
});
