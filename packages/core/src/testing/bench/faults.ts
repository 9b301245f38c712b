import type { Solution } from '../../solve/solution.ts';

type Steps = Solution['operations'];

/** Steps with one fault, and what it is. */
export interface Fault {
  /** An action taken away; two steps that follow each other changed about; a step moved further. */
  sort: 'taken' | 'swapped' | 'moved';
  /** Which, in words. */
  what: string;
  steps: Steps;
}

/** Every action taken away once, and every step moved to every other place. */
export function* faultsOf(operations: Steps): Generator<Fault> {
  for (const [at, step] of operations.entries())
    for (const [index, { id }] of step.actions.entries()) yield taken(operations, at, index, id);
  for (const at of operations.keys())
    for (const to of operations.keys()) if (to !== at && to !== at - 1) yield moved(operations, at, to);
}

function taken(operations: Steps, at: number, index: number, id: string): Fault {
  const step = operations[at]!;
  const steps = operations.with(at, { ...step, actions: step.actions.toSpliced(index, 1) });
  return { sort: 'taken', what: `${id} is taken away`, steps };
}

function moved(operations: Steps, at: number, to: number): Fault {
  const step = operations[at]!;
  const steps = operations.toSpliced(at, 1).toSpliced(to, 0, step);
  return {
    sort: to === at + 1 ? 'swapped' : 'moved',
    what: `${step.id} is done at ${to + 1} instead of ${at + 1}`,
    steps,
  };
}

/** One action taken away and one step moved, chosen by a number.
 * @param seed of which */
export function someFaults(operations: Steps, seed: number): Fault[] {
  // Knuth's multiplicative hash (from memory): neighbours are far apart
  const pick = (below: number, turn: number) =>
    Math.floor(((Math.imul(seed + turn, 2654435761) >>> 0) / 2 ** 32) * below);
  const at = pick(operations.length, 1);
  const { actions } = operations[at]!;
  const index = pick(actions.length, 2);
  const [from, to] = [pick(operations.length, 3), pick(operations.length, 4)];
  return [taken(operations, at, index, actions[index]!.id), ...(from === to ? [] : [moved(operations, from, to)])];
}
