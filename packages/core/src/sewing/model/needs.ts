import { effectsOf } from './effects-of.ts';
import type { Effects, Fact } from './facts.ts';
import { tableOf } from './table.ts';
import type { Work } from './carry-out.ts';

/** Which operations each one must wait for: those that do what it asks for, and those that ask for what it ends. */
export function needsOf({ pieces, seams, operations }: Work): Map<string, Set<string>> {
  const table = tableOf(pieces, seams, operations);
  const all = operations.map(({ id, actions }) => {
    const effects = actions.map((action) => effectsOf(action, table));
    const of = (...keys: (keyof Effects)[]) => new Set(keys.flatMap((key) => effects.flatMap((each) => each[key])));
    // by habit it comes after what does something, and before what ends it
    return {
      id,
      reads: of('reads', 'habits'),
      writes: of('writes'),
      wants: of('wants', 'habits'),
      ends: of('ends'),
    };
  });
  const writers = by(all, 'writes');
  const asking = by(all, 'wants');
  return new Map(
    all.map(({ id, reads, ends }) => {
      const needs = new Set([
        ...[...reads].flatMap((fact) => writers.get(fact) ?? []),
        ...[...ends].flatMap((fact) => asking.get(fact) ?? []),
      ]);
      needs.delete(id);
      return [id, needs];
    }),
  );
}

function by(
  all: readonly ({ id: string } & Record<'writes' | 'wants', ReadonlySet<Fact>>)[],
  key: 'writes' | 'wants',
): Map<Fact, string[]> {
  const found = new Map<Fact, string[]>();
  for (const each of all) for (const fact of each[key]) found.set(fact, [...(found.get(fact) ?? []), each.id]);
  return found;
}
