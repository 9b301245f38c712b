import type { ShelfEntry } from '../../shelves/field-spec.ts';
import { shelfSpec, type ShelfId } from '../../shelves/shelf-specs.ts';
import { alike } from '../../shelves/alike.ts';
import { idFrom } from '../../shelves/entry-id.ts';
import type { ReadRow } from './read-shelf-csv.ts';
import type { RowMessage } from './row-message.ts';

/** What would become of a row. */
export type Fate = 'new' | 'changed' | 'same';
export interface PlannedRow {
  row: number;
  fate: Fate;
  entry: ShelfEntry;
}

/** Goes through the rows in their order and says what each would do to the maker's shelf: by its id, else by its name, it is
 * one that is there already; else it is new. */
export class ImportPlan {
  readonly rows: PlannedRow[] = [];
  readonly messages: RowMessage[] = [];
  readonly #byId: Map<string, ShelfEntry>;
  readonly #byName: Map<string, ShelfEntry>;
  readonly #standard: Map<string, ShelfEntry>;
  readonly #seen = new Map<string, number>();

  readonly #binned: ReadonlySet<string>;

  /** @param own what stands on the maker's shelf, also in its bin: an id is never used twice
   * @param binned ids of what lies in the bin: it comes back as it is read */
  constructor(shelf: ShelfId, own: readonly ShelfEntry[], binned: ReadonlySet<string> = new Set()) {
    const there = own.filter(({ id }) => !binned.has(id));
    this.#binned = binned;
    this.#byId = new Map(own.map((entry) => [entry.id, entry]));
    this.#byName = new Map(there.map((entry) => [entry.name.toLowerCase(), entry]));
    this.#standard = new Map(shelfSpec(shelf).standard.map((entry) => [entry.id, entry]));
  }

  add({ row, entry, messages }: ReadRow): void {
    this.messages.push(...messages);
    if (!entry) return;
    const { id: said } = entry;
    const standard = said === undefined ? undefined : this.#standard.get(said);
    if (standard) return this.#standardRow(row, { ...entry, id: said! }, standard);
    const known = said === undefined ? this.#byName.get(entry.name.toLowerCase()) : this.#byId.get(said);
    const id = said ?? known?.id ?? idFrom(entry.name, (candidate) => this.#taken(candidate));
    // two rows without an id are one entry if they have one name
    const keys = [id, ...(said === undefined ? [`name: ${entry.name.toLowerCase()}`] : [])];
    const before = keys.map((key) => this.#seen.get(key)).find((seen) => seen !== undefined);
    if (before !== undefined) return this.#stop(row, `Row ${before} is the same entry (${entry.name}). Take one out.`);
    if (!/^[\w-]{1,60}$/.test(id)) return this.#stop(row, `“${id}” is no id: letters, digits and hyphens only.`);
    keys.forEach((key) => this.#seen.set(key, row));
    const next = { ...entry, id };
    const stays = known && !this.#binned.has(id);
    this.rows.push({ row, entry: next, fate: stays ? (alike(known, next) ? 'same' : 'changed') : 'new' });
  }

  #standardRow(row: number, entry: ShelfEntry, standard: ShelfEntry): void {
    if (alike(entry, standard)) {
      this.messages.push({ row, severity: 'note', text: `“${entry.name}” is a standard entry and stays as it is.` });
      return;
    }
    this.#stop(
      row,
      `“${entry.id}” is a standard entry, which cannot be changed. Leave the id empty to make a copy of your own.`,
    );
  }

  #stop(row: number, text: string): void {
    this.messages.push({ row, severity: 'stop', text });
  }

  #taken(id: string): boolean {
    return this.#byId.has(id) || this.#standard.has(id) || this.#seen.has(id);
  }
}
