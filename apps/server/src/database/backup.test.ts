import { existsSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { demoDesigns } from '@zindle/core/demo';
import Database from 'better-sqlite3';
import { startServer, type TestServer } from '../testing/start-server.ts';
import { backUp, BACKUPS_KEPT, checkIntegrity } from './backup.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

describe('backups', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zindle-backups-'));
  test('a copy made while the server runs holds every design', () => {
    const copy = backUp(server.databaseFile, folder, new Date('2026-11-24T10:00:00Z'))!;
    const database = new Database(copy, { readonly: true });
    expect(database.prepare('select count(*) as n from designs').get()).toEqual({ n: demoDesigns.length });
    database.close();
  });
  test('the last ten are kept', () => {
    writeFileSync(join(folder, 'notes.txt'), 'not ours');
    for (let day = 1; day <= 14; day++) backUp(server.databaseFile, folder, new Date(Date.UTC(2026, 11, day)));
    const names = readdirSync(folder).sort();
    const copies = names.filter((name) => name.endsWith('.sqlite'));
    expect(copies).toHaveLength(BACKUPS_KEPT);
    expect(names).toContain('notes.txt');
    expect(copies[0]).toContain('2026-12-05');
  });
  test('there is nothing to copy before there is a database', () => {
    expect(backUp(join(folder, 'none.sqlite'), folder, new Date())).toBeUndefined();
  });
});

describe('a damaged database', () => {
  test('is named and left as it is', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'zindle-broken-')), 'zindle.sqlite');
    writeFileSync(file, 'this is no database at all, but long enough to have a header of its own. '.repeat(20));
    expect(() => checkIntegrity(file, 'backups')).toThrow(
      /is damaged .* It was left as it is; earlier copies are in backups/,
    );
    expect(existsSync(file)).toBe(true);
  });
  test('a sound one is not', () => expect(() => checkIntegrity(server.databaseFile, 'backups')).not.toThrow());
});
