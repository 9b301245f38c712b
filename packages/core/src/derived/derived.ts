import type { GridId, RoundingDirection, StepId } from '../units/grid.ts';
import { gridFor, gridShowing, roundToGrid } from '../units/grid.ts';

/** What a number counts. Lengths are always mm. */
export type Unit = 'mm' | 'rad' | 'g' | 'min' | 'money' | 'turns' | 'ratio' | 'count';

/** A rule of the trade: how it is called, its formula in one line, and where it comes from. */
export interface Rule {
  readonly id: string;
  readonly formula: string;
  /** `geometry: ...`, a published source, or `common practice`. */
  readonly source: string;
}

/** Where a number that was not computed comes from. `document` is a field of the design, which stands there with this value
 * (`fieldAt`); `cut` was measured on the finished pieces; `input` was given by who asked. */
export interface Origin {
  kind: 'item' | 'material' | 'hardware' | 'houseRule' | 'document' | 'cut' | 'standard' | 'input';
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
  grid: StepId;
  direction: RoundingDirection;
  /** What rounding added, mm (negative where it took away). */
  residue: number;
}

type Op = 'given' | 'sum' | 'product' | 'max' | 'min' | 'rule' | 'rounded';
/** Where it comes from, what made it, what rounding added: at most one of them, of most numbers none. */
type More = Partial<Pick<Derived, 'rule' | 'origin' | 'rounding'>>;

/** A number that explains itself: built by the function that computes it, so that value and reason cannot drift. It is made by
 * the functions of this file and by nothing else: a copy with another value or label is no `Derived`. */
class Derived {
  // what makes a spread of one something else, for the compiler and when it runs
  readonly #made = true;
  readonly value: number;
  readonly unit: Unit;
  readonly label: string;
  readonly op: Op;
  readonly inputs: readonly Term[];
  declare readonly rule?: Rule;
  declare readonly origin?: Origin;
  declare readonly rounding?: Rounding;

  constructor(value: number, unit: Unit, label: string, op: Op, inputs: readonly Term[], more?: More) {
    this.value = value;
    this.unit = unit;
    this.label = label;
    this.op = op;
    this.inputs = inputs;
    if (more?.rule) this.rule = more.rule;
    if (more?.origin) this.origin = more.origin;
    if (more?.rounding) this.rounding = more.rounding;
  }

  static is(value: unknown): value is Derived {
    return typeof value === 'object' && value !== null && #made in value && value.#made;
  }
}
export type { Derived };

export type Addend = Derived | { times: number; of: Derived };

const NONE: readonly Term[] = [];
const term = (from: Derived, times = 1): Term => ({ name: from.label, times, from });

export const isDerivedValue = (value: unknown): value is Derived => Derived.is(value);

/** A number that comes from outside: an item, a material, a house rule, the document. */
export function given(label: string, value: number, origin: Origin, unit: Unit = 'mm'): Derived {
  return new Derived(value, unit, label, 'given', NONE, { origin });
}

/** A size as it was measured on the cut pieces, mm.
 * @param piece id of the piece, or of the holder or body, that it was measured on */
export const readFromCut = (label: string, value: number, piece: string): Derived =>
  given(label, value, { kind: 'cut', path: piece });

/** An addend that enters a sum more than once. */
export const times = (count: number, of: Derived): Addend => ({ times: count, of });

/** An addend that is taken away. */
export const minus = (of: Derived): Addend => ({ times: -1, of });

/** The sum of its parts; parts that add nothing are left out, so that the explanation stays readable. */
export function sum(label: string, parts: Addend[]): Derived {
  const told: Term[] = [];
  let [value, unit]: [number, Unit | undefined] = [0, undefined];
  // one pass: of all that is computed this is done most
  for (const part of parts) {
    const made = 'of' in part ? term(part.of, part.times) : term(part);
    value += made.times * made.from.value;
    unit ??= made.from.unit;
    if (made.times !== 0 && made.from.value !== 0) told.push(made);
  }
  return new Derived(value, unit ?? 'mm', label, 'sum', told);
}

/** The terms of a sum one by one, so that what goes into a larger sum is read as one; any other number as it is. */
export const addendsOf = (of: Derived): Addend[] =>
  of.op === 'sum' ? of.inputs.map(({ from, times: count }) => times(count, from)) : [of];

/** The product of a length and plain numbers. */
export function product(label: string, factors: Derived[]): Derived {
  const value = factors.reduce((total, factor) => total * factor.value, 1);
  const unit = factors.find((factor) => factor.unit !== 'ratio' && factor.unit !== 'count')?.unit ?? 'ratio';
  return new Derived(
    value,
    unit,
    label,
    'product',
    factors.map((factor) => term(factor)),
  );
}

export const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');

/** Half of a number. */
export const halfOf = (label: string, of: Derived): Derived => product(label, [of, half]);

function extreme(op: 'max' | 'min', label: string, choices: Derived[]): Derived {
  let value = op === 'max' ? -Infinity : Infinity;
  for (const choice of choices) value = Math[op](value, choice.value);
  const unit = choices[0]?.unit ?? 'mm';
  return new Derived(
    value,
    unit,
    label,
    op,
    choices.map((choice) => term(choice)),
  );
}

/** The largest of several demands. */
export const largest = (label: string, choices: Derived[]): Derived => extreme('max', label, choices);

/** The smallest of several. */
export const smallest = (label: string, choices: Derived[]): Derived => extreme('min', label, choices);

/** The result of a named rule. */
export function byRule(rule: Rule, label: string, value: number, inputs: Derived[], unit: Unit = 'mm'): Derived {
  return new Derived(
    value,
    unit,
    label,
    'rule',
    inputs.map((input) => term(input)),
    { rule },
  );
}

/** The number on the grid, with what the rounding added. */
export function rounded(of: Derived, grid: StepId, direction: RoundingDirection): Derived {
  const value = roundToGrid(of.value, grid, direction);
  const rounding = { grid, direction, residue: value - of.value };
  const { unit, label } = of;
  return new Derived(value, unit, label, 'rounded', [term(of)], { rounding });
}

/** A set amount on the coarsest grid that leaves it what it is; as it was set where even the finest would swallow it. */
export function roundedAmount(of: Derived, grid: GridId): Derived {
  const own = gridFor(of.value, grid);
  return own ? rounded(of, own, 'nearest') : of;
}

/** A depth that leaves something to show above it: rounded up, on the coarsest grid that leaves most of that to show.
 * @param shows how much is meant to, mm */
export const roundedBelow = (of: Derived, shows: Derived, grid: GridId): Derived =>
  rounded(of, shows.value > 0 ? gridShowing(of.value, shows.value, grid) : grid, 'up');

/** The same number under another name. */
export const named = (label: string, of: Derived): Derived =>
  new Derived(of.value, of.unit, label, of.op, of.inputs, of);
