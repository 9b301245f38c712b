import { withOwn, type EntryTypes, type Machine, type ShelfEntry, type ShelfId, type Shelves } from '@zindle/core';
import { create } from 'zustand';
import { api, type House, type StoredEntry, type StoredHouse } from '../api/client.ts';

export type OwnEntries = Record<ShelfId, readonly StoredEntry[]>;

export interface ShelvesState {
  own: OwnEntries;
  house: StoredHouse;
  /** Everything a design may refer to: standard entries, her own (what lies in the bin too), house rules. */
  shelves: Shelves;
  /** Whether the maker's own have been fetched. */
  loaded: boolean;
  load(): Promise<void>;
  loadShelf(shelf: ShelfId): Promise<void>;
  /** Takes over an entry as it was stored. */
  take(shelf: ShelfId, stored: StoredEntry): void;
  /** An entry went to the bin, or came back. */
  bin(shelf: ShelfId, id: string, deletedAt: string | null): void;
  takeHouse(house: StoredHouse): void;
}

const nothing: OwnEntries = { items: [], materials: [], hardware: [], machines: [] };

const shelvesOf = (own: OwnEntries, { rules }: House): Shelves => {
  const of = <Id extends ShelfId>(shelf: Id) => own[shelf].map(({ entry }) => entry as unknown as EntryTypes[Id]);
  return withOwn({
    items: of('items'),
    materials: of('materials'),
    hardware: of('hardware'),
    machines: of('machines'),
    rules,
  });
};

type Entries = readonly StoredEntry[];
/** What was stored on a shelf. */
interface Change {
  shelf: ShelfId;
  on(entries: Entries): Entries;
}

/** Lists that are on their way, and what has been stored since: that is newer than they are. */
function listsOnTheWay() {
  let onTheWay = 0;
  let meanwhile: Change[] = [];
  return {
    note(change: Change): void {
      if (onTheWay > 0) meanwhile = [...meanwhile, change];
    },
    /** @returns what came, and how a list of a shelf is brought up to date */
    async fetched<T>(ask: () => Promise<T>): Promise<[T, (shelf: ShelfId, entries: Entries) => Entries]> {
      const before = meanwhile.length;
      onTheWay += 1;
      try {
        const came = await ask();
        const since = meanwhile.slice(before);
        const upToDate = (shelf: ShelfId, entries: Entries) =>
          since.filter((change) => change.shelf === shelf).reduce((all, change) => change.on(all), entries);
        return [came, upToDate];
      } finally {
        onTheWay -= 1;
        if (onTheWay === 0) meanwhile = [];
      }
    },
  };
}

/** The maker's shelves, fetched once and kept in step with what is stored. */
export const useShelves = create<ShelvesState>()((set, get) => {
  const change = (own: OwnEntries, house: StoredHouse = get().house) =>
    set({ own, house, shelves: shelvesOf(own, house) });
  const withShelf = (shelf: ShelfId, entries: Entries) => change({ ...get().own, [shelf]: entries });
  const lists = listsOnTheWay();
  const stored = (changed: Change) => {
    lists.note(changed);
    withShelf(changed.shelf, changed.on(get().own[changed.shelf]));
  };
  return {
    own: nothing,
    house: { rules: {}, revision: 0 },
    shelves: shelvesOf(nothing, { rules: {} }),
    loaded: false,
    async load() {
      const of = async (shelf: ShelfId) => (await api.entries(shelf)).own;
      const [[house, items, materials, hardware, machines], upToDate] = await lists.fetched(() =>
        Promise.all([api.house(), of('items'), of('materials'), of('hardware'), of('machines')]),
      );
      const own: OwnEntries = {
        items: upToDate('items', items),
        materials: upToDate('materials', materials),
        hardware: upToDate('hardware', hardware),
        machines: upToDate('machines', machines),
      };
      // the rules may have been stored in the meantime too
      change(own, house.revision < get().house.revision ? get().house : house);
      set({ loaded: true });
    },
    async loadShelf(shelf) {
      const [{ own }, upToDate] = await lists.fetched(() => api.entries(shelf));
      withShelf(shelf, upToDate(shelf, own));
    },
    take: (shelf, entry) =>
      stored({ shelf, on: (all) => [...all.filter((each) => each.entry.id !== entry.entry.id), entry] }),
    bin: (shelf, id, deletedAt) =>
      stored({ shelf, on: (all) => all.map((each) => (each.entry.id === id ? { ...each, deletedAt } : each)) }),
    takeHouse: (house) => change(get().own, house),
  };
});

/** The shelves as they are now. */
export const shelvesNow = (): Shelves => useShelves.getState().shelves;

/** Ids of what lies in the bin: known to designs, and not offered any more. */
export const binned = ({ own }: Pick<ShelvesState, 'own'>, shelf: ShelfId): Set<string> =>
  new Set(own[shelf].filter(({ deletedAt }) => deletedAt !== null).map(({ entry }) => entry.id));

/** What a shelf offers: all but what lies in the bin, her own first. */
export function offered<Id extends ShelfId>(state: Pick<ShelvesState, 'own' | 'shelves'>, shelf: Id): EntryTypes[Id][] {
  const gone = binned(state, shelf);
  const own = new Set(state.own[shelf].map(({ entry }) => entry.id));
  const all = state.shelves[shelf] as readonly ShelfEntry[];
  const kept = all.filter(({ id }) => !gone.has(id)) as unknown as EntryTypes[Id][];
  return [...kept.filter(({ id }) => own.has(id)), ...kept.filter(({ id }) => !own.has(id))];
}

/** The machine that is sewn on, if she has said which. */
export const machineNow = ({ shelves, house }: Pick<ShelvesState, 'shelves' | 'house'>): Machine | undefined =>
  shelves.machines.find(({ id }) => id === house.machine);
