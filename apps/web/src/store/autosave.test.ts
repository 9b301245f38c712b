import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { newDesign, rename, type DesignDocument } from '@zindle/core';
import { ApiFailure, type StoredDesign } from '../api/client.ts';
import { autosave } from './autosave.ts';
import { createDesignStore } from './design-store.ts';
import { readCopy, type CopyStorage } from './local-copy.ts';
import { openDesign } from './open-design.ts';

/** A server with one design, and a browser's storage. */
function scene() {
  const first = newDesign({ id: 'trial', name: 'Trial' });
  const server = { document: first as DesignDocument, revision: 1, away: false, writes: 0 };
  const answer = (): StoredDesign => ({ id: 'trial', name: server.document.name, updatedAt: '', ...server });
  const api = {
    design: async () => answer(),
    async store(document: DesignDocument, revision: number) {
      if (server.away) throw new ApiFailure(0, 'server.away', 'away');
      if (revision !== server.revision) throw new ApiFailure(409, 'design.stale', 'stale');
      server.document = document;
      server.revision += 1;
      server.writes += 1;
      return answer();
    },
  };
  const kept = new Map<string, string>();
  const storage: CopyStorage = {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
  };
  return { first, server, api, storage, kept };
}

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

describe('autosave', () => {
  test('stores a burst of changes once, within a second', async () => {
    const { first, server, api, storage, kept } = scene();
    const store = createDesignStore({ document: first, revision: 1 });
    autosave(store, { api, storage });
    for (const name of ['A', 'AB', 'ABC']) store.getState().edit(rename(name));
    expect(store.getState().save.kind).toBe('pending');
    await jest.advanceTimersByTimeAsync(1000);
    expect([server.document.name, server.writes]).toEqual(['ABC', 1]);
    expect(store.getState()).toMatchObject({ save: { kind: 'stored' }, revision: 2 });
    expect(kept.size).toBe(0);
  });

  test('keeps changes in the browser while the server is away, and stores them when it is back', async () => {
    const { first, server, api, storage } = scene();
    server.away = true;
    const store = createDesignStore({ document: first, revision: 1 });
    autosave(store, { api, storage });
    store.getState().edit(rename('Kept'));
    await jest.advanceTimersByTimeAsync(1000);
    expect(store.getState().save.kind).toBe('kept');
    expect(readCopy(storage, 'trial')).toMatchObject({ revision: 1, document: { name: 'Kept' } });
    server.away = false;
    await jest.advanceTimersByTimeAsync(4000);
    expect(server.document.name).toBe('Kept');
    expect(readCopy(storage, 'trial')).toBeUndefined();
  });

  test('never writes over a change made elsewhere', async () => {
    const { first, server, api, storage } = scene();
    const store = createDesignStore({ document: first, revision: 1 });
    const saving = autosave(store, { api, storage });
    server.document = { ...first, name: 'Theirs' };
    server.revision = 2;
    store.getState().edit(rename('Mine'));
    await jest.advanceTimersByTimeAsync(1000);
    expect(store.getState().save.kind).toBe('conflict');
    store.getState().edit(rename('Mine still'));
    await jest.advanceTimersByTimeAsync(10_000);
    expect(server.document.name).toBe('Theirs');
    await saving.overwrite(2);
    expect([server.document.name, store.getState().save.kind]).toEqual(['Mine still', 'stored']);
  });

  test('taking the other version drops the own one, and a reload is asked for nothing', async () => {
    const { first, server, api, storage, kept } = scene();
    const store = createDesignStore({ document: first, revision: 1 });
    const saving = autosave(store, { api, storage });
    server.revision = 2;
    store.getState().edit(rename('Mine'));
    await jest.advanceTimersByTimeAsync(1000);
    saving.adopt({ document: { ...first, name: 'Theirs' }, revision: 2 });
    await jest.advanceTimersByTimeAsync(10_000);
    expect(store.getState()).toMatchObject({ document: { name: 'Theirs' }, save: { kind: 'stored' }, revision: 2 });
    expect([server.writes, kept.size]).toEqual([0, 0]);
  });

  test('a change during the storing is stored after it', async () => {
    const { first, server, api, storage } = scene();
    const store = createDesignStore({ document: first, revision: 1 });
    const saving = autosave(store, { api, storage });
    store.getState().edit(rename('One'));
    const storing = saving.flush();
    store.getState().edit(rename('Two'));
    await storing;
    await jest.advanceTimersByTimeAsync(1000);
    expect([server.document.name, server.revision]).toEqual(['Two', 3]);
  });

  test('undoing all the way is stored as well', async () => {
    const { first, server, api, storage } = scene();
    const store = createDesignStore({ document: first, revision: 1 });
    autosave(store, { api, storage });
    store.getState().edit(rename('One'));
    store.getState().undo();
    await jest.advanceTimersByTimeAsync(1000);
    expect([server.document.name, store.getState().save.kind]).toEqual(['Trial', 'stored']);
  });
});

describe('opening a design that was left with changes', () => {
  const leave = (storage: CopyStorage, document: DesignDocument, revision: number) =>
    storage.setItem('zindle:unsaved:trial', JSON.stringify({ document, revision }));

  test('takes them up and stores them', async () => {
    const { first, server, api, storage } = scene();
    leave(storage, { ...first, name: 'Left' }, 1);
    const { store } = await openDesign('trial', api, storage);
    expect(store.getState().document.name).toBe('Left');
    await jest.advanceTimersByTimeAsync(1000);
    expect(server.document.name).toBe('Left');
    store.getState().undo();
    expect(store.getState().document.name).toBe('Trial');
  });
  test('asks if the design was changed meanwhile, also after another reload', async () => {
    const { first, server, api, storage } = scene();
    server.revision = 5;
    leave(storage, { ...first, name: 'Left' }, 1);
    for (let reload = 0; reload < 2; reload++) {
      const { store } = await openDesign('trial', api, storage);
      await jest.advanceTimersByTimeAsync(1000);
      expect(store.getState()).toMatchObject({ save: { kind: 'conflict' }, document: { name: 'Left' } });
    }
    expect(server.document.name).toBe('Trial');
  });
  test('a spare copy that is garbage is left aside', async () => {
    const { api, storage } = scene();
    storage.setItem('zindle:unsaved:trial', '{"document":');
    expect((await openDesign('trial', api, storage)).store.getState().document.name).toBe('Trial');
  });
});
