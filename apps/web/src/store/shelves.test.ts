import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import type { StoredEntry } from '../api/client.ts';
import { binned, offered, useShelves } from './shelves.ts';

const machine = (id: string, name: string, revision = 1): StoredEntry =>
  ({ entry: { id, name, seam: 6, lift: 8 }, revision, deletedAt: null }) as unknown as StoredEntry;

/** A server whose answers are held back until they are let go. */
class Server {
  private readonly waiting: (() => void)[] = [];
  machines: StoredEntry[] = [];
  house = { rules: {}, revision: 1 };
  asked = 0;

  fetch = async (address: string): Promise<Response> => {
    this.asked += 1;
    // it answers with what it has now, however late that arrives
    const body = JSON.stringify(this.bodyOf(address));
    await new Promise<void>((go) => this.waiting.push(go));
    return new Response(body, { status: 200, headers: { 'Content-Type': 'application/json' } });
  };
  letGo(): void {
    for (const go of this.waiting.splice(0)) go();
  }
  private bodyOf(address: string) {
    if (address.endsWith('/shelves/rules')) return this.house;
    return { own: address.endsWith('/machines') ? this.machines : [] };
  }
}

const names = () => useShelves.getState().own.machines.map(({ entry }) => entry.name);

describe('the shelves, while their lists are on their way', () => {
  const [before, start] = [globalThis.fetch, useShelves.getState()];
  let server: Server;
  beforeEach(() => {
    server = new Server();
    server.machines = [machine('loft', 'The loft machine')];
    globalThis.fetch = server.fetch as typeof fetch;
    useShelves.setState(start, true);
  });
  afterEach(() => {
    globalThis.fetch = before;
  });
  const { load, loadShelf, take, bin, takeHouse } = useShelves.getState();

  test('what is stored meanwhile does not go when an older list arrives', async () => {
    const loading = load();
    take('machines', machine('attic', 'Attic machine'));
    expect(names()).toEqual(['Attic machine']);
    server.letGo();
    await loading;
    expect(names()).toEqual(['The loft machine', 'Attic machine']);
    expect(useShelves.getState().shelves.machines.map(({ id }) => id)).toContain('attic');
  });

  test('what is changed meanwhile stays changed, what goes into the bin stays there', async () => {
    server.machines.push(machine('attic', 'Attic machine'));
    const loading = load();
    take('machines', machine('loft', 'The loft machine, oiled', 2));
    bin('machines', 'attic', '2026-01-01T00:00:00Z');
    server.letGo();
    await loading;
    expect(names().sort()).toEqual(['Attic machine', 'The loft machine, oiled']);
    expect([...binned(useShelves.getState(), 'machines')]).toEqual(['attic']);
    expect(offered(useShelves.getState(), 'machines').map(({ id }) => id)).not.toContain('attic');
  });

  test('two lists on their way: each knows what came after it was asked for', async () => {
    const first = load();
    take('machines', machine('attic', 'Attic machine'));
    server.machines.push(machine('attic', 'Attic machine'));
    const second = loadShelf('machines');
    take('machines', machine('hut', 'Hut machine'));
    server.letGo();
    await Promise.all([first, second]);
    expect(names().sort()).toEqual(['Attic machine', 'Hut machine', 'The loft machine']);
  });

  test('what has been taken away elsewhere goes with the next list', async () => {
    const loading = load();
    server.letGo();
    await loading;
    take('machines', machine('attic', 'Attic machine'));
    const again = loadShelf('machines');
    server.letGo();
    await again;
    expect(names()).toEqual(['The loft machine']);
  });

  test('house rules that were stored meanwhile are newer than those that arrive', async () => {
    const loading = load();
    takeHouse({ rules: { 'seam.allowance': 9 }, revision: 2 });
    server.letGo();
    await loading;
    expect(useShelves.getState().house).toEqual({ rules: { 'seam.allowance': 9 }, revision: 2 });
    expect(useShelves.getState().loaded).toBe(true);
  });
});
