import { houseRules, isHouseRule, type RuleSettings } from './house-rules.ts';
import { settingsOutOfRange } from './rules-for.ts';

/** Settings of house rules that came from outside, or what is wrong with each. */
export function readRules(
  json: Record<string, unknown>,
): { ok: true; rules: RuleSettings } | { ok: false; fields: { path: string; message: string }[] } {
  const unknown = Object.keys(json).filter((id) => !isHouseRule(id));
  const rules = json as RuleSettings;
  const bad = settingsOutOfRange(Object.fromEntries(Object.entries(rules).filter(([id]) => isHouseRule(id))));
  const fields = [
    ...unknown.map((path) => ({ path, message: 'there is no such house rule' })),
    ...bad.map(({ id }) => ({ path: id, message: rangeWords(id) })),
  ];
  return fields.length > 0 ? { ok: false, fields } : { ok: true, rules };
}

function rangeWords(id: string): string {
  const rule = houseRules[id as keyof typeof houseRules];
  return rule.kind === 'length'
    ? `${rule.title} may be ${rule.least} to ${rule.most} mm`
    : `${rule.title} may be ${rule.choices.join(', ')}`;
}
