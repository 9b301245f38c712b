import { itemNamed } from '../../contents/parse-line.ts';
import { limits } from '../../document/limits.ts';
import { entryProblems } from '../../document/reading/entry-schemas.ts';
import type { FieldSpec } from '../../shelves/field-spec.ts';
import { completeItem, itemFields } from '../../shelves/items/item-fields.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { LengthUnit } from '../../units/length.ts';
import { openTable } from './open-table.ts';
import { readCells } from './read-shelf-csv.ts';
import type { RowMessage } from './row-message.ts';

/** A thing to hold, as a row says it: new sizes, or an item of the shelf by its name. */
export interface ContentsRow {
  row: number;
  name: string;
  count: number;
  /** `id` is that of the shelf's item; a new thing has none yet. */
  item: Omit<Item, 'id'> & { id?: string };
}

const { count, nameLength } = limits;
const fields: readonly FieldSpec[] = [
  { key: 'name', title: 'Name', kind: 'text', most: nameLength, required: true, aliases: ['thing', 'item'] },
  {
    key: 'count',
    title: 'Count',
    kind: 'number',
    unit: 'pieces',
    least: count.least,
    most: count.most,
    whole: true,
    aliases: ['how many', 'number', 'quantity', 'qty'],
  },
  // sizes may be missing where the name is known
  ...itemFields.map((field) => ({ ...field, required: false })),
];

/** Reads what a design must hold from a table: a name, how many, and the sizes of what the shelf does not know.
 * @param items the shelf that names are looked up on */
export function readContentsCsv(
  text: string,
  { items, unit = 'mm' }: { items: readonly Item[]; unit?: LengthUnit },
): { rows: ContentsRow[]; messages: RowMessage[] } {
  const opened = openTable(text, fields, { unit });
  if (!opened.ok) return { rows: [], messages: opened.messages };
  const { table } = opened;
  if (table.rows.length > limits.lines) {
    const many = `There are ${table.rows.length} rows; a design holds at most ${limits.lines} kinds of things.`;
    return { rows: [], messages: [{ row: 1, severity: 'stop', text: many }] };
  }
  const read = table.rows.map((_, index) => readRow(readCells(table, index), index + 2, items));
  return {
    rows: read.flatMap(({ line }) => line ?? []),
    messages: [...table.notes, ...read.flatMap(({ messages }) => messages)],
  };
}

function readRow(
  { given, messages }: ReturnType<typeof readCells>,
  row: number,
  items: readonly Item[],
): { line?: ContentsRow; messages: RowMessage[] } {
  if (messages.some(({ severity }) => severity === 'stop')) return { messages };
  const { name, count: said = 1, ...sizes } = given as { name?: string; count?: number } & Partial<Item>;
  const stop = (text: string, column?: string): { messages: RowMessage[] } => ({
    messages: [...messages, { row, severity: 'stop', text, ...(column && { column }) }],
  });
  if (name === undefined) return stop('This is missing.', 'Name');
  const known = itemNamed(name, items);
  if (sizes.length === undefined && sizes.width === undefined && sizes.thickness === undefined)
    return known
      ? { line: { row, name, count: said, item: known }, messages }
      : stop(`How big is “${name}”? It is not on the shelf: give its length, width and thickness.`);
  const item = completeItem(sizes);
  const [problem] = entryProblems('items', { ...item, id: 'new', name });
  if (problem) return stop(`${problem.path}: ${problem.message}`);
  return { line: { row, name, count: said, item: { ...item, name } as Omit<Item, 'id'> }, messages };
}
