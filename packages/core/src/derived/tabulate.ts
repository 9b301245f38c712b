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
  // a result keeps its own path, also if an earlier result is made from it
  const shown = copy(tree, '', (derived, path) => {
    if (!ids.has(derived)) ids.set(derived, path);
    return { value: derived.value, unit: derived.unit, label: derived.label, why: ids.get(derived)! };
  });
  const rows: Derivation[] = [];
  for (const [derived, path] of [...ids]) addRow(derived, path, ids, rows);
  return { tree: shown, rows };
}

function addRow(derived: Derived, id: string, ids: Map<Derived, string>, rows: Derivation[]): void {
  const inputs = derived.inputs.map(({ name, times, from }, index) => {
    const known = ids.get(from);
    if (known !== undefined) return { name, times, from: known };
    const path = `${id}.${index + 1}`;
    ids.set(from, path);
    addRow(from, path, ids, rows);
    return { name, times, from: path };
  });
  const { label, value, unit, op, rule, origin, rounding } = derived;
  rows.push({
    id,
    label,
    value,
    unit,
    op,
    inputs,
    ...(rule && { rule: rule.id, formula: rule.formula, source: rule.source }),
    ...(origin && { origin }),
    ...(rounding && { rounding }),
  });
}

/** A copy of plain data with something else in the place of every Derived. */
function copy(node: unknown, path: string, replace: (derived: Derived, path: string) => DerivedRef): unknown {
  if (isDerivedValue(node)) return replace(node, path);
  if (Array.isArray(node)) {
    const keys = keysOf(node);
    return node.map((child, index) => copy(child, `${path}/${keys[index]}`, replace));
  }
  if (typeof node !== 'object' || node === null) return node;
  const entries = Object.entries(node).map(([key, child]) => [
    key,
    copy(child, path ? `${path}/${key}` : key, replace),
  ]);
  return Object.fromEntries(entries) as unknown;
}

/** Members of a list go by their ids, if they all have one of their own, else by their number. */
function keysOf(list: readonly unknown[]): (string | number)[] {
  const ids = list.map((node) => (node as { id?: unknown } | null)?.id);
  const named = ids.every((id) => typeof id === 'string') && new Set(ids).size === ids.length;
  return named ? (ids as string[]) : list.map((_, index) => index + 1);
}
