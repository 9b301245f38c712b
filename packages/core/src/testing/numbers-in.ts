import { isDerivedValue, type Derived } from '../derived/derived.ts';

/** Every number of a tree of results that explains itself, with those that it is made from, each once. */
export function numbersIn(tree: unknown): Derived[] {
  const found = new Set<Derived>();
  const looked = new Set<object>();
  const open: unknown[] = [tree];
  while (open.length > 0) {
    const value = open.pop();
    if (typeof value !== 'object' || value === null || looked.has(value)) continue;
    looked.add(value);
    if (isDerivedValue(value)) {
      found.add(value);
      open.push(...value.inputs.map(({ from }) => from));
    } else open.push(...(value instanceof Map ? value.values() : Object.values(value)));
  }
  return [...found];
}
