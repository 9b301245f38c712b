import type { GridId, RoundingDirection } from '../units/grid.ts';
import { roundToGrid } from '../units/grid.ts';

/** What a number counts. Lengths are always mm. */
export type Unit = 'mm' | 'rad' | 'g' | 'min' | 'money' | 'turns' | 'ratio' | 'count';

/** A rule of the trade: how it is called, its formula in one line, and where it comes from. */
export interface Rule {
  readonly id: string;
  readonly formula: string;
  /** `geometry: ...`, a published source, or `common practice`. */
  readonly source: string;
}

/** Where a number that was not computed comes from. */
export interface Origin {
  kind: 'item' | 'material' | 'hardware' | 'houseRule' | 'document' | 'standard' | 'input';
  path: string;
  source?: string;
}

export interface Term {
  name: string;
  /** How often it enters a sum (2 seams, -1 for what is taken away); 1 elsewhere. */
  times: number;
  from: Derived;
}

export interface Rounding {
  grid: GridId;
  direction: RoundingDirection;
  /** What rounding added, mm (negative where it took away). */
  residue: number;
}

/** A number that explains itself: built by the function that computes it, so that value and reason cannot drift. */
export interface Derived {
  readonly kind: 'derived';
  readonly value: number;
  readonly unit: Unit;
  readonly label: string;
  readonly op: 'given' | 'sum' | 'product' | 'max' | 'min' | 'rule' | 'rounded';
  readonly inputs: readonly Term[];
  readonly rule?: Rule;
  readonly origin?: Origin;
  readonly rounding?: Rounding;
}

export type Addend = Derived | { times: number; of: Derived };

const term = (from: Derived, times = 1): Term => ({ name: from.label, times, from });
const isDerived = (part: Addend): part is Derived => 'kind' in part;

export const isDerivedValue = (value: unknown): value is Derived =>
  typeof value === 'object' && value !== null && (value as { kind?: unknown }).kind === 'derived';

/** A number that comes from outside: an item, a material, a house rule, the document. */
export function given(label: string, value: number, origin: Origin, unit: Unit = 'mm'): Derived {
  return { kind: 'derived', value, unit, label, op: 'given', inputs: [], origin };
}

/** An addend that enters a sum more than once. */
export const times = (count: number, of: Derived): Addend => ({ times: count, of });

/** An addend that is taken away. */
export const minus = (of: Derived): Addend => ({ times: -1, of });

/** The sum of its parts; parts that add nothing are left out, so that the explanation stays readable. */
export function sum(label: string, parts: Addend[]): Derived {
  const terms = parts.map((part) => (isDerived(part) ? term(part) : term(part.of, part.times)));
  const value = terms.reduce((total, { times: count, from }) => total + count * from.value, 0);
  const told = terms.filter(({ times: count, from }) => count !== 0 && from.value !== 0);
  return { kind: 'derived', value, unit: terms[0]?.from.unit ?? 'mm', label, op: 'sum', inputs: told };
}

/** The product of a length and plain numbers. */
export function product(label: string, factors: Derived[]): Derived {
  const value = factors.reduce((total, factor) => total * factor.value, 1);
  const unit = factors.find((factor) => factor.unit !== 'ratio' && factor.unit !== 'count')?.unit ?? 'ratio';
  return { kind: 'derived', value, unit, label, op: 'product', inputs: factors.map((factor) => term(factor)) };
}

function extreme(op: 'max' | 'min', label: string, choices: Derived[]): Derived {
  const value = Math[op](...choices.map((choice) => choice.value));
  const unit = choices[0]?.unit ?? 'mm';
  return { kind: 'derived', value, unit, label, op, inputs: choices.map((choice) => term(choice)) };
}

/** The largest of several demands. */
export const largest = (label: string, choices: Derived[]): Derived => extreme('max', label, choices);

/** The smallest of several. */
export const smallest = (label: string, choices: Derived[]): Derived => extreme('min', label, choices);

/** The result of a named rule. */
export function byRule(rule: Rule, label: string, value: number, inputs: Derived[], unit: Unit = 'mm'): Derived {
  return { kind: 'derived', value, unit, label, op: 'rule', rule, inputs: inputs.map((input) => term(input)) };
}

/** The number on the grid, with what the rounding added. */
export function rounded(of: Derived, grid: GridId, direction: RoundingDirection): Derived {
  const value = roundToGrid(of.value, grid, direction);
  const rounding = { grid, direction, residue: value - of.value };
  return { kind: 'derived', value, unit: of.unit, label: of.label, op: 'rounded', inputs: [term(of)], rounding };
}

/** The same number under another name. */
export const named = (label: string, of: Derived): Derived => ({ ...of, label });
