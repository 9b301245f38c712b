import { Injectable } from '@nestjs/common';
import {
  builtInKinds,
  houseRulesOf,
  standardItems,
  type LengthUnit,
  type RuleSettings,
  type ShelfId,
} from '@zindle/core';
import {
  ImportPlan,
  openShelfCsv,
  outlineOf,
  readContentsCsv,
  readDxfOutline,
  readRulesCsv,
  readSvgOutline,
  type ContentsRow,
  type PlannedRow,
  type RowMessage,
} from '@zindle/core/imports';
import { entryProblems } from '@zindle/core/reading';
import { ApiError, refused, type ErrorBody } from '../common/api-error.ts';
import type { Tick } from '../common/progress.ts';
import { ShelvesService, type StoredEntry } from '../shelves/shelves.service.ts';
import type { Decoded } from './decode-text.ts';

/** What a table would do, or has done. */
export interface ImportAnswer {
  applied: boolean;
  rows: number;
  new: number;
  changed: number;
  same: number;
  /** Rows that cannot be used; with one of them nothing is taken over. */
  stops: number;
  /** The first of them, stops before notes. */
  messages: RowMessage[];
  /** The first rows as they would stand on the shelf. */
  preview: PlannedRow[];
}
export interface RulesAnswer extends Omit<ImportAnswer, 'preview'> {
  rules: RuleSettings;
}
export interface ContentsAnswer {
  lines: ContentsRow[];
  stops: number;
  messages: RowMessage[];
}

const MESSAGES = 200;
const PREVIEW = 50;
/** Rows between two looks at the clock. */
const STEP = 100;
/** How often a table is prepared anew because the shelf was changed meanwhile. */
const TRIES = 4;

@Injectable()
export class ImportsService {
  constructor(private readonly shelves: ShelvesService) {}

  /** Reads a shelf's table; applied all or nothing. All of it is prepared before the first write; where the shelf was changed
   * meanwhile, it is prepared anew. */
  async shelf(shelf: ShelfId, file: Decoded, options: Options, tick: Tick): Promise<ImportAnswer> {
    for (let tries = 1; ; tries++) {
      const own = await this.shelves.all(shelf);
      const planned = await planOf(shelf, file, own, options, tick);
      const stops = stopsOf(planned.messages);
      if (!options.apply) return answerOf(planned, false);
      if (stops.length > 0) throw nothingTaken(stops);
      const entries = planned.rows.filter(({ fate }) => fate !== 'same').map(({ entry }) => entry);
      try {
        await this.shelves.storeAll(shelf, entries, own);
        return answerOf(planned, true);
      } catch (error) {
        if (tries === TRIES || !isChanged(error)) throw error;
      }
    }
  }

  async rules({ text, note }: Decoded, { apply }: Options): Promise<RulesAnswer> {
    const read = readRulesCsv(text, houseRulesOf(builtInKinds));
    const messages = [...noted(note), ...read.messages];
    const stops = stopsOf(messages);
    const { revision, ...house } = await this.shelves.house();
    const before = house.rules;
    const ids = Object.keys(read.rules) as (keyof RuleSettings)[];
    const kept = ids.filter((id) => before[id] === read.rules[id]);
    if (apply) {
      if (stops.length > 0) throw nothingTaken(stops);
      await this.shelves.storeHouse({ ...house, rules: read.rules }, revision);
    }
    const fresh = ids.filter((id) => before[id] === undefined);
    return {
      applied: apply === true,
      rows: ids.length,
      new: fresh.length,
      changed: ids.length - fresh.length - kept.length,
      same: kept.length,
      stops: stops.length,
      messages: first(messages),
      rules: read.rules,
    };
  }

  /** What a design must hold, as a table says it; the page adds it to its design. */
  async contents({ text, note }: Decoded, options: Options): Promise<ContentsAnswer> {
    const items = [...standardItems, ...(await this.shelves.own('items'))];
    const { rows, messages } = readContentsCsv(text, { items, ...unitOf(options) });
    const all = [...noted(note), ...messages];
    return { lines: rows, stops: stopsOf(all).length, messages: first(all) };
  }

  /** The outline of a thing from an SVG or a DXF. */
  outline({ text }: Decoded, { scale }: Options) {
    const drawing = /^\s*(<\?xml|<!doctype|<!--|<svg)/i.test(text) ? readSvgOutline(text) : readDxfOutline(text);
    const read = outlineOf(drawing, scale === undefined ? {} : { mmPerUnit: scale });
    if (!read.ok) throw refused(read.code, read.message);
    const { outline, length, width, notes } = read;
    return { outline, length, width, notes };
  }
}

/** What the rows of a table would do to a shelf. */
interface Planned {
  rows: PlannedRow[];
  messages: RowMessage[];
  /** Rows of the table. */
  count: number;
}

async function planOf(
  shelf: ShelfId,
  { text, note }: Decoded,
  own: readonly StoredEntry[],
  options: Options,
  tick: Tick,
): Promise<Planned> {
  const opened = openShelfCsv(shelf, text, unitOf(options));
  if (!opened.ok) return { rows: [], messages: opened.messages, count: 0 };
  const { table } = opened;
  const binned = own.filter(({ deletedAt }) => deletedAt !== null).map(({ entry }) => entry.id);
  const plan = new ImportPlan(
    shelf,
    own.map(({ entry }) => entry),
    new Set(binned),
  );
  const unsound: RowMessage[] = [];
  for (let index = 0; index < table.count; index++) {
    const before = plan.rows.length;
    plan.add(table.read(index));
    unsound.push(...plan.rows.slice(before).flatMap((row) => problemsOf(shelf, row)));
    if (index % STEP === STEP - 1) await tick(index + 1, table.count);
  }
  return {
    rows: plan.rows,
    messages: [...noted(note), ...table.notes, ...plan.messages, ...unsound],
    count: table.count,
  };
}

function answerOf({ rows, messages, count }: Planned, applied: boolean): ImportAnswer {
  const of = (fate: PlannedRow['fate']) => rows.filter((row) => row.fate === fate).length;
  return {
    applied,
    rows: count,
    new: of('new'),
    changed: of('changed'),
    same: of('same'),
    stops: stopsOf(messages).length,
    messages: first(messages),
    preview: rows.slice(0, PREVIEW),
  };
}

const isChanged = (error: unknown): boolean =>
  error instanceof ApiError && (error.getResponse() as ErrorBody).code === 'shelf.changed';

export interface Options {
  apply?: boolean;
  unit?: LengthUnit;
  /** mm for one unit of a drawing. */
  scale?: number;
}

const unitOf = ({ unit }: Options): { unit?: LengthUnit } => (unit ? { unit } : {});
const noted = (text: string | undefined): RowMessage[] =>
  text === undefined ? [] : [{ row: 1, severity: 'note', text }];
const stopsOf = (messages: readonly RowMessage[]): RowMessage[] =>
  messages.filter(({ severity }) => severity === 'stop');
const first = (messages: readonly RowMessage[]): RowMessage[] =>
  [...stopsOf(messages), ...messages.filter(({ severity }) => severity !== 'stop')].slice(0, MESSAGES);

/** What the cells let through and the shelf does not. */
const problemsOf = (shelf: ShelfId, { row, entry }: PlannedRow): RowMessage[] =>
  entryProblems(shelf, { ...entry }).map(({ path, message }) => ({
    row,
    column: path,
    severity: 'stop',
    text: message,
  }));

function nothingTaken(stops: readonly RowMessage[]) {
  const [one] = stops;
  const where = one!.column ? `Row ${one!.row}, ${one!.column}` : `Row ${one!.row}`;
  const rows = stops.length === 1 ? '1 row cannot be used' : `${stops.length} messages stand against it`;
  return refused(
    'import.refused',
    `Nothing was taken over: ${rows}. ${where}: ${one!.text}`,
    stops
      .slice(0, MESSAGES)
      .map(({ row, column, text }) => ({ path: column ? `${row}/${column}` : `${row}`, message: text })),
  );
}
