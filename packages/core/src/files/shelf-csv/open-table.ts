import Papa from 'papaparse';
import { mmPer, type LengthUnit } from '../../units/length.ts';
import type { FieldSpec } from '../../shelves/field-spec.ts';
import { shelfLimits } from '../../shelves/shelf-limits.ts';
import type { RowMessage } from './row-message.ts';

/** A column of the table that is known. */
export interface Column {
  field: FieldSpec;
  /** Its place in a row, from 0. */
  at: number;
  heading: string;
  /** Unit of bare lengths; nothing if bare ones stand beside ones with their own unit. */
  unit?: LengthUnit;
}

/** A table with its headings understood. */
export interface OpenTable {
  columns: Column[];
  /** Without the heading. */
  rows: string[][];
  notes: RowMessage[];
}

const HEADING = 1;
const stop = (text: string): { ok: false; messages: RowMessage[] } => ({
  ok: false,
  messages: [{ row: HEADING, severity: 'stop', text }],
});

/** Takes the text of a CSV apart and finds out what its columns mean: by key, title or another usual name, with a unit in
 * brackets or behind it.
 * @param unit of lengths whose column does not say */
export function openTable(
  text: string,
  fields: readonly FieldSpec[],
  { unit = 'mm' }: { unit?: LengthUnit } = {},
): { ok: true; table: OpenTable } | { ok: false; messages: RowMessage[] } {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const quotes = errors.find(({ type }) => type === 'Quotes');
  if (quotes) {
    const row = (quotes.row ?? 0) + 1;
    return { ok: false, messages: [{ row, severity: 'stop', text: 'A quotation mark is opened and never closed.' }] };
  }
  const [headings, ...rows] = data;
  if (!headings || headings.every((each) => each.trim() === '')) return stop('The file is empty.');
  if (rows.length === 0) return stop('There is a heading and nothing below it.');
  if (rows.length > shelfLimits.shelf)
    return stop(`There are ${rows.length} rows; at most ${shelfLimits.shelf} can be read at once.`);

  const notes: RowMessage[] = [];
  const found = columnsOf(headings, fields, notes);
  if (typeof found === 'string') return stop(found);
  const table = { columns: found.map((column) => withUnit(column, rows, unit, notes)), rows, notes };
  return { ok: true, table };
}

/** The columns that the headings name, or why they cannot be. */
function columnsOf(headings: string[], fields: readonly FieldSpec[], notes: RowMessage[]): Column[] | string {
  const columns: Column[] = [];
  for (const [at, heading] of headings.entries()) {
    const { field, unit: said, problem } = understood(heading, fields);
    if (problem) return problem;
    if (!field && heading.trim()) notes.push(note(`Column “${heading.trim()}” is not known and is left out.`));
    if (!field) continue;
    const double = columns.find((each) => each.field === field);
    if (double) return `“${double.heading}” and “${heading}” are the same column. Take one of them out.`;
    columns.push({ field, at, heading: heading.trim(), ...(said && { unit: said }) });
  }
  const missing = fields.filter(({ required, key }) => required && !columns.some(({ field }) => field.key === key));
  if (missing.length === 0) return columns;
  const titles = missing.map(({ title }) => `“${title}”`).join(' and ');
  return `There is no column ${titles}. Columns are: ${fields.map(({ title }) => title).join(', ')}.`;
}

const note = (text: string, column?: string): RowMessage => ({
  row: HEADING,
  severity: 'note',
  text,
  ...(column && { column }),
});

const UNIT = /^(.*?)\s*(?:[([]\s*([^)\]]+?)\s*[)\]]|\b(mm|cm|in|inch|inches))$/i;
const lengthUnits: Record<string, LengthUnit> = { mm: 'mm', cm: 'cm', in: 'in', inch: 'in', inches: 'in', '"': 'in' };
const plain = (text: string): string => text.toLowerCase().replace(/[\s_-]+/g, '');

/** What a heading means: `Length (mm)`, `width [in]`, `Thickness cm`, `mass`. */
function understood(
  heading: string,
  fields: readonly FieldSpec[],
): { field?: FieldSpec; unit?: LengthUnit; problem?: string } {
  const whole = fieldNamed(heading, fields);
  if (whole) return { field: whole };
  const [, name = '', bracketed, bare] = UNIT.exec(heading.trim()) ?? [];
  const field = fieldNamed(name, fields);
  const said = bracketed ?? bare;
  if (!field || !said) return {};
  if (['length', 'lengths', 'polygon'].includes(field.kind)) {
    const unit = lengthUnits[said.toLowerCase()];
    return unit ? { field, unit } : { problem: `“${heading}”: lengths are in mm, cm or in, not in ${said}.` };
  }
  if (field.kind === 'number' && plain(said) !== plain(field.unit))
    return { problem: `“${heading}”: ${field.title} is in ${field.unit}, not in ${said}. Convert the column first.` };
  return { field };
}

const fieldNamed = (name: string, fields: readonly FieldSpec[]): FieldSpec | undefined =>
  fields.find(({ key, title, aliases = [] }) => [key, title, ...aliases].some((each) => plain(each) === plain(name)));

const OWN_UNIT = /(mm|cm|inches|inch|in|"|″|”)\s*$/i;

/** The unit of bare lengths in a column that does not say: the usual one, unless other rows name theirs. */
function withUnit(column: Column, rows: string[][], usual: LengthUnit, notes: RowMessage[]): Column {
  if (column.field.kind !== 'length' || column.unit) return column;
  const cells = rows.map((row) => row[column.at]?.trim() ?? '').filter((cell) => cell !== '');
  const named = cells.filter((cell) => OWN_UNIT.test(cell)).length;
  if (named > 0) return column;
  if (cells.length > 0) notes.push(note(`No unit is given: read as ${usual}.`, column.heading));
  return { ...column, unit: usual };
}

/** A length in full that needs no arithmetic, mm. */
export const plainNumber = (cell: string, unit: LengthUnit): number | undefined =>
  /^\d+(\.\d+)?(e[+-]?\d+)?$/i.test(cell) && mmPer[unit] === 1 ? Number(cell) : undefined;
