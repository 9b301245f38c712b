import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { TickBook } from './ticks.ts';

/** What a browser keeps. */
class Memory {
  readonly kept = new Map<string, string>();
  getItem = (key: string) => this.kept.get(key) ?? null;
  setItem = (key: string, value: string) => void this.kept.set(key, value);
}
/** A server that answers when it is let. */
class Server {
  readonly stored = new Map<string, string>();
  readonly asked: string[] = [];
  away = false;
  #held: (() => void)[] | undefined;
  hold = () => (this.#held = []);
  release = () => {
    const held = this.#held ?? [];
    this.#held = undefined;
    for (const go of held) go();
  };
  list = () => this.#answer('list');
  change = (_: string, { done, undone }: { done: { action: string; hash: string }[]; undone: string[] }) =>
    this.#answer(`+${done.map(({ action }) => action).join()} -${undone.join()}`, () => {
      for (const { action, hash } of done) this.stored.set(action, hash);
      for (const action of undone) this.stored.delete(action);
    });
  async #answer(asked: string, work = () => {}) {
    this.asked.push(asked);
    await new Promise<void>((go) => (this.#held ? this.#held.push(go) : go()));
    if (this.away) throw new Error('away');
    work();
    return { ticks: [...this.stored].map(([action, hash]) => ({ action, hash, doneAt: '' })) };
  }
}

let memory: Memory;
let server: Server;
beforeEach(() => {
  jest.useFakeTimers();
  memory = new Memory();
  server = new Server();
});
afterEach(() => void jest.useRealTimers());

const open = () => new TickBook('one', server, memory);
const shown = (book: TickBook) => Object.fromEntries(book.store.getState().done);
const settle = () => jest.advanceTimersByTimeAsync(0);
const act = (id: string, hash = 'h') => ({ id, hash });

test('a tick shows at once, is stored, and comes back from there', async () => {
  const book = open();
  book.change([act('a'), act('b')], true);
  expect(shown(book)).toEqual({ a: 'h', b: 'h' });
  await settle();
  book.change([act('a')], false);
  await settle();
  expect(Object.fromEntries(server.stored)).toEqual({ b: 'h' });
  memory.kept.clear();
  const other = open();
  await other.load();
  expect(shown(other)).toEqual({ b: 'h' });
});

test('what is ticked while an answer is on its way is sent after it, and not lost by it', async () => {
  const book = open();
  server.hold();
  book.change([act('a')], true);
  book.change([act('b')], true);
  book.change([act('a', 'new')], true);
  await settle();
  expect(server.asked).toEqual(['+a -']);
  server.release();
  await settle();
  expect(server.asked).toEqual(['+a -', '+a,b -']);
  expect(Object.fromEntries(server.stored)).toEqual({ a: 'new', b: 'h' });
  expect(shown(book)).toEqual({ a: 'new', b: 'h' });
});

test('while the server is away ticks wait, also for a page that is opened later; then they are sent', async () => {
  server.away = true;
  const book = open();
  book.change([act('a')], true);
  await settle();
  expect(book.store.getState().waiting).toBe(true);
  book.close();
  const later = open();
  expect(shown(later)).toEqual({ a: 'h' });
  await later.load();
  server.away = false;
  await jest.advanceTimersByTimeAsync(6000);
  expect(server.stored.get('a')).toBe('h');
  expect(later.store.getState().waiting).toBe(false);
});

test('a page that is closed asks no more', async () => {
  server.away = true;
  const book = open();
  await book.load();
  book.close();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(server.asked).toEqual(['list']);
});

test.each([['{'], ['[]'], ['{"stored":1,"changes":[[2,3],"x",null]}']])(
  'what the browser kept and cannot be read is left aside: %s',
  async (text) => {
    memory.setItem('zindle:ticks:one', text);
    const book = open();
    expect(shown(book)).toEqual({});
    await book.load();
    expect(shown(book)).toEqual({});
  },
);

test('a browser that keeps nothing only costs the spare copy', async () => {
  memory.setItem = () => {
    throw new Error('full');
  };
  const book = open();
  book.change([act('a')], true);
  await settle();
  expect(server.stored.get('a')).toBe('h');
  expect(shown(book)).toEqual({ a: 'h' });
});
