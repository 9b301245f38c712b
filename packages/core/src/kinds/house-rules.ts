import { ruleGroups, type HouseRule, type RuleTable } from '../shelves/rules/house-rule.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { timeRules } from '../sewing/minutes/rules.ts';
import { stitchRules } from '../sewing/rows/rules.ts';
import type { Kinds } from './kind-set.ts';

const known = new WeakMap<Kinds, RuleTable>();

/** Every house rule that a family asks for, that stitches and times go by, or that one of its settings goes by, by id; rules of a group stand together in the
 * order in which the families name them. */
export function houseRulesOf(kinds: Kinds): RuleTable {
  const before = known.get(kinds);
  if (before) return before;
  const inOrder = allRules(kinds).sort((a, b) => ruleGroups.indexOf(a.group) - ruleGroups.indexOf(b.group));
  const table = Object.fromEntries(inOrder.map((rule) => [rule.id, rule]));
  known.set(kinds, table);
  return table;
}

/** The rules of all families, some more than once. */
export const allRules = ({ holders, bodies, closures, parts }: Kinds): HouseRule[] => [
  ...[holders, bodies, closures, parts].flatMap((families) =>
    Object.values(families).flatMap(({ rules, params }) => [
      ...Object.values<ParamSpec>(params).flatMap((spec) => (spec.kind === 'length' ? [spec.rule] : [])),
      ...rules,
    ]),
  ),
  ...stitchRules,
  ...timeRules,
];
