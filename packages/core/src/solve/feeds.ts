import type { Derived } from '../derived/derived.ts';
import type { Solution } from './solution.ts';

/** Every size of a solution that has a path (see `sizeAt`), in the order in which they follow from each other. */
export function namedSizes({
  holders,
  body,
  closure,
  parts,
  finished,
  closedThickness,
  emptyThickness,
  pieces,
}: Solution): [path: string, size: Derived][] {
  const all = (prefix: string, sizes: Readonly<Record<string, Derived>>): [string, Derived][] =>
    Object.entries(sizes).map(([key, size]) => [`${prefix}/${key}`, size]);
  return [
    ...holders.flatMap(({ id, sizes }) => all(`holders/${id}`, sizes)),
    ...all('body', body.sizes),
    ...all('closure', closure.sizes),
    ...parts.flatMap(({ id, sizes }) => all(`parts/${id}`, sizes)),
    ...all('finished', finished),
    ['thickness/full', closedThickness],
    ['thickness/empty', emptyThickness],
    ...pieces.flatMap(({ id, cutWidth, cutHeight }): [string, Derived][] => [
      [`pieces/${id}/cutWidth`, cutWidth],
      [`pieces/${id}/cutHeight`, cutHeight],
    ]),
  ];
}

/** The named sizes that a number goes into, with no other named size in between.
 * @param number a size of the solution, or any part of the sum behind one */
export function feedsOf(solution: Solution, number: Derived): { path: string; size: Derived }[] {
  const named = namedSizes(solution);
  const known = new Set(named.map(([, size]) => size));
  return named.flatMap(([path, size]) => (size !== number && reaches(size, number, known) ? [{ path, size }] : []));
}

/** Whether a number is found in the sum behind a size, without going into the sums of other named sizes. */
function reaches(size: Derived, number: Derived, known: ReadonlySet<Derived>): boolean {
  const seen = new Set<Derived>();
  const open = size.inputs.map(({ from }) => from);
  while (open.length > 0) {
    const next = open.pop()!;
    if (next === number) return true;
    if (seen.has(next) || known.has(next)) continue;
    seen.add(next);
    open.push(...next.inputs.map(({ from }) => from));
  }
  return false;
}
