import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { carryOut } from '../sewing/model/carry-out.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { anyOrder } from './any-order.ts';
import { interpret } from './interpreter.ts';

const solved = demoDesigns.map((design) => [design.id, solveDesign(design)] as const);
type Steps = Solution['operations'];

describe.each(solved)('%s', (_, solution) => {
  test('is made as its steps say, and in any order that the model allows', () => {
    expect(interpret(solution)).toEqual([]);
    for (let seed = 1; seed <= 5; seed++)
      expect([seed, interpret({ ...solution, operations: anyOrder(solution.operations, seed) })]).toEqual([seed, []]);
  });
});

/** Steps with one fault: an action taken away, a step done one place sooner, or moved to another place. */
function faults({ operations }: Solution): { sort: 'taken' | 'swapped' | 'moved'; steps: Steps }[] {
  const taken = operations.flatMap((step, at) =>
    step.actions.map((_, index) => ({
      sort: 'taken' as const,
      steps: operations.with(at, { ...step, actions: step.actions.toSpliced(index, 1) }),
    })),
  );
  const swapped = operations.slice(1).map((step, at) => ({
    sort: 'swapped' as const,
    steps: operations.toSpliced(at, 2, step, operations[at]!),
  }));
  const moved = operations.flatMap((step, at) =>
    operations.flatMap((_, to) =>
      Math.abs(to - at) > 1
        ? [{ sort: 'moved' as const, steps: operations.toSpliced(at, 1).toSpliced(to, 0, step) }]
        : [],
    ),
  );
  return [...taken, ...swapped, ...moved];
}

test('what cannot be made, the model finds: it knows of all that the bench finds wrong', () => {
  const counts = new Map<string, { wrong: number; found: number; refused: number; all: number }>();
  const missed: string[] = [];
  for (const [id, solution] of solved)
    for (const { sort, steps } of faults(solution)) {
      const bench = interpret({ ...solution, operations: steps });
      const model = carryOut({ ...solution, operations: steps });
      const count = counts.get(sort) ?? { wrong: 0, found: 0, refused: 0, all: 0 };
      const isWrong = bench.length > 0;
      counts.set(sort, {
        all: count.all + 1,
        wrong: count.wrong + Number(isWrong),
        found: count.found + Number(isWrong && model.length > 0),
        refused: count.refused + Number(!isWrong && model.length > 0),
      });
      if (isWrong && model.length === 0) missed.push(`${id} ${sort}: ${bench[0]!}`);
    }
  const rows = [...counts].map(
    ([sort, { wrong, found, refused, all }]) => `  ${sort} | ${all} | ${wrong} | ${found} | ${refused}`,
  );
  process.stdout.write(
    `faults: sort | of all | wrong at the bench | found by the model | refused by the model alone\n${rows.join('\n')}\n`,
  );
  expect(missed).toEqual([]);
});
