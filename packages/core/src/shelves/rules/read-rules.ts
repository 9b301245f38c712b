import { mayBe, type RuleSettings, type RuleTable } from './house-rule.ts';
import { settingsOutOfRange } from './rules-for.ts';

/** Settings of house rules that came from outside, or what is wrong with each.
 * @param table the rules that there are */
export function readRules(
  json: Record<string, unknown>,
  table: RuleTable,
): { ok: true; rules: RuleSettings } | { ok: false; fields: { path: string; message: string }[] } {
  const rules = json as RuleSettings;
  const bad = settingsOutOfRange(rules, table);
  if (bad.length === 0) return { ok: true, rules };
  const fields = bad.map(({ id, rule }) => ({
    path: id,
    message: rule ? `${rule.title} may be ${mayBe(rule)}` : 'there is no such house rule',
  }));
  return { ok: false, fields };
}
