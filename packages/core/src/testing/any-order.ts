import type { Step } from '../pieces/contribution.ts';

type Waiting = Pick<Step, 'id' | 'needs' | 'waitsFor'>;

/** Steps in one of the orders in which each comes after what it waits for, whatever their phases.
 * @param seed of which order */
export function anyOrder<S extends Waiting>(steps: readonly S[], seed: number): S[] {
  const known = new Set(steps.map(({ id }) => id));
  const done = new Set<string>();
  const waiting = [...steps];
  const order: S[] = [];
  let state = seed >>> 0;
  // a linear congruential generator, with the multiplier of Numerical Recipes (from memory)
  const next = (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
  while (waiting.length > 0) {
    const ready = waiting.filter(({ needs, waitsFor = [] }) =>
      [...needs, ...waitsFor].every((id) => done.has(id) || !known.has(id)),
    );
    const chosen = ready[next(ready.length)];
    if (!chosen) throw new Error(`some steps wait for one another: ${waiting.map(({ id }) => id).join(', ')}`);
    waiting.splice(waiting.indexOf(chosen), 1);
    done.add(chosen.id);
    order.push(chosen);
  }
  return order;
}
