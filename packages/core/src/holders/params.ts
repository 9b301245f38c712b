import { given, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { houseRules } from '../shelves/rules/house-rules.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { ParamSpec } from './holder-kind.ts';

/** A length parameter: as set in the design, else by its house rule. */
export function lengthParam(
  params: Params,
  key: string,
  spec: Extract<ParamSpec, { kind: 'length' }>,
  rules: Rules,
  path: string,
): Derived {
  const { least, most } = houseRules[spec.rule];
  const value = params[key];
  const usable = typeof value === 'number' && value >= least && value <= most;
  if (!usable) return rules.length(spec.rule);
  return given(rules.length(spec.rule).label, value, { kind: 'document', path: `${path}/params/${key}` });
}

/** A choice parameter: as set in the design, else the standard one. */
export function choiceParam<T extends string>(
  params: Params,
  key: string,
  spec: { standard: T; choices: readonly { id: T }[] },
): T {
  return spec.choices.find(({ id }) => id === params[key])?.id ?? spec.standard;
}
