import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import Database from 'better-sqlite3';
import { largeTable } from '../testing/large-table.ts';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const ID = 'permit-bifold';
/** What another program sees of a row: only what was committed. */
function onDisk(sql: string): number {
  const database = new Database(server.databaseFile, { readonly: true });
  try {
    return database.prepare<[], number>(sql).pluck().get()!;
  } finally {
    database.close();
  }
}
const revisionOnDisk = () => onDisk(`select revision from designs where id = '${ID}'`);
const thingsOnDisk = (mark: string) => onDisk(`select count(*) from shelf_entries where name like '${mark} %'`);

async function saveOnce(): Promise<number> {
  const { body: before } = await server.http.get(`/api/designs/${ID}`).expect(200);
  const { document, revision } = before;
  const { body } = await server.http.put(`/api/designs/${ID}`).send({ document, revision }).expect(200);
  return body.revision;
}

const post = (mark: string, rows: number) =>
  server.http
    .post('/api/imports/items?apply=true')
    .set('Content-Type', 'text/csv')
    .set('Accept', 'application/x-ndjson')
    .send(largeTable(rows, mark));

/** Begins an import as a tab does that is closed after so many lines of progress.
 * @returns when the connection is gone */
function abandonedImport(mark: string, rows: number, after: number): Promise<void> {
  const { port } = server.app.getHttpServer().address() as AddressInfo;
  return new Promise((resolve) => {
    const headers = { 'Content-Type': 'text/csv', Accept: 'application/x-ndjson' };
    const path = '/api/imports/items?apply=true';
    const asked = request({ host: '127.0.0.1', port, method: 'POST', path, headers }, (response) => {
      let lines = 0;
      response.on('data', (chunk: Buffer) => {
        lines += chunk.toString().split('\n').length - 1;
        if (lines >= after) asked.destroy();
      });
      response.on('close', () => resolve());
      response.on('error', () => resolve());
    });
    asked.on('error', () => resolve());
    asked.end(largeTable(rows, mark));
  });
}

describe('while a table is read in', () => {
  test.each([8, 14, 20])('saves stay though its tab is closed after %i lines', async (after) => {
    const mark = `Closed${after}`;
    let closed = false;
    const gone = abandonedImport(mark, 4000, after).then(() => (closed = true));
    let acknowledged: number;
    do acknowledged = await saveOnce();
    while (!closed);
    await gone;
    expect(revisionOnDisk()).toBe(acknowledged);
    expect([0, 4000]).toContain(thingsOnDisk(mark));
  });
  test('what is acknowledged is on disk at once', async () => {
    let done = false;
    const imported = post('Slow', 4000).then(({ text }) => {
      done = true;
      return text;
    });
    do expect(await saveOnce()).toBe(revisionOnDisk());
    while (!done);
    expect(await imported).toContain('"applied":true');
    expect(thingsOnDisk('Slow')).toBe(4000);
  });
  test('nobody sees a part of it', async () => {
    let done = false;
    const imported = post('Half', 3000).then(() => (done = true));
    const seen = new Set<number>();
    do {
      const { body } = await server.http.get('/api/shelves/items').expect(200);
      seen.add(body.own.filter(({ entry }: { entry: { name: string } }) => entry.name.startsWith('Half ')).length);
    } while (!done);
    await imported;
    expect([...seen].filter((count) => count !== 0 && count !== 3000)).toEqual([]);
  });
  test('two at once: each that says applied is there, whole', async () => {
    const [gone, stays] = [abandonedImport('Twice', 3000, 16), post('Twice', 3000)];
    const { text } = await stays;
    await gone;
    if (text.includes('"applied":true')) expect(thingsOnDisk('Twice')).toBe(3000);
    else expect(text).toContain('"error"');
    const both = await Promise.all([post('Same', 500), post('Same', 500), post('Other', 500)]);
    for (const answer of both) expect(answer.text).toContain('"applied":true');
    expect([thingsOnDisk('Same'), thingsOnDisk('Other')]).toEqual([500, 500]);
  });
});

test('two saves of one revision: one is taken, the other is told', async () => {
  const { body } = await server.http.get(`/api/designs/${ID}`).expect(200);
  const { document, revision } = body;
  const put = () => server.http.put(`/api/designs/${ID}`).send({ document, revision });
  const answers = await Promise.all([put(), put(), put()]);
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
});
test('two entries of one name made at once get ids of their own', async () => {
  const entry = { name: 'Twin awl', shape: 'cylinder', length: 90, width: 6, thickness: 6, source: 'measured' };
  const answers = await Promise.all([1, 2, 3].map(() => server.http.post('/api/shelves/items').send({ entry })));
  expect(answers.map(({ status }) => status)).toEqual([201, 201, 201]);
  expect(new Set(answers.map(({ body }) => body.entry.id)).size).toBe(3);
});
