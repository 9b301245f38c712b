import Papa from 'papaparse';
import type { FieldSpec } from '../../shelves/field-spec.ts';
import { houseRules, isHouseRule, type HouseRuleId, type RuleSettings } from '../../shelves/rules/house-rules.ts';
import { openTable, type Column } from './open-table.ts';
import { readCell, type CellRead } from './read-cell.ts';
import { readCells } from './read-shelf-csv.ts';
import type { RowMessage } from './row-message.ts';

/** All house rules as CSV, with what the maker has set; lengths in mm. */
export function rulesCsv(settings: RuleSettings): string {
  const rows = (Object.keys(houseRules) as HouseRuleId[]).map((id) => {
    const rule = houseRules[id];
    const range = rule.kind === 'length' ? `${rule.least} to ${rule.most}` : rule.choices.join(', ');
    return [id, rule.title, settings[id] ?? '', rule.standard, range, rule.why];
  });
  const fields = ['Id', 'Rule', 'Setting (mm)', 'Standard', 'May be', 'Why'];
  return Papa.unparse({ fields, data: rows }, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}

const columns: readonly FieldSpec[] = [
  { key: 'id', title: 'Id', kind: 'text', most: 60, required: true },
  { key: 'setting', title: 'Setting', kind: 'lengths', least: 0, most: 5000, count: 1, required: true },
];

/** Reads settings of house rules; an empty setting is the standard one. */
export function readRulesCsv(text: string): { rules: RuleSettings; messages: RowMessage[] } {
  const opened = openTable(text, columns);
  if (!opened.ok) return { rules: {}, messages: opened.messages };
  const { table } = opened;
  // the other columns are there to be read by people
  const messages = table.notes.filter(({ text: words }) => !/“(Rule|Standard|May be|Why)”/.test(words));
  const rules: RuleSettings = {};
  const ids = { ...table, columns: table.columns.filter(({ field }) => field.key === 'id') };
  const setting = table.columns.find(({ field }) => field.key === 'setting')!;
  for (const [index, cells] of table.rows.entries()) {
    const row = index + 2;
    const id = readCells(ids, index).given.id;
    const cell = cells[setting.at]?.trim() ?? '';
    if (typeof id !== 'string' || !isHouseRule(id)) {
      messages.push({ row, severity: 'stop', text: `There is no house rule “${String(id ?? '')}”.` });
      continue;
    }
    const read = cell === '' ? undefined : readSetting(id, cell, setting);
    if (read?.ok) rules[id] = read.value as number | string;
    else if (read) messages.push({ row, column: setting.heading, severity: 'stop', text: read.text });
  }
  return { rules, messages };
}

function readSetting(id: HouseRuleId, cell: string, column: Column): CellRead {
  const rule = houseRules[id];
  const { title } = rule;
  if (rule.kind === 'choice')
    return readCell({ ...column, field: { key: id, title, kind: 'choice', choices: rule.choices } }, cell)!;
  const field: FieldSpec = { key: id, title, kind: 'length', least: rule.least, most: rule.most };
  return readCell({ ...column, field, unit: column.unit ?? 'mm' }, cell)!;
}
