import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import Database from 'better-sqlite3';
import { startBuiltServer, type BuiltServer } from '../testing/built-server.ts';
import { largeTable } from '../testing/large-table.ts';

/** How often something ends badly, in the midst of saves and imports. */
const ROUNDS = 20;
const IMPORTED = 400;
const DESIGNS = ['permit-bifold', 'probe-roll', 'logger-bag'];

let data: string;
let server: BuiltServer;
beforeAll(async () => {
  data = mkdtempSync(join(tmpdir(), 'zindle-kills-'));
  server = await startBuiltServer(data);
});
afterAll(async () => {
  await server.kill();
  rmSync(data, { recursive: true });
});

/** What the server has said that it stored. */
interface Acknowledged {
  /** Last revision of each design. */
  revisions: Map<string, number>;
  entries: string[];
  imports: string[];
}

async function json(path: string, method = 'GET', body?: object, signal?: AbortSignal) {
  const headers = { 'Content-Type': 'application/json' };
  const init = { method, headers, ...(body && { body: JSON.stringify(body) }), ...(signal && { signal }) };
  const answer = await fetch(server.address + path, init);
  if (!answer.ok) throw new Error(`${path} ${answer.status}: ${await answer.text()}`);
  return answer.json() as Promise<Record<string, unknown>>;
}

async function saving(id: string, signal: AbortSignal, { revisions }: Acknowledged): Promise<void> {
  let { document, revision } = (await json(`/api/designs/${id}`)) as { document: object; revision: number };
  while (!signal.aborted) {
    ({ revision, document } = (await json(`/api/designs/${id}`, 'PUT', { document, revision })) as never);
    revisions.set(id, revision);
  }
}

async function adding(mark: string, signal: AbortSignal, { entries }: Acknowledged): Promise<void> {
  for (let number = 0; !signal.aborted; number++) {
    const id = `my-${mark}-${number}`;
    const sizes = { length: 30, width: 20, thickness: 4 };
    const entry = { id, name: id, shape: 'box', ...sizes, source: 'measured' };
    await json('/api/shelves/items', 'POST', { entry });
    entries.push(id);
  }
}

/** Reads one table in after the other; each may be left by its tab. */
async function importing(mark: string, signal: AbortSignal, { imports }: Acknowledged, leave?: AbortSignal) {
  for (let number = 0; !signal.aborted; number++) {
    const name = `${mark}x${number}`;
    const answer = await fetch(`${server.address}/api/imports/items?apply=true`, {
      method: 'POST',
      headers: { 'Content-Type': 'text/csv', Accept: 'application/x-ndjson' },
      body: largeTable(IMPORTED, name),
      ...(leave && { signal: leave }),
    });
    if ((await answer.text()).includes('"applied":true')) imports.push(name);
  }
}

function check({ revisions, entries, imports }: Acknowledged): void {
  const database = new Database(join(data, 'demo', 'zindle.sqlite'), { readonly: true });
  try {
    expect(database.pragma('integrity_check', { simple: true })).toBe('ok');
    for (const [id, revision] of revisions) {
      const on = database.prepare<[string], number>('select revision from designs where id = ?').pluck().get(id)!;
      expect({ id, kept: on >= revision }).toEqual({ id, kept: true });
    }
    const there = database.prepare<[string], string>('select id from shelf_entries where id = ?').pluck();
    expect(entries.filter((id) => there.get(id) === undefined)).toEqual([]);
    const counted = database.prepare<[string], number>('select count(*) from shelf_entries where name like ?').pluck();
    expect(imports.map((name) => counted.get(`${name} %`))).toEqual(imports.map(() => IMPORTED));
    // all or nothing, also of those that were never acknowledged
    const whole = database
      .prepare<[], number>(
        "select count(*) from shelf_entries where name like 'kill%x%' group by substr(name, 1, instr(name, ' '))",
      )
      .pluck()
      .all();
    expect(whole.filter((count) => count !== IMPORTED)).toEqual([]);
  } finally {
    database.close();
  }
}

const countOf = ({ revisions, entries, imports }: Acknowledged): number =>
  revisions.size + entries.length + imports.length;
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

test(`after ${ROUNDS} kills and closed tabs among saves and imports every acknowledged change is there`, async () => {
  let acknowledged = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const said: Acknowledged = { revisions: new Map(), entries: [], imports: [] };
    const mark = `kill${round}`;
    const [stop, leave] = [new AbortController(), new AbortController()];
    const work = [
      ...DESIGNS.map((id) => saving(id, stop.signal, said)),
      adding(mark, stop.signal, said),
      importing(mark, stop.signal, said, leave.signal),
      importing(`${mark}b`, stop.signal, said),
    ].map((each) => each.catch(() => undefined));
    // from before the first answer to the middle of the third table; never by the clock alone, machines are fast and slow
    for (let tries = 0; countOf(said) < round % 10 && tries < 1000; tries++) await wait(10);
    await wait(20 + ((round * 37) % 20) * 20);
    const killed = round % 2 === 0;
    if (killed) await server.kill();
    else {
      leave.abort();
      await wait(60);
    }
    stop.abort();
    await Promise.all(work);
    check(said);
    acknowledged += countOf(said);
    if (killed) server = await startBuiltServer(data);
  }
  // as many as were waited for, at least: 0 to 9 a round
  expect(acknowledged).toBeGreaterThanOrEqual(ROUNDS * 4.5);
});
