import Papa from 'papaparse';
import type { FieldSpec, ShelfEntry } from '../../shelves/field-spec.ts';
import { shelfSpec, type ShelfId } from '../../shelves/shelf-specs.ts';

const units: Partial<Record<FieldSpec['kind'], string>> = { length: 'mm', lengths: 'mm', polygon: 'mm' };

/** The heading of a column, with its unit. */
export function headingOf(field: FieldSpec): string {
  const unit = field.kind === 'number' ? field.unit : units[field.kind];
  return unit ? `${field.title} (${unit})` : field.title;
}

/** What stands in a cell; numbers in full, so that they are read back as they were. */
function cellOf({ kind }: FieldSpec, value: unknown): string {
  if (value === undefined || value === null) return '';
  if (kind === 'flag') return value ? 'yes' : 'no';
  if (kind === 'polygon') return (value as [number, number][]).map((point) => point.join(' ')).join('; ');
  if (kind === 'lengths' || kind === 'tags') return (value as (number | string)[]).join('; ');
  return String(value);
}

/** The maker's own entries of a shelf as CSV: id, name, then every column, lengths in mm. Cells that a spreadsheet would take
 * for a formula are marked with an apostrophe, which reading takes off again. */
export function shelfCsv(shelf: ShelfId, entries: readonly ShelfEntry[]): string {
  const { fields } = shelfSpec(shelf);
  const rows = entries.map((entry) => [
    entry.id,
    entry.name,
    ...fields.map((field) => cellOf(field, (entry as unknown as Record<string, unknown>)[field.key])),
  ]);
  const table = { fields: ['Id', 'Name', ...fields.map(headingOf)], data: rows };
  return Papa.unparse(table, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}
