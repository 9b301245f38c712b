import { given, largest, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { houseRules } from '../shelves/rules/house-rules.ts';
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
