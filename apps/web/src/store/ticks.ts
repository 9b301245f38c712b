import { useEffect, useMemo } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import { api, type Tick } from '../api/client.ts';

/** An action as it is ticked: what it is kept under, and what it says now. */
export interface Tickable {
  id: string;
  hash: string;
}

/** What is ticked off at the bench. */
interface Ticks {
  /** Of each action that is done, what it said then. */
  done: ReadonlyMap<string, string>;
  /** The server did not take the last changes: they are sent again. */
  waiting: boolean;
}

/** A change of ticks; nothing stands for a tick that is taken back. */
type Changes = ReadonlyMap<string, string | undefined>;

interface Sending {
  list(id: string): Promise<{ ticks: Tick[] }>;
  change(
    id: string,
    change: { done: { action: string; hash: string }[]; undone: string[] },
  ): Promise<{ ticks: Tick[] }>;
}

type Kept = Pick<Storage, 'getItem' | 'setItem'>;

/** So long after a failure it is tried again, ms. */
const AGAIN = 5000;

/** The ticks of a design: shown at once, kept in the browser until the server has them, and then beside the design. */
export class TickBook {
  readonly store: StoreApi<Ticks>;
  readonly #id: string;
  readonly #sending: Sending;
  readonly #storage: Kept;
  #stored: ReadonlyMap<string, string>;
  #changes: Changes;
  #busy = false;
  #failed = false;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(id: string, sending: Sending, storage: Kept) {
    this.#id = id;
    this.#sending = sending;
    this.#storage = storage;
    const kept = read(storage, id);
    this.#stored = new Map(kept.stored);
    this.#changes = new Map(kept.changes.map(([action, hash]) => [action, hash ?? undefined]));
    this.store = createStore(() => this.#now());
  }

  /** Asks the server what it has; sends what it has not. */
  async load(): Promise<void> {
    await this.#talk(() => this.#sending.list(this.#id));
  }

  /** Ticks actions off, or takes their ticks back. */
  change(actions: readonly Tickable[], done: boolean): void {
    this.#changes = new Map([
      ...this.#changes,
      ...actions.map(({ id, hash }) => [id, done ? hash : undefined] as const),
    ]);
    this.#show();
    void this.#send();
  }

  /** Nothing is sent again after that. */
  close(): void {
    clearTimeout(this.#timer);
  }

  async #send(): Promise<void> {
    if (this.#changes.size === 0) return;
    const sent = this.#changes;
    const done = [...sent].flatMap(([action, hash]) => (hash === undefined ? [] : [{ action, hash }]));
    const undone = [...sent].flatMap(([action, hash]) => (hash === undefined ? [action] : []));
    await this.#talk(() => this.#sending.change(this.#id, { done, undone }), sent);
  }

  /** One question at a time; what is changed meanwhile is sent after it. */
  async #talk(ask: () => Promise<{ ticks: Tick[] }>, sent: Changes = new Map()): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    clearTimeout(this.#timer);
    try {
      const { ticks } = await ask();
      this.#failed = false;
      this.#stored = new Map(ticks.map(({ action, hash }) => [action, hash]));
      this.#changes = new Map([...this.#changes].filter(([id, hash]) => !sent.has(id) || sent.get(id) !== hash));
    } catch {
      this.#failed = true;
      this.#timer = setTimeout(() => void this.load(), AGAIN);
      return;
    } finally {
      this.#busy = false;
      this.#show();
    }
    await this.#send();
  }

  #show(): void {
    const stored = [...this.#stored];
    const changes = [...this.#changes].map(([id, hash]) => [id, hash ?? null]);
    try {
      this.#storage.setItem(keyOf(this.#id), JSON.stringify({ stored, changes }));
    } catch {
      // a full or forbidden storage only costs the spare copy
    }
    this.store.setState(this.#now());
  }

  #now(): Ticks {
    const done = new Map(this.#stored);
    for (const [id, hash] of this.#changes)
      if (hash === undefined) done.delete(id);
      else done.set(id, hash);
    return { done, waiting: this.#failed && this.#changes.size > 0 };
  }
}

const keyOf = (id: string): string => `zindle:ticks:${id}`;

interface Copy {
  stored: [string, string][];
  changes: [string, string | null][];
}

function read(storage: Kept, id: string): Copy {
  try {
    const { stored, changes } = JSON.parse(storage.getItem(keyOf(id)) ?? '{}') as Partial<Copy>;
    return { stored: pairs(stored), changes: pairs(changes) };
  } catch {
    return { stored: [], changes: [] };
  }
}

const pairs = <T>(list: unknown): [string, T][] => (Array.isArray(list) ? list.filter(isPair<T>) : []);
const isPair = <T>(each: unknown): each is [string, T] => Array.isArray(each) && typeof each[0] === 'string';

/** The ticks of a design, and a way to change them. */
export function useTicks(id: string): Ticks & Pick<TickBook, 'change'> {
  const book = useMemo(() => new TickBook(id, { list: api.ticks, change: api.changeTicks }, localStorage), [id]);
  useEffect(() => {
    const load = () => void book.load();
    load();
    // another window or the tablet at the machine may have ticked meanwhile
    window.addEventListener('focus', load);
    window.addEventListener('online', load);
    return () => {
      window.removeEventListener('focus', load);
      window.removeEventListener('online', load);
      book.close();
    };
  }, [book]);
  return { ...useStore(book.store), change: (actions, done) => book.change(actions, done) };
}
