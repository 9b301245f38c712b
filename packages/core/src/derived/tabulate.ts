import { isDerivedValue, type Derived, type Origin, type Rounding, type Unit } from './derived.ts';

/** One row of a solution's derivation table. */
export interface Derivation {
  id: string;
  label: string;
  value: number;
  unit: Unit;
  op: Derived['op'];
  rule?: string;
  formula?: string;
  source?: string;
  inputs: { name: string; times: number; from: string }[];
  origin?: Origin;
  rounding?: Rounding;
}

/** How a derived number stands in JSON: its value, and the id of the row that explains it. */
export interface DerivedRef {
  value: number;
  unit: Unit;
  label: string;
  why: string;
}

/** The derivation table of a tree of results.
 * @param tree any plain data with Derived numbers in it
 * @returns the same data with every Derived replaced by a reference, and the rows; ids are the paths in the tree,
 *   and rows that only other rows use are named after the first that uses them */
export function tabulate(tree: unknown): { tree: unknown; rows: Derivation[] } {
  const ids = new Map<Derived, string>();
  const rows: Derivation[] = [];
  const row = (derived: Derived, path: string): string => {
    const known = ids.get(derived);
    if (known) return known;
    ids.set(derived, path);
    const { label, value, unit, op, rule, origin, rounding } = derived;
    const inputs = derived.inputs.map(({ name, times, from }, index) => ({
      name,
      times,
      from: row(from, `${path}.${index + 1}`),
    }));
    rows.push({
      id: path,
      label,
      value,
      unit,
      op,
      inputs,
      ...(rule && { rule: rule.id, formula: rule.formula, source: rule.source }),
      ...(origin && { origin }),
      ...(rounding && { rounding }),
    });
    return path;
  };
  const copy = (node: unknown, path: string): unknown => {
    if (isDerivedValue(node))
      return { value: node.value, unit: node.unit, label: node.label, why: row(node, path) } satisfies DerivedRef;
    if (Array.isArray(node)) {
      const keys = keysOf(node);
      return node.map((child, index) => copy(child, `${path}/${keys[index]}`));
    }
    if (typeof node !== 'object' || node === null) return node;
    return Object.fromEntries(
      Object.entries(node).map(([key, child]) => [key, copy(child, path ? `${path}/${key}` : key)]),
    );
  };
  return { tree: copy(tree, ''), rows };
}

/** Members of a list go by their ids, if they all have one of their own, else by their number. */
function keysOf(list: readonly unknown[]): (string | number)[] {
  const ids = list.map((node) => (node as { id?: unknown } | null)?.id);
  const named = ids.every((id) => typeof id === 'string') && new Set(ids).size === ids.length;
  return named ? (ids as string[]) : list.map((_, index) => index + 1);
}
