import Papa from 'papaparse';
import type { FieldSpec } from '../../shelves/field-spec.ts';
import { mayBe, type HouseRule, type RuleSettings, type RuleTable } from '../../shelves/rules/house-rule.ts';
import { ruleOf } from '../../shelves/rules/rules-for.ts';
import { openTable, type Column } from './open-table.ts';
import { readCell, type CellRead } from './read-cell.ts';
import { readCells } from './read-shelf-csv.ts';
import type { RowMessage } from './row-message.ts';

/** All house rules as CSV, with what the maker has set; lengths in mm. */
export function rulesCsv(settings: RuleSettings, table: RuleTable): string {
  const rows = Object.entries(table).map(([id, rule]) => {
    return [id, rule.title, settings[id] ?? '', rule.standard, mayBe(rule), rule.why];
  });
  const fields = ['Id', 'Rule', 'Setting (mm)', 'Standard', 'May be', 'Why'];
  return Papa.unparse({ fields, data: rows }, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}

const columns: readonly FieldSpec[] = [
  { key: 'id', title: 'Id', kind: 'text', most: 60, required: true },
  { key: 'setting', title: 'Setting', kind: 'lengths', least: 0, most: 5000, count: 1, required: true },
];

/** Reads settings of house rules; an empty setting is the standard one. */
export function readRulesCsv(text: string, rulesThereAre: RuleTable): { rules: RuleSettings; messages: RowMessage[] } {
  const opened = openTable(text, columns);
  if (!opened.ok) return { rules: {}, messages: opened.messages };
  const { table } = opened;
  // the other columns are there to be read by people
  const messages = table.notes.filter(({ text: words }) => !/“(Rule|Standard|May be|Why)”/.test(words));
  const rules: Record<string, number | string> = {};
  const ids = { ...table, columns: table.columns.filter(({ field }) => field.key === 'id') };
  const setting = table.columns.find(({ field }) => field.key === 'setting')!;
  for (const [index, cells] of table.rows.entries()) {
    const row = index + 2;
    const id = readCells(ids, index).given.id;
    const cell = cells[setting.at]?.trim() ?? '';
    const rule = typeof id === 'string' ? ruleOf(rulesThereAre, id) : undefined;
    if (!rule) {
      messages.push({ row, severity: 'stop', text: `There is no house rule “${String(id ?? '')}”.` });
      continue;
    }
    const read = cell === '' ? undefined : readSetting(rule, cell, setting);
    if (read?.ok) rules[rule.id] = read.value as number | string;
    else if (read) messages.push({ row, column: setting.heading, severity: 'stop', text: read.text });
  }
  return { rules, messages };
}

function readSetting(rule: HouseRule, cell: string, column: Column): CellRead {
  const { id, title } = rule;
  if (rule.kind === 'choice')
    return readCell({ ...column, field: { key: id, title, kind: 'choice', choices: rule.choices } }, cell)!;
  if (rule.kind === 'number') {
    const field: FieldSpec = { key: id, title, kind: 'number', unit: rule.unit, least: rule.least, most: rule.most };
    return readCell({ ...column, field }, cell)!;
  }
  const field: FieldSpec = { key: id, title, kind: 'length', least: rule.least, most: rule.most };
  return readCell({ ...column, field, unit: column.unit ?? 'mm' }, cell)!;
}
