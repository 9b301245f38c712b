import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { carryOut } from '../../sewing/model/carry-out.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { anyOrder } from '../any-order.ts';
import { interpret } from './bench.ts';
import { faultsOf, type Fault } from './faults.ts';

const solved = demoDesigns.map((design) => [design.id, solveDesign(design)] as const);

describe.each(solved)('%s', (_, solution) => {
  test('is made as its steps say, and in any order that the model allows', () => {
    expect(interpret(solution)).toEqual([]);
    for (let seed = 1; seed <= 5; seed++)
      expect([seed, interpret({ ...solution, operations: anyOrder(solution.operations, seed) })]).toEqual([seed, []]);
  });
});

test('what cannot be made the model finds, and it refuses nothing that can', () => {
  const counts = new Map<Fault['sort'], { all: number; wrong: number; found: number }>();
  const [missed, refused]: [string[], string[]] = [[], []];
  for (const [id, solution] of solved)
    for (const { sort, what, steps } of faultsOf(solution.operations)) {
      const bench = interpret({ ...solution, operations: steps });
      const model = carryOut({ ...solution, operations: steps });
      const { all, wrong, found } = counts.get(sort) ?? { all: 0, wrong: 0, found: 0 };
      const [isWrong, isFound] = [bench.length > 0, bench.length > 0 && model.length > 0];
      counts.set(sort, { all: all + 1, wrong: wrong + Number(isWrong), found: found + Number(isFound) });
      if (isWrong && !isFound) missed.push(`${id}, ${what}: ${bench[0]!}`);
      if (!isWrong && model.length > 0) refused.push(`${id}, ${what}: ${model[0]!.operation} ${model[0]!.fact}`);
    }
  const rows = [...counts].map(([sort, { all, wrong, found }]) => `  ${sort} | ${all} | ${wrong} | ${found}`);
  process.stdout.write(
    `faults: sort | of all | wrong at the bench | found by the model; refused by the model alone: ${refused.length}\n${rows.join('\n')}\n`,
  );
  expect(missed).toEqual([]);
  expect(refused).toEqual([]);
});

describe('the bench bites', () => {
  const demo = (id: string) => solved.find(([each]) => each === id)![1];
  /** What it says of a design with a step done before another, or after all. */
  const withMoved = (id: string, step: string, before?: string): string[] => {
    const solution = demo(id);
    const own = solution.operations.find((each) => each.id === step)!;
    const others = solution.operations.filter((each) => each !== own);
    const at = before === undefined ? others.length : others.findIndex((each) => each.id === before);
    return interpret({ ...solution, operations: others.toSpliced(at, 0, own) });
  };

  test.each([
    ['a note panel folded when it is sewn on', 'permit-bifold', 'holders/C/fold', undefined, /is not folded yet/],
    ['a strip pleated when its sides are sewn', 'junior-bifold', 'holders/A/prepare', undefined, /pleated/],
    ['a panel sewn through the note compartment', 'permit-bifold', 'holders/A/set', 'body/join', /would go through/],
    [
      'a pocket set on a lining that is closed',
      'survey-folio',
      'holders/C/set',
      'body/turn',
      /lies behind body\/lining/,
    ],
    [
      'zipper tabs when the zipper is in',
      'lens-pouch',
      'closure/zipper',
      undefined,
      /end is not reached|sewn on already/,
    ],
    ['the cord before its casing', 'reel-bag', 'closure/cord', 'closure/casing', /no casing yet/],
    ['tried before it is turned', 'net-sack', 'body/topstitch', 'body/turn', /tried before it is turned/],
    ['hemmed flat when the side is sewn', 'net-sack', 'body/hem', 'body/turn', /cannot be hemmed flat/],
    ['a bag put into one that is open', 'caliper-sleeve', 'body/shell', 'body/turn', /no bag yet/],
    ['corners opened before the seams', 'boat-tote', 'body/turn', 'body/shell', /not sewn/],
  ])('%s', (_, id, step, before, words) => {
    expect(withMoved(id, step, before).join('; ')).toMatch(words);
  });
});
