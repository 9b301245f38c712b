import type { FieldSpec } from '../../shelves/field-spec.ts';
import { formatLength } from '../../units/format-length.ts';
import { parseLength } from '../../units/parse-length.ts';
import { parseLengthWithin } from '../../units/parse-length-within.ts';
import { plainNumber, type Column } from './open-table.ts';

/** What a cell says, or why it cannot be used; a `note` stands beside a value that was taken. */
export type CellRead = { ok: true; value: unknown; note?: string } | { ok: false; text: string };

const took = (value: unknown, note?: string): CellRead => ({ ok: true, value, ...(note !== undefined && { note }) });
const refused = (text: string): CellRead => ({ ok: false, text });

/** Begins like a formula of a spreadsheet. */
const FORMULA = /^[=+@\t\r]|^-(?!\d)/;
/** The mark that writing puts before such a text. */
const MARKED = /^'(?=[=+\-@\t\r])/;

/** Reads one cell for its column.
 * @returns nothing for an empty cell */
export function readCell(column: Column, raw: string): CellRead | undefined {
  const cell = raw.trim();
  if (cell === '') return undefined;
  const marked = MARKED.test(cell);
  const text = cell.replace(MARKED, '');
  const { field } = column;
  if (!marked && field.kind === 'text' && FORMULA.test(cell))
    return refused(`“${short(cell)}” begins like a formula of a spreadsheet. Write it as plain text.`);
  return readers[field.kind](text, column);
}

const short = (text: string): string => (text.length > 40 ? `${text.slice(0, 39)}…` : text);

type Reader = (text: string, column: Column) => CellRead;
const readers: Record<FieldSpec['kind'], Reader> = {
  text(text, { field }) {
    const { most } = field as Extract<FieldSpec, { kind: 'text' }>;
    if (/\p{Cc}/u.test(text)) return refused('It has a line break or another control character in it.');
    return text.length > most ? refused(`It has ${text.length} letters; at most ${most} fit.`) : took(text);
  },
  length(text, column) {
    const { least, most } = column.field as Extract<FieldSpec, { kind: 'length' }>;
    return readLength(text, column, least, most);
  },
  number(text, { field }) {
    const { least, most, unit, whole } = field as Extract<FieldSpec, { kind: 'number' }>;
    const value = Number(text.replace(/^(-?\d+),(\d+)$/, '$1.$2'));
    if (!Number.isFinite(value) || (whole && !Number.isInteger(value)))
      return refused(`“${short(text)}” is no ${whole ? 'whole ' : ''}number.`);
    return value < least || value > most
      ? refused(`${text} is out of range: ${least} to ${most} ${unit}.`)
      : took(value);
  },
  flag(text) {
    if (/^(yes|y|true|1|x)$/i.test(text)) return took(true);
    return /^(no|n|false|0)$/i.test(text) ? took(false) : refused(`“${short(text)}”: write yes or no.`);
  },
  choice(text, { field }) {
    const { choices } = field as Extract<FieldSpec, { kind: 'choice' }>;
    const found = choices.find((choice) => choice.toLowerCase() === text.toLowerCase());
    return found ? took(found) : refused(`“${short(text)}” is not one of ${choices.join(', ')}.`);
  },
  tint: (text) =>
    /^#[0-9a-f]{6}$/i.test(text) ? took(text) : refused(`“${short(text)}” is no colour such as #3B4C74.`),
  tags(text) {
    return took([...new Set(text.split(/[;,]/).flatMap((tag) => tag.trim() || []))]);
  },
  lengths(text, column) {
    const { least, most } = column.field as Extract<FieldSpec, { kind: 'lengths' }>;
    const read = text
      .split(';')
      .map((part) => readLength(part.trim(), { ...column, unit: column.unit ?? 'mm' }, least, most));
    const wrong = read.find((each) => !each.ok);
    return wrong ?? took(read.map((each) => (each as { value: number }).value));
  },
  polygon(text) {
    const points = text.split(';').map((point) => point.trim().split(/\s+/).map(Number));
    return points.length >= 3 && points.every((point) => point.length === 2 && point.every(Number.isFinite))
      ? took(points)
      : refused('An outline is written as “0 0; 40 0; 40 20”, in mm.');
  },
};

function readLength(text: string, { unit, field }: Column, least: number, most: number): CellRead {
  const bare = parseLength(text, { unit: 'mm' });
  const named = /[a-z"″”]\s*$/i.test(text);
  if (!unit && !named && bare.ok)
    return refused(
      `“${text}” has no unit, and other rows of ${field.title} have one. Write the unit into the heading.`,
    );
  const exact = unit && plainNumber(text, unit);
  if (exact !== undefined && exact >= least && exact <= most) return took(exact);
  const read = parseLengthWithin(text, { unit: unit ?? 'mm', least, most });
  if (!read.ok) return refused(read.message);
  const other =
    named &&
    unit &&
    !text.toLowerCase().replace('inches', 'in').replace('inch', 'in').replace(/["″”]/, 'in').endsWith(unit);
  return took(
    read.mm,
    other
      ? `“${text}” has a unit of its own: read as ${formatLength(read.mm, { unit: 'mm', withUnit: true })}.`
      : undefined,
  );
}
