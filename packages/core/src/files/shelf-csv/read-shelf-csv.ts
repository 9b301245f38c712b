import type { FieldSpec, ShelfEntry } from '../../shelves/field-spec.ts';
import { shelfLimits } from '../../shelves/shelf-limits.ts';
import { shelfSpec, type ShelfId } from '../../shelves/shelf-specs.ts';
import type { LengthUnit } from '../../units/length.ts';
import { openTable, type OpenTable } from './open-table.ts';
import { readCell } from './read-cell.ts';
import type { RowMessage } from './row-message.ts';

/** Id and name stand before the columns of every shelf. */
const first: readonly FieldSpec[] = [
  { key: 'id', title: 'Id', kind: 'text', most: 60 },
  { key: 'name', title: 'Name', kind: 'text', most: shelfLimits.nameLength, required: true },
];

/** A row as read: an entry that may lack its id, or nothing where the row cannot be used. */
export interface ReadRow {
  row: number;
  entry?: Omit<ShelfEntry, 'id'> & { id?: string };
  messages: RowMessage[];
}

/** A shelf's CSV with its headings understood, to be read row by row. */
export interface ShelfTable {
  shelf: ShelfId;
  notes: RowMessage[];
  count: number;
  /** @param index from 0, without the heading */
  read(index: number): ReadRow;
}

/** Opens the CSV of a shelf.
 * @param unit of lengths whose column does not say, default mm */
export function openShelfCsv(
  shelf: ShelfId,
  text: string,
  options: { unit?: LengthUnit } = {},
): { ok: true; table: ShelfTable } | { ok: false; messages: RowMessage[] } {
  const opened = openTable(text, [...first, ...shelfSpec(shelf).fields], options);
  if (!opened.ok) return opened;
  const { table } = opened;
  return {
    ok: true,
    table: {
      shelf,
      notes: table.notes,
      count: table.rows.length,
      read: (index) => readRow(shelf, table, index),
    },
  };
}

function readRow(shelf: ShelfId, table: OpenTable, index: number): ReadRow {
  const row = index + 2;
  const { fields, complete } = shelfSpec(shelf);
  const { given, messages } = readCells(table, index);
  if (messages.some(({ severity }) => severity === 'stop')) return { row, messages };
  const entry = complete(given as Partial<ShelfEntry>) as Record<string, unknown>;
  const needed = [...first, ...fields].filter(
    ({ key, required }) => required || (shelf === 'items' && key === 'thickness'),
  );
  const lacking = needed.filter(({ key }) => entry[key] === undefined);
  if (lacking.length > 0)
    messages.push(
      ...lacking.map(({ title }): RowMessage => ({ row, column: title, severity: 'stop', text: 'This is missing.' })),
    );
  const usable = lacking.length === 0 && { entry: entry as unknown as NonNullable<ReadRow['entry']> };
  return { row, messages, ...usable };
}

/** The cells of a row by key, whatever the shelf asks for besides. */
export function readCells(table: OpenTable, index: number): { given: Record<string, unknown>; messages: RowMessage[] } {
  const given: Record<string, unknown> = {};
  const messages: RowMessage[] = [];
  const cells = table.rows[index]!;
  for (const column of table.columns) {
    const read = readCell(column, cells[column.at] ?? '');
    const say = (severity: RowMessage['severity'], text: string) =>
      messages.push({ row: index + 2, column: column.heading, severity, text });
    if (read && !read.ok) say('stop', read.text);
    if (read?.ok) given[column.field.key] = read.value;
    if (read?.ok && read.note) say('note', read.note);
  }
  return { given, messages };
}
