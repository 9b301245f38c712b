import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { newDesign, rename } from '@zindle/core';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const start = newDesign({ id: 'kept', name: 'Kept' });
const keep = (name: unknown, id = 'kept') => server.http.post(`/api/designs/${id}/versions`).send({ name });

describe('versions of a design', () => {
  test('are numbered, and stay as they were while the design goes on', async () => {
    await server.http.post('/api/designs').send({ document: start }).expect(201);
    const first = await keep(' before the flap ').expect(201);
    expect(first.body).toMatchObject({ number: 1, name: 'before the flap' });
    const changed = rename('Changed').apply(start);
    await server.http.put('/api/designs/kept').set('If-Match', '"1"').send({ document: changed }).expect(200);
    await keep('with the flap').expect(201);
    const { body } = await server.http.get('/api/designs/kept/versions').expect(200);
    expect(body.versions.map(({ number, name }: { number: number; name: string }) => [number, name])).toEqual([
      [2, 'with the flap'],
      [1, 'before the flap'],
    ]);
    expect(body.versions[0]).not.toHaveProperty('document');
    const names = await Promise.all(
      [1, 2].map(async (number) => (await server.http.get(`/api/designs/kept/versions/${number}`)).body.document.name),
    );
    expect(names).toEqual(['Kept', 'Changed']);
  });
  test.each([[''], ['   '], [undefined], ['x'.repeat(81)], [{ a: 1 }]])(
    'a version named %p is refused',
    async (name) => {
      const { body } = await keep(name).expect(422);
      expect(body.fields[0].path).toBe('name');
    },
  );
  test('of a design that is not there, and a number that is not there, are said so', async () => {
    expect((await keep('x', 'nowhere').expect(404)).body.code).toBe('design.unknown');
    expect((await server.http.get('/api/designs/nowhere/versions').expect(404)).body.code).toBe('design.unknown');
    expect((await server.http.get('/api/designs/kept/versions/99').expect(404)).body.code).toBe('version.unknown');
    await server.http.get('/api/designs/kept/versions/one').expect(400);
  });
});
