import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { newDesign, rename } from '@zindle/core';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const start = newDesign({ id: 'ticked', name: 'Ticked' });
const change = (body: object, id = 'ticked') => server.http.post(`/api/designs/${id}/ticks`).send(body);
const listed = async (id = 'ticked') => {
  const { body } = await server.http.get(`/api/designs/${id}/ticks`).expect(200);
  return (body.ticks as { action: string; hash: string }[]).map(({ action, hash }) => `${action} ${hash}`);
};

beforeAll(() => server.http.post('/api/designs').send({ document: start }).expect(201));
beforeEach(async () => {
  await change({ undone: (await listed()).map((each) => each.split(' ')[0]) }).expect(200);
});

describe('ticks of a design', () => {
  test('are set and taken back, each action once, with what it said then', async () => {
    await change({
      done: [
        { action: 'cut#cut-1', hash: 'a1' },
        { action: 'body/join#sew-1', hash: 'b2' },
      ],
    }).expect(200);
    const { body } = await change({ done: [{ action: 'cut#cut-1', hash: 'a2' }], undone: ['body/join#sew-1'] }).expect(
      200,
    );
    expect(body.ticks).toEqual([{ action: 'cut#cut-1', hash: 'a2', doneAt: expect.stringMatching(/^\d{4}-.*Z$/) }]);
    expect(await listed()).toEqual(['cut#cut-1 a2']);
  });

  test('sent twice are there once, and two of one action in one request are one', async () => {
    const tick = {
      done: [
        { action: 'cut#cut-1', hash: 'a' },
        { action: 'cut#cut-1', hash: 'b' },
      ],
    };
    await change(tick).expect(200);
    await change(tick).expect(200);
    expect(await listed()).toEqual(['cut#cut-1 b']);
    await change({ undone: ['nothing#of-it'] }).expect(200);
    expect(await listed()).toEqual(['cut#cut-1 b']);
  });

  test('are no part of the design: its revision stays, and they stay when it changes', async () => {
    await change({ done: [{ action: 'cut#cut-1', hash: 'a' }] }).expect(200);
    const before = await server.http.get('/api/designs/ticked').expect(200);
    const { revision } = before.body as { revision: number };
    const renamed = rename(`Ticked ${revision}`).apply(start);
    await server.http
      .put('/api/designs/ticked')
      .set('If-Match', `"${revision}"`)
      .send({ document: renamed })
      .expect(200);
    expect(await listed()).toEqual(['cut#cut-1 a']);
  });

  test('of the order of work are known by id and hash, which the steps tell', async () => {
    const { body } = await server.http.get('/api/designs/ticked/steps').expect(200);
    const [first] = body.operations[0].actions;
    expect(first).toMatchObject({ id: expect.stringMatching(/#/), hash: expect.stringMatching(/^[a-z0-9]+$/) });
    await change({ done: [{ action: first.id, hash: first.hash }] }).expect(200);
    expect(await listed()).toEqual([`${first.id} ${first.hash}`]);
  });

  test.each([
    [{ done: [{ action: '', hash: 'a' }] }, 'done.0.action'],
    [{ done: [{ action: 'cut#cut-1' }] }, 'done.0.hash'],
    [{ done: [{ action: 'cut#cut-1', hash: '<b>' }] }, 'done.0.hash'],
    [{ done: 'all' }, 'done'],
    [{ undone: [1] }, 'undone'],
    [{ done: Array.from({ length: 501 }, (_, n) => ({ action: `a#${n}`, hash: 'a' })) }, 'done'],
    [{ ticked: true }, 'ticked'],
  ])('what is no tick is refused, with its field, and nothing is ticked: %j', async (body, path) => {
    const answer = await change(body).expect(422);
    expect(answer.body.fields.map((field: { path: string }) => field.path).join()).toContain(path);
    expect(await listed()).toEqual([]);
  });

  test('go with a design that is destroyed, and not before', async () => {
    const document = newDesign({ id: 'gone', name: 'Gone' });
    await server.http.post('/api/designs').send({ document }).expect(201);
    await change({ done: [{ action: 'cut#cut-1', hash: 'a' }] }, 'gone').expect(200);
    await server.http.delete('/api/designs/gone').expect(204);
    expect((await change({ done: [] }, 'gone').expect(404)).body.code).toBe('design.unknown');
    await server.http.post('/api/designs/gone/restore').expect(204);
    expect(await listed('gone')).toHaveLength(1);
    await server.http.delete('/api/designs/gone').expect(204);
    await server.http.delete('/api/bin/gone').expect(204);
    await server.http.post('/api/designs').send({ document }).expect(201);
    expect(await listed('gone')).toEqual([]);
  });

  test('more than 5000 are refused, all of them', async () => {
    const some = (from: number, count: number) =>
      Array.from({ length: count }, (_, n) => ({ action: `a#${from + n}`, hash: 'a' }));
    for (let from = 0; from < 5000; from += 500) await change({ done: some(from, 500) }).expect(200);
    const { body } = await change({ done: some(5000, 3) }).expect(422);
    expect(body.code).toBe('ticks.tooMany');
    expect(await listed()).toHaveLength(5000);
    for (let from = 0; from < 5000; from += 500) await change({ undone: some(from, 500).map(({ action }) => action) });
  });
});
