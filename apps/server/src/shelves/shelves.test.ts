import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { newDesign, standardMaterials } from '@zindle/core';
import { inLines } from '../testing/in-lines.ts';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const board = { name: 'Tide board', shape: 'box', length: 300, width: 120, thickness: 3, source: 'yours' };
const put = async (shelf: string, entry: object) =>
  (await server.http.post(`/api/shelves/${shelf}`).send({ entry }).expect(201)).body;
const names = async (shelf: string) => {
  const { body } = await server.http.get(`/api/shelves/${shelf}`).expect(200);
  return body.own.map(({ entry, deletedAt }: { entry: { name: string }; deletedAt: string | null }) =>
    deletedAt ? `${entry.name} (bin)` : entry.name,
  );
};

describe('an entry of the maker’s own', () => {
  test('gets an id from its name, and another one for the next of that name', async () => {
    const first = await put('items', board);
    expect(first).toMatchObject({ entry: { ...board, id: 'my-tide-board' }, revision: 1, deletedAt: null });
    expect((await put('items', board)).entry.id).toBe('my-tide-board-2');
    await server.http
      .post('/api/shelves/items')
      .send({ entry: { ...board, id: 'my-tide-board' } })
      .expect(409);
  });
  test('is changed by its revision, and by no other', async () => {
    const { body, headers } = await server.http
      .put('/api/shelves/items/my-tide-board')
      .set('If-Match', '"1"')
      .send({ entry: { ...board, thickness: 4, tags: ['shore'] } })
      .expect(200);
    expect(body).toMatchObject({ entry: { thickness: 4, tags: ['shore'] }, revision: 2 });
    expect(headers.etag).toBe('"2"');
    const stale = await server.http.put('/api/shelves/items/my-tide-board').send({ entry: board, revision: 1 });
    expect([stale.status, stale.body.code]).toEqual([409, 'shelf.stale']);
    await server.http.put('/api/shelves/items/my-tide-board').send({ entry: board }).expect(428);
  });
  test('goes to the bin and comes back; the bin is emptied', async () => {
    await server.http.delete('/api/shelves/items/my-tide-board-2').expect(204);
    expect(await names('items')).toEqual(['Tide board', 'Tide board (bin)']);
    await server.http.delete('/api/shelves/items/my-tide-board-2').expect(404);
    await server.http.post('/api/shelves/items/my-tide-board-2/restore').expect(204);
    await server.http.post('/api/shelves/items/my-tide-board-2/restore').expect(404);
    await server.http.delete('/api/shelves/items/my-tide-board-2').expect(204);
    const { body } = await server.http.delete('/api/shelves/items/bin').expect(200);
    expect(body).toEqual({ removed: 1, kept: [] });
    expect(await names('items')).toEqual(['Tide board']);
  });
  test.each([
    ['a size of nothing', { length: 0 }, 'entry.length'],
    ['a shape that is none', { shape: 'egg' }, 'entry.shape'],
    ['no name', { name: ' ' }, 'entry.name'],
    ['an id that is a path', { id: '../x' }, 'entry.id'],
    ['a tag with a comma', { tags: ['a,b'] }, 'entry.tags'],
    [
      'an outline of two points',
      {
        outline: [
          [0, 0],
          [1, 1],
        ],
      },
      'entry.outline',
    ],
  ])('%s is refused with its place', async (_, damage, path) => {
    const { body } = await server.http
      .post('/api/shelves/items')
      .send({ entry: { ...board, ...damage } })
      .expect(422);
    expect(body).toMatchObject({ code: 'shelf.invalid', fields: [{ path }] });
  });
});

describe('standard entries', () => {
  test('stand beside her own, and can be neither changed nor taken away', async () => {
    const { body } = await server.http.get('/api/shelves/materials').expect(200);
    expect(body.standard).toHaveLength(standardMaterials.length);
    const [canvas] = body.standard.filter(({ id }: { id: string }) => id === 'canvas-10oz');
    for (const answer of [
      await server.http.put('/api/shelves/materials/canvas-10oz').send({ entry: canvas, revision: 1 }),
      await server.http.delete('/api/shelves/materials/canvas-10oz'),
      await server.http.post('/api/shelves/materials').send({ entry: canvas }),
    ])
      expect([answer.status, answer.body.code]).toEqual([409, 'shelf.standard']);
  });
  test('there are four shelves and the rules', async () => {
    for (const shelf of ['items', 'materials', 'hardware', 'machines', 'rules'])
      await server.http.get(`/api/shelves/${shelf}`).expect(200);
    const { body } = await server.http.get('/api/shelves/threads').expect(404);
    expect(body.message).toContain('items, materials, hardware, machines, rules');
  });
});

/** A bifold for one card, with the lining of the maker's own. */
const bifold = (lining: string) => ({
  ...newDesign({ id: 'own-lining', name: 'Own lining' }),
  contents: [{ id: 'c1', item: 'id1-card', count: 1, perHolder: 1, orientation: 'lying' }],
  holders: [{ id: 'A', kind: 'card-tiers', params: {}, contents: [{ line: 'c1', count: 1 }] }],
  faces: { left: { kind: 'holder', id: 'A' } },
  stacks: { ...newDesign({ id: 'x', name: 'X' }).stacks, lining: [{ material: lining, coverage: 'full' }] },
});
const lawn = standardMaterials.find(({ id }) => id === 'cotton-lawn')!;
const thickness = async () =>
  (await server.http.get('/api/designs/own-lining/solution').expect(200)).body.closedThickness.value as number;

describe('a material of her own in a design', () => {
  test('is what the design is solved with, and its changes reach it', async () => {
    const { entry } = await put('materials', { ...lawn, id: 'my-lawn', name: 'My lawn' });
    await server.http
      .post('/api/designs')
      .send({ document: bifold(entry.id) })
      .expect(201);
    const before = await thickness();
    const thicker = { ...entry, thickness: lawn.thickness + 0.5 };

    const { body: preview } = await server.http.post('/api/shelves/materials/my-lawn/preview').send({ entry: thicker });
    expect(preview.designs).toMatchObject([{ id: 'own-lining', name: 'Own lining' }]);
    const told = preview.designs[0].changes.find(({ path }: { path: string }) => path === 'thickness/full');
    expect(told.before).toBe(before);
    expect(await thickness()).toBe(before);

    await server.http.put('/api/shelves/materials/my-lawn').send({ entry: thicker, revision: 1 }).expect(200);
    expect(await thickness()).toBe(told.after);
    expect(told.after).toBeGreaterThan(before);
    const { text } = await server.http.get('/api/designs/own-lining/files/chart.csv').expect(200);
    expect(text).toContain('My lawn');
  });
  test('is used there, and stays for it in the bin', async () => {
    const { body } = await server.http.get('/api/shelves/materials/my-lawn/used').expect(200);
    expect(body).toEqual({ designs: [{ id: 'own-lining', name: 'Own lining' }] });
    const before = await thickness();
    await server.http.delete('/api/shelves/materials/my-lawn').expect(204);
    expect(await thickness()).toBe(before);
    const emptied = await server.http.delete('/api/shelves/materials/bin').expect(200);
    expect(emptied.body).toEqual({ removed: 0, kept: [{ id: 'my-lawn', name: 'My lawn', designs: ['Own lining'] }] });
    expect(await thickness()).toBe(before);
  });
});

describe('house rules', () => {
  const rules = { 'ease.card.across': 4.5 };
  test('a change shows which designs would come out otherwise, before it is made', async () => {
    const before = (await server.http.get('/api/designs/permit-bifold/solution')).body.finished;
    const { body } = await server.http.post('/api/shelves/rules/preview').send({ rules }).expect(200);
    const ids = body.designs.map(({ id }: { id: string }) => id);
    expect(ids).toContain('permit-bifold');
    // a bag without a single card slot
    expect(ids).not.toContain('sieve-bag');
    expect(body.looked).toBeGreaterThan(ids.length);
    expect((await server.http.get('/api/designs/permit-bifold/solution')).body.finished).toEqual(before);

    // and so it comes
    await server.http.put('/api/shelves/rules').send({ rules, machine: 'machine-sturdy', revision: 0 }).expect(200);
    const after = (await server.http.get('/api/designs/permit-bifold/solution')).body.finished;
    const told = body.designs.find(({ id }: { id: string }) => id === 'permit-bifold').changes;
    for (const { path, before: was, after: is } of told.filter((c: { path: string }) =>
      c.path.startsWith('finished/'),
    )) {
      const name = path.slice('finished/'.length);
      expect([before[name].value, after[name].value]).toEqual([was, is]);
    }
    expect((await server.http.get('/api/shelves/rules')).body).toEqual({
      rules,
      machine: 'machine-sturdy',
      revision: 1,
    });
  });
  test('with progress for those who ask, a line each', async () => {
    const { lines, type } = await inLines(server.http.post('/api/shelves/rules/preview').send({ rules }));
    expect(type).toContain('ndjson');
    expect(lines.slice(0, -1).every(({ progress }) => progress.done <= progress.of)).toBe(true);
    expect(lines.length).toBeGreaterThan(1);
    expect(lines.at(-1).result.looked).toBeGreaterThan(20);
  });
  test('what is out of range, unknown or stale is refused', async () => {
    const bad = await server.http.put('/api/shelves/rules').send({ rules: { 'ease.card.across': 99 }, revision: 1 });
    expect([bad.status, bad.body.code]).toEqual([422, 'rules.invalid']);
    expect(bad.body.message).toContain('1.5 to 5 mm');
    await server.http
      .put('/api/shelves/rules')
      .send({ rules: { colour: 1 }, revision: 1 })
      .expect(422);
    await server.http.put('/api/shelves/rules').send({ rules: {}, machine: 'none', revision: 1 }).expect(422);
    await server.http.put('/api/shelves/rules').send({ rules: {}, revision: 0 }).expect(409);
    await server.http.put('/api/shelves/rules').send({ rules: {}, revision: 7 }).expect(409);
    await server.http.put('/api/shelves/rules').send({ rules: {}, grid: '3mm', revision: 1 }).expect(422);
    await server.http.put('/api/shelves/rules').send({ rules: {}, unit: 'in', grid: '1/8in', revision: 1 }).expect(200);
    expect((await server.http.get('/api/shelves/rules')).body).toEqual({
      rules: {},
      unit: 'in',
      grid: '1/8in',
      revision: 2,
    });
  });

  test('usual choices are kept with them, and those that nobody can make are refused', async () => {
    const { revision } = (await server.http.get('/api/shelves/rules')).body;
    const usual = { 'bodies/sleeve': { turn: 'mouth' }, 'holders/slip-pocket': { wide: 'face' } };
    const put = (more: object) => server.http.put('/api/shelves/rules').send({ rules: {}, revision, ...more });
    for (const [bad, path] of [
      [{ 'bodies/yacht': {} }, 'usual.bodies/yacht'],
      [{ 'bodies/sleeve': { turn: 'inside out' } }, 'usual.bodies/sleeve.turn'],
      [{ 'bodies/sleeve': { flatWidth: 40 } }, 'usual.bodies/sleeve.flatWidth'],
    ] as const) {
      const { status, body } = await put({ usual: bad });
      expect([status, body.code, body.fields[0].path]).toEqual([422, 'rules.usual', path]);
    }
    expect((await put({ usual: ['turn'] })).status).toBe(422);
    expect((await server.http.get('/api/shelves/rules')).body.revision).toBe(revision);
    await put({ usual }).expect(200);
    expect((await server.http.get('/api/shelves/rules')).body).toEqual({ rules: {}, usual, revision: revision + 1 });
  });
});
