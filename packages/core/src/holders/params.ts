import { given, largest, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { HeldContents, ParamSpec } from './holder-kind.ts';

/** A length parameter: as set in the design, else by its house rule. */
export function lengthParam(
  params: Params,
  key: string,
  spec: Extract<ParamSpec, { kind: 'length' }>,
  rules: Rules,
  path: string,
): Derived {
  const { least, most } = rangeOf(spec);
  const value = params[key];
  const usable = typeof value === 'number' && value >= least && value <= most;
  if (!usable) return rules.length(spec.rule);
  return given(rules.length(spec.rule).label, value, { kind: 'document', path: `${path}/params/${key}` });
}

/** Between what a length parameter may be set, mm: by its house rule, or narrower. */
export const rangeOf = ({ rule, least, most }: LengthSpec): { least: number; most: number } => ({
  least: least ?? rule.least,
  most: most ?? rule.most,
});
export type LengthSpec = Extract<ParamSpec, { kind: 'length' }>;

/** A whole number: as set in the design if it is within its range, else the standard one. */
export function countParam(params: Params, key: string, spec: Extract<ParamSpec, { kind: 'count' }>): number {
  const value = params[key];
  const usable = typeof value === 'number' && Number.isInteger(value) && value >= spec.least && value <= spec.most;
  return usable ? value : spec.standard;
}

/** Yes or no: as set in the design, else the standard. */
export const flagParam = (params: Params, key: string, { standard }: Extract<ParamSpec, { kind: 'flag' }>): boolean =>
  typeof params[key] === 'boolean' ? params[key] : standard;

/** The settings that matter beside the others, in their order. */
export function paramsShown(specs: Readonly<Record<string, ParamSpec>>, params: Params): [string, ParamSpec][] {
  const known = knownOf(specs, params);
  return Object.entries(specs).filter(([, { when }]) => when?.(known) ?? true);
}

/** A choice that this version does not know is as if it were not made. */
const knownOf = (specs: Readonly<Record<string, ParamSpec>>, params: Params): Params =>
  Object.fromEntries(
    Object.entries(params).filter(([key, value]) => {
      const spec = specs[key];
      return spec?.kind !== 'choice' || spec.choices.some(({ id }) => id === value);
    }),
  );

/** A choice as it is set, or its standard, for `when`. */
export const chosen = (params: Params, key: string, standard: string): string => {
  const value = params[key];
  return typeof value === 'string' ? value : standard;
};

/** A choice parameter: as set in the design, else the standard one. */
export function choiceParam<T extends string>(
  params: Params,
  key: string,
  spec: { standard: T; choices: readonly { id: T }[] },
): T {
  return spec.choices.find(({ id }) => id === params[key])?.id ?? spec.standard;
}

/** How far things should stand out: as set on the holder, else the most that one of its things is wanted to show, else by
 * the house rule. */
export function visibleParam(
  params: Params,
  contents: readonly HeldContents[],
  spec: Extract<ParamSpec, { kind: 'length' }>,
  rules: Rules,
  path: string,
): Derived {
  const wishes = contents.flatMap(({ line: { id, visible }, name }) =>
    visible === undefined
      ? []
      : [given(`${name}, wanted to show`, visible, { kind: 'document', path: `contents/${id}/visible` })],
  );
  if (wishes.length === 0 || typeof params.visible === 'number')
    return lengthParam(params, 'visible', spec, rules, path);
  return wishes.length === 1 ? wishes[0]! : largest('wanted to show', wishes);
}
