import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { newDesign } from '@zindle/core';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const design = (id: string, name = `Design ${id}`) => newDesign({ id, name });
const create = (id: string) =>
  server.http
    .post('/api/designs')
    .send({ document: design(id) })
    .expect(201);

describe('storing a design', () => {
  test('gives it revision 1, and the ETag to go with it', async () => {
    const { body, headers } = await create('first');
    expect(body).toMatchObject({ id: 'first', revision: 1, document: { name: 'Design first' } });
    expect(headers.etag).toBe('"1"');
    const read = await server.http.get('/api/designs/first').expect(200);
    expect(read.body).toEqual(body);
    expect(read.headers.etag).toBe('"1"');
  });
  test('again under the same id is refused', async () => {
    await create('twice');
    const { body } = await server.http
      .post('/api/designs')
      .send({ document: design('twice') })
      .expect(409);
    expect(body).toMatchObject({ statusCode: 409, code: 'design.exists' });
  });
  test('a change names the revision, by If-Match or in the body', async () => {
    await create('changing');
    const once = await server.http
      .put('/api/designs/changing')
      .set('If-Match', '"1"')
      .send({ document: design('changing', 'One') })
      .expect(200);
    expect(once.headers.etag).toBe('"2"');
    await server.http
      .put('/api/designs/changing')
      .send({ document: design('changing', 'Two'), revision: 2 })
      .expect(200);
    const { body } = await server.http.get('/api/designs/changing');
    expect(body).toMatchObject({ name: 'Two', revision: 3 });
  });
  test('without a revision is refused with 428, a stale one with 409, and nothing is overwritten', async () => {
    await create('guarded');
    const put = (revision?: string) => {
      const call = server.http.put('/api/designs/guarded').send({ document: design('guarded', 'Theirs') });
      return revision ? call.set('If-Match', revision) : call;
    };
    expect((await put().expect(428)).body.code).toBe('design.revisionMissing');
    await put('"1"').expect(200);
    const stale = await server.http
      .put('/api/designs/guarded')
      .set('If-Match', '"1"')
      .send({ document: design('guarded', 'Mine') })
      .expect(409);
    expect(stale.body).toMatchObject({ code: 'design.stale', message: expect.stringContaining('revision 2') });
    expect((await server.http.get('/api/designs/guarded')).body.name).toBe('Theirs');
    expect((await put('three').expect(422)).body.code).toBe('design.revisionUnreadable');
  });
  test('of ten writers with one revision, one wins', async () => {
    await create('crowded');
    const writes = Array.from({ length: 10 }, (_, index) =>
      server.http
        .put('/api/designs/crowded')
        .set('If-Match', '"1"')
        .send({ document: design('crowded', `Writer ${index}`) }),
    );
    const statuses = (await Promise.all(writes)).map(({ status }) => status).sort();
    expect(statuses).toEqual([200, ...Array.from({ length: 9 }, () => 409)]);
  });
  test('under another id than its own is refused', async () => {
    await create('named');
    const { body } = await server.http
      .put('/api/designs/named')
      .send({ document: design('other'), revision: 1 })
      .expect(422);
    expect(body.code).toBe('design.otherId');
  });
  test('fields that the server does not know come back', async () => {
    const document = { ...design('extra'), threadColour: 'tarred' };
    await server.http.post('/api/designs').send({ document }).expect(201);
    expect((await server.http.get('/api/designs/extra')).body.document.threadColour).toBe('tarred');
  });
  test('a damaged one is refused, field by field', async () => {
    const { body } = await server.http
      .post('/api/designs')
      .send({ document: { ...design('bad'), grid: '3mm', unit: 'ell' } })
      .expect(422);
    expect(body.code).toBe('document.damaged');
    expect(body.fields.map(({ path }: { path: string }) => path).sort()).toEqual(['document.grid', 'document.unit']);
    await server.http.get('/api/designs/bad').expect(404);
  });
});

describe('the shelf', () => {
  test('is read a page at a time, newest first, and searched by name', async () => {
    for (let index = 0; index < 30; index++)
      await server.http
        .post('/api/designs')
        .send({ document: design(`pile-${index}`, `Pile ${index}`) })
        .expect(201);
    const { body } = await server.http.get('/api/designs?search=pile').expect(200);
    expect([body.total, body.designs.length, body.page]).toEqual([30, 24, 1]);
    const second = await server.http.get('/api/designs?search=PILE&page=2').expect(200);
    expect(second.body.designs).toHaveLength(6);
    const dates = body.designs.map(({ updatedAt }: { updatedAt: string }) => updatedAt);
    expect(dates).toEqual([...dates].sort().reverse());
    expect((await server.http.get('/api/designs?search=%25')).body.total).toBe(
      (await server.http.get('/api/designs')).body.total,
    );
  });
  test.each(['page=0', 'page=x', 'colour=red', `search=${'a'.repeat(200)}`])('refuses ?%s', async (query) => {
    expect((await server.http.get(`/api/designs?${query}`).expect(422)).body.code).toBe('request.invalid');
  });
  test('a design in the bin is gone from it, and comes back', async () => {
    await create('binned');
    await server.http.delete('/api/designs/binned').expect(204);
    await server.http.get('/api/designs/binned').expect(404);
    await server.http.delete('/api/designs/binned').expect(404);
    await server.http.post('/api/designs/binned/restore').expect(204);
    expect((await server.http.get('/api/designs/binned').expect(200)).body.revision).toBe(1);
    await server.http.post('/api/designs/binned/restore').expect(404);
  });
});

describe('a stored document that cannot be read', () => {
  const newer = JSON.stringify({ ...newDesign({ id: 'newer', name: 'Newer' }), version: 99 });
  const broken = JSON.stringify({ ...newDesign({ id: 'broken', name: 'Broken' }), contents: 'cards' });
  beforeAll(async () => {
    await server.plant('newer', newer);
    await server.plant('broken', broken);
    await server.plant('garbage', '{"format": "zindle');
  });

  test.each([
    ['newer', 'document.newer', 'version 99'],
    ['broken', 'document.damaged', 'contents'],
    ['garbage', 'document.damaged', 'no JSON'],
  ])('%s is named as such', async (id, code, part) => {
    const { body } = await server.http.get(`/api/designs/${id}`).expect(422);
    expect(body).toMatchObject({ statusCode: 422, code, message: expect.stringContaining(part) });
    await server.http.get(`/api/designs/${id}/solution`).expect(422);
    await server.http.get(`/api/designs/${id}/steps`).expect(422);
    await server.http.get(`/api/designs/${id}/files/pattern.pdf`).expect(422);
  });
  test('stands on the shelf with its problem, beside all the others', async () => {
    const { body } = await server.http.get('/api/designs?search=planted').expect(200);
    const problems = Object.fromEntries(
      body.designs.map((row: { id: string; problem: { code: string } }) => [row.id, row.problem.code]),
    );
    expect(problems).toEqual({ newer: 'document.newer', broken: 'document.damaged', garbage: 'document.damaged' });
    await server.http.get('/api/designs/permit-bifold/solution').expect(200);
  });
  test('is left untouched, also by a write', async () => {
    const { body } = await server.http
      .put('/api/designs/newer')
      .set('If-Match', '"3"')
      .send({ document: design('newer') })
      .expect(409);
    expect(body.code).toBe('document.newer');
    expect(await server.stored('newer')).toBe(newer);
    expect(await server.stored('broken')).toBe(broken);
  });
});

test('the steps of a design tell what is done in each, in the unit of the design', async () => {
  const { body } = await server.http.get('/api/designs/junior-bifold/steps').expect(200);
  const join = body.operations.find(({ id }: { id: string }) => id === 'body/join');
  expect(join).toMatchObject({ title: 'Sew shell and lining together', actions: [{ verb: 'sew' }] });
  expect(join.actions[0].message).toContain('10.0 mm');
  await server.http.get('/api/designs/no-such-design/steps').expect(404);
});

describe('the bin', () => {
  const bin = async () => (await server.http.get('/api/bin').expect(200)).body;
  test('shows what was thrown away, the last one first; it comes back as it was', async () => {
    await create('thrown-one');
    await create('thrown-two');
    await server.http.delete('/api/designs/thrown-one').expect(204);
    await new Promise((resolve) => setTimeout(resolve, 3));
    await server.http.delete('/api/designs/thrown-two').expect(204);
    const { designs, total } = await bin();
    expect(designs.slice(0, 2).map(({ id }: { id: string }) => id)).toEqual(['thrown-two', 'thrown-one']);
    expect(designs[0]).toEqual({ id: 'thrown-two', name: 'Design thrown-two', deletedAt: expect.any(String) });
    await server.http.post('/api/designs/thrown-two/restore').expect(204);
    expect((await bin()).total).toBe(total - 1);
    expect((await server.http.get('/api/designs/thrown-two').expect(200)).body.revision).toBe(1);
  });
  test('from it a design goes for good, its versions too; from the shelf it does not', async () => {
    await create('for-good');
    await server.http.post('/api/designs/for-good/versions').send({ name: 'First' }).expect(201);
    expect((await server.http.delete('/api/bin/for-good').expect(404)).body.code).toBe('design.notInBin');
    await server.http.delete('/api/designs/for-good').expect(204);
    await server.http.delete('/api/bin/for-good').expect(204);
    await server.http.post('/api/designs/for-good/restore').expect(404);
    await create('for-good');
    expect((await server.http.get('/api/designs/for-good/versions')).body.versions).toEqual([]);
  });
});

describe('a strict door', () => {
  const bifold = (change: object) => ({ document: { ...design('strict'), ...change } });
  test.each([
    ['an array among the holders', { holders: [[]] }, 'document.holders'],
    ['an array among the contents', { contents: [[]] }, 'document.contents'],
    ['an array in the place of the body', { body: [] }, 'document.body'],
    ['null in the place of the story', { story: null }, 'document.story'],
  ])('%s is refused and not stored', async (_, change, where) => {
    const { body } = await server.http.post('/api/designs').send(bifold(change)).expect(422);
    expect(body.fields[0].path).toBe(where);
    await server.http.get('/api/designs/strict').expect(404);
  });
  test.each([
    ['put', '/api/designs/permit-bifold', { document: design('permit-bifold'), revision: null }, 'revision'],
    ['put', '/api/shelves/items/my-x', { entry: {}, revision: null }, 'revision'],
    ['put', '/api/shelves/rules', { rules: {}, revision: 0, machine: null }, 'machine'],
    ['post', '/api/shelves/rules/preview', { rules: {}, unit: null }, 'unit'],
    ['post', '/api/solve', { document: design('x'), shelves: null }, 'shelves'],
  ] as const)('%s %s with null where something may be left out is refused', async (method, path, sent, field) => {
    const { body } = await server.http[method](path).send(sent).expect(422);
    expect(body).toMatchObject({ code: 'request.invalid', fields: [{ path: field }] });
  });
  test('JSON nested without end is refused before a checker goes into it', async () => {
    const deep = `{"document":{"a":${'['.repeat(200_000)}${']'.repeat(200_000)}}}`;
    for (const path of ['/api/designs', '/api/solve', '/api/quick-sums/tube-width']) {
      const answer = await server.http.post(path).set('Content-Type', 'application/json').send(deep).expect(422);
      expect(answer.body.code).toBe('request.unbounded');
    }
  });
  test('what was stored before the door was strict harms nobody, and can be taken away as it is', async () => {
    const text = JSON.stringify({ ...design('of-old'), holders: [[]] });
    await server.plant('of-old', text);
    const { body } = await server.http.get('/api/designs?search=of-old').expect(200);
    expect(body.designs[0]).toMatchObject({ id: 'of-old', problem: { code: 'document.damaged' } });
    const { text: taken } = await server.http.get('/api/designs/of-old/files/design.json').expect(200);
    expect(JSON.parse(taken)).toEqual(JSON.parse(text));
    await server.http.delete('/api/designs/of-old').expect(204);
  });
});
