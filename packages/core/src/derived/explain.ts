import type { Derived, Rounding, Rule } from './derived.ts';

/** One line of the sum behind a number. */
export interface Line {
  label: string;
  /** What it adds to the total, in the number's unit (negative where it is taken away). */
  value: number;
  /** Where it comes from, in a few words. */
  note: string;
  of: Derived;
}

/** The sum behind a number as a maker reads it: the lines add up to the total. */
export interface Explanation {
  total: Derived;
  lines: Line[];
  /** `sum`: the lines add up; `largest` / `smallest`: one of them decides; `rule`: the formula takes them in. */
  how: 'sum' | 'largest' | 'smallest' | 'product' | 'rule' | 'given';
  rule?: Rule;
  rounding?: Rounding;
}

/** Explains one number: what it is rounded from, and the parts of that. */
export function explain(total: Derived): Explanation {
  const inner = total.op === 'rounded' ? total.inputs[0]!.from : total;
  const how = ways[inner.op];
  return {
    total,
    how,
    lines: inner.inputs.map(({ times, from }) => ({
      label: times === 1 || times === -1 ? from.label : `${from.label} × ${Math.abs(times)}`,
      value: how === 'sum' ? times * from.value : from.value,
      note: noteOf(from),
      of: from,
    })),
    ...(inner.rule && { rule: inner.rule }),
    ...(total.rounding && { rounding: total.rounding }),
  };
}

const ways: Record<Derived['op'], Explanation['how']> = {
  given: 'given',
  sum: 'sum',
  rounded: 'sum',
  product: 'product',
  max: 'largest',
  min: 'smallest',
  rule: 'rule',
};

const originNames = {
  item: 'the thing itself',
  material: 'the cloth',
  hardware: 'the hardware',
  houseRule: 'house rule',
  document: 'set in this design',
  cut: 'measured on the cut pieces',
  standard: 'standard',
  input: 'given',
} as const;

/** Where a number comes from, in a few words. */
export function noteOf(derived: Derived): string {
  if (derived.rule) return derived.rule.formula;
  if (derived.origin) return derived.origin.source ?? originNames[derived.origin.kind];
  if (derived.op === 'rounded') return 'rounded';
  return { sum: 'a sum', product: 'a product', max: 'the largest demand', min: 'the smallest', given: '', rule: '' }[
    derived.op
  ];
}
