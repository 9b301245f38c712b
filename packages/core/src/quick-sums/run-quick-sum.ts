import { given, isDerivedValue, type Derived } from '../derived/derived.ts';
import { tabulate, type Derivation } from '../derived/tabulate.ts';
import { CoreError } from '../errors/core-error.ts';
import { InputRefused, type Checked, type FieldError, type InputSpec, type QuickSum } from './quick-sum.ts';

export type SumAnswer =
  | { ok: true; results: Record<string, number | number[] | string[]>; why: Derivation[] }
  | { ok: false; fields: FieldError[] };

/** Checks the inputs of a quick sum and computes it.
 * @param given raw inputs by name; a missing one takes its default
 * @returns the results with the rows that explain them, or a message per field */
export function runQuickSum(sum: QuickSum, given: Record<string, unknown>): SumAnswer {
  const fields = checkInputs(sum, given);
  if (fields.length > 0) return { ok: false, fields };
  try {
    const results = sum.compute(checked(sum, given));
    const { rows } = tabulate(results);
    const values = Object.entries(results).map(([name, result]) => [
      name,
      isDerivedValue(result) ? result.value : result,
    ]);
    return { ok: true, results: Object.fromEntries(values), why: rows };
  } catch (error) {
    if (error instanceof InputRefused) return { ok: false, fields: error.fields };
    if (error instanceof CoreError && error.about)
      return { ok: false, fields: [{ path: `inputs.${error.about}`, message: error.message }] };
    throw error;
  }
}

function checkInputs({ inputs }: QuickSum, given: Record<string, unknown>): FieldError[] {
  const unknown = Object.keys(given)
    .filter((name) => !Object.hasOwn(inputs, name))
    .map((name) => ({
      path: `inputs.${name}`,
      message: `There is no input “${name}”. It takes ${Object.keys(inputs).join(', ')}.`,
    }));
  const wrong = Object.entries(inputs).flatMap(([name, spec]) => {
    const message = given[name] === undefined ? undefined : checkers[spec.type](given[name], spec as never);
    return message ? [{ path: `inputs.${name}`, message }] : [];
  });
  return [...unknown, ...wrong];
}

type Spec<T extends InputSpec['type']> = Extract<InputSpec, { type: T }>;
const range = ({ least, most }: { least: number; most: number }) => `from ${least} to ${most}`;

const checkers: { [T in InputSpec['type']]: (value: unknown, spec: Spec<T>) => string | undefined } = {
  number(value, spec) {
    const kind = spec.whole ? 'a whole number' : 'a number';
    const fine = inRange(value, spec) && (!spec.whole || Number.isInteger(value));
    return fine ? undefined : `${spec.title} must be ${kind} ${range(spec)}.`;
  },
  choice(value, spec) {
    const known = typeof value === 'string' && spec.choices.includes(value);
    return known ? undefined : `${spec.title} must be one of ${spec.choices.join(', ')}.`;
  },
  numbers(value, spec) {
    const fine = isList(value, spec) && value.every((each) => inRange(each, spec));
    return fine ? undefined : `${spec.title} must be ${listOf(spec)} numbers ${range(spec)}.`;
  },
  points(value, spec) {
    const isPoint = (each: unknown) =>
      Array.isArray(each) && each.length === 2 && each.every((side) => inRange(side, spec));
    const fine = isList(value, spec) && value.every(isPoint);
    return fine ? undefined : `${spec.title} must be ${listOf(spec)} points [x, y], each ${range(spec)}.`;
  },
};

const listOf = ({ fewest, longest }: { fewest: number; longest: number }) => `a list of ${fewest} to ${longest}`;
const isList = (value: unknown, { fewest, longest }: { fewest: number; longest: number }): value is unknown[] =>
  Array.isArray(value) && value.length >= fewest && value.length <= longest;
const inRange = (value: unknown, { least, most }: { least: number; most: number }): boolean =>
  typeof value === 'number' && Number.isFinite(value) && value >= least && value <= most;

function checked({ inputs }: QuickSum, raw: Record<string, unknown>): Checked {
  const origin = (name: string) => ({ kind: 'input', path: `inputs.${name}` }) as const;
  const specOf = <T extends InputSpec['type']>(name: string, type: T): Spec<T> => {
    const spec = inputs[name];
    if (spec?.type !== type) throw new Error(`the sum has no ${type} input ${name}`);
    return spec as Spec<T>;
  };
  const numberOf = (name: string): number | undefined =>
    (raw[name] as number | undefined) ?? specOf(name, 'number').standard;
  const number = (name: string): Derived => {
    const { title, unit } = specOf(name, 'number');
    const value = numberOf(name);
    if (value === undefined) throw new InputRefused(`inputs.${name}`, `${title} is missing.`);
    return given(title.toLowerCase(), value, origin(name), unit);
  };
  return {
    optional: (name) => (numberOf(name) === undefined ? undefined : number(name)),
    number,
    choice: <T extends string>(name: string) => (raw[name] ?? specOf(name, 'choice').standard) as T,
    numbers(name) {
      const { title } = specOf(name, 'numbers');
      const list = raw[name] as number[] | undefined;
      if (!list) throw new InputRefused(`inputs.${name}`, `${title} are missing.`);
      return list.map((value, index) =>
        given(`${title.toLowerCase()} ${index + 1}`, value, origin(`${name}[${index}]`)),
      );
    },
    points(name) {
      const list = raw[name] as [number, number][] | undefined;
      if (!list) throw new InputRefused(`inputs.${name}`, `${specOf(name, 'points').title} are missing.`);
      return list;
    },
  };
}
