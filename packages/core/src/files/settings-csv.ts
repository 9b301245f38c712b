import Papa from 'papaparse';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { rangeOf } from '../holders/params.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';

/** Every house rule and every setting of every family with its standard and its range, as a table: what may stand under `rules` and
 * `params` of a design. Lengths in mm; the standard of a setting that goes by a house rule is the name of that rule. */
export function settingsCsv(kinds: Kinds): string {
  const rules = Object.values(houseRulesOf(kinds)).map((rule) => rowOf('rules', rule.id, rule));
  const settings = (['bodies', 'holders', 'closures', 'parts'] as const).flatMap((floor) =>
    Object.entries(kinds[floor]).flatMap(([kind, { params }]) =>
      Object.entries<ParamSpec>(params).map(([key, spec]) => rowOf(`${floor}/${kind}`, key, spec)),
    ),
  );
  return Papa.unparse([...rules, ...settings], { newline: '\n' }) + '\n';
}

function rowOf(of: string, setting: string, spec: HouseRule | ParamSpec) {
  const { kind, title } = spec;
  return { of, setting, title, kind, ...boundsOf(spec) };
}

function boundsOf(spec: HouseRule | ParamSpec) {
  if (spec.kind === 'flag') return { standard: spec.standard, least: '', most: '', choices: '' };
  if (spec.kind === 'choice') {
    const choices = spec.choices.map((choice) => (typeof choice === 'string' ? choice : choice.id)).join(' ');
    return { standard: spec.standard, least: '', most: '', choices };
  }
  if (!('rule' in spec)) return { standard: spec.standard, least: spec.least, most: spec.most, choices: '' };
  return { standard: spec.rule.id, ...rangeOf(spec), choices: '' };
}
