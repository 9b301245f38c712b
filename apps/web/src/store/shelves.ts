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

/** The maker's shelves, fetched once and kept in step with what is stored. */
export const useShelves = create<ShelvesState>()((set, get) => {
  const change = (own: OwnEntries, house: StoredHouse = get().house) =>
    set({ own, house, shelves: shelvesOf(own, house) });
  const withShelf = (shelf: ShelfId, entries: readonly StoredEntry[]) => change({ ...get().own, [shelf]: entries });
  return {
    own: nothing,
    house: { rules: {}, revision: 0 },
    shelves: shelvesOf(nothing, { rules: {} }),
    loaded: false,
    async load() {
      const of = async (shelf: ShelfId) => (await api.entries(shelf)).own;
      const [house, items, materials, hardware, machines] = await Promise.all([
        api.house(),
        of('items'),
        of('materials'),
        of('hardware'),
        of('machines'),
      ]);
      change({ items, materials, hardware, machines }, house);
      set({ loaded: true });
    },
    async loadShelf(shelf) {
      withShelf(shelf, (await api.entries(shelf)).own);
    },
    take(shelf, stored) {
      const others = get().own[shelf].filter(({ entry }) => entry.id !== stored.entry.id);
      withShelf(shelf, [...others, stored]);
    },
    bin(shelf, id, deletedAt) {
      withShelf(
        shelf,
        get().own[shelf].map((each) => (each.entry.id === id ? { ...each, deletedAt } : each)),
      );
    },
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
