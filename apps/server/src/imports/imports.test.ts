import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { inLines } from '../testing/in-lines.ts';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const send = (kind: string, file: string | Buffer, query = '', type = 'text/csv') =>
  server.http.post(`/api/imports/${kind}${query}`).set('Content-Type', type).send(file);
const own = async (shelf = 'items') => (await server.http.get(`/api/shelves/${shelf}`)).body.own;
const HEAD = 'Name,Length (mm),Width (mm),Thickness (mm)\n';

describe('a table of things', () => {
  test('is looked at first; nothing is stored', async () => {
    const { body } = await send('items', `${HEAD}Slate,300,215,4\nDeck,94,66,24\n`).expect(200);
    expect(body).toMatchObject({ applied: false, rows: 2, new: 2, changed: 0, same: 0, stops: 0 });
    expect(body.preview[0]).toMatchObject({ row: 2, fate: 'new', entry: { id: 'my-slate', length: 300 } });
    expect(await own()).toEqual([]);
  });
  test('one bad row keeps all of it out, and says where', async () => {
    const file = `${HEAD}Slate,300,215,4\nDeck,94,66,\n=1+1,94,66,2\n`;
    expect((await send('items', file).expect(200)).body).toMatchObject({ stops: 2, new: 1 });
    const { body } = await send('items', file, '?apply=true').expect(422);
    expect(body.code).toBe('import.refused');
    expect(body.message).toContain('Nothing was taken over');
    expect(body.fields.map(({ path }: { path: string }) => path)).toEqual(['3/Thickness', '4/Name']);
    expect(await own()).toEqual([]);
  });
  test('Windows-1252 is read, and it is told', async () => {
    const file = Buffer.from(`${HEAD}Étui à loupe,90,60,6\n`, 'latin1');
    const { body } = await send('items', file).expect(200);
    expect(body.preview[0].entry.name).toBe('Étui à loupe');
    expect(body.messages[0]).toMatchObject({ severity: 'note', text: expect.stringContaining('Windows-1252') });
    const wide = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(`${HEAD}Étui,90,60,6\n`, 'utf16le')]);
    expect((await send('items', wide)).body.preview[0].entry.name).toBe('Étui');
  });
  test.each([
    ['wrong headings', 'What,Long\nA,1\n', 'There is no column'],
    ['nothing at all', ' ', 'empty'],
    ['a heading alone', HEAD, 'nothing below'],
  ])('%s are told, and nothing is stored', async (_, file, words) => {
    const { body } = await send('items', file).expect(200);
    expect(body.stops).toBe(1);
    expect(body.messages[0].text).toContain(words);
    await send('items', file, '?apply=true').expect(422);
    expect(await own()).toEqual([]);
  });
  test('what is no file, or goes nowhere', async () => {
    expect((await send('items', Buffer.from([1, 0, 2, 0]), '', 'application/octet-stream')).body.code).toBe(
      'import.noText',
    );
    expect((await send('items', '{}', '', 'application/json')).status).toBe(415);
    expect((await send('threads', HEAD)).status).toBe(404);
    expect((await send('items', HEAD, '?unit=furlong')).status).toBe(422);
    expect((await send('contents', HEAD, '?apply=true')).body.code).toBe('import.notStored');
    expect((await send('items', Buffer.alloc(9_000_000, 65))).status).toBe(413);
  });

  test('ten thousand good rows are taken over, with progress on the way', async () => {
    const rows = Array.from({ length: 10_000 }, (_, i) => `Thing ${i},${100 + (i % 300)},60,${1 + (i % 40)}`);
    const { lines } = await inLines(send('items', HEAD + rows.join('\n'), '?apply=true'));
    const steps = lines.flatMap(({ progress }) => progress?.done ?? []);
    expect(steps.length).toBeGreaterThan(20);
    expect(lines.at(-1).result).toMatchObject({ applied: true, rows: 10_000, new: 10_000, stops: 0 });
    expect(await own()).toHaveLength(10_000);
    // the same table again changes nothing
    const again = await send('items', HEAD + rows.join('\n')).expect(200);
    expect(again.body).toMatchObject({ new: 0, changed: 0, same: 10_000 });
  });
});

describe('written out, wiped, and read in again', () => {
  const material = {
    name: 'Tarred canvas',
    thickness: 0.7,
    compressedRatio: 0.85,
    arealMass: 380,
    tint: '#443322',
    frays: true,
    use: 'shell',
    iron: 0,
    rollWidth: 1500,
    onHand: 2300,
    tags: ['shop', 'heavy'],
  };
  test.each([
    ['materials', [material, { ...material, name: '=odd', tint: '#ffffff' }]],
    [
      'hardware',
      [
        {
          name: 'Brass zipper',
          kind: 'zipper',
          diameter: 32,
          driftTolerated: 0,
          chain: 6,
          readyMade: [150, 200],
          onHand: 4,
        },
      ],
    ],
    ['machines', [{ name: 'Old iron', seam: 9, lift: 12, longestStitch: 6, walkingFoot: false, needle: 140 }]],
  ])('%s come back as they were', async (shelf, entries) => {
    for (const entry of entries) await server.http.post(`/api/shelves/${shelf}`).send({ entry }).expect(201);
    const before = (await own(shelf)).map(({ entry }: { entry: object }) => entry);
    const { text } = await server.http.get(`/api/shelves/${shelf}/file.csv`).expect(200);
    for (const { id } of before) await server.http.delete(`/api/shelves/${shelf}/${id}`).expect(204);
    await server.http.delete(`/api/shelves/${shelf}/bin`).expect(200);
    expect(await own(shelf)).toEqual([]);
    const { body } = await send(shelf, text, '?apply=true').expect(200);
    expect(body).toMatchObject({ applied: true, new: entries.length, messages: [] });
    expect((await own(shelf)).map(({ entry }: { entry: object }) => entry)).toEqual(before);
  });
  test('from the bin too, though it was not emptied', async () => {
    const entry = { name: 'Thrown away', seam: 4, lift: 6, longestStitch: 4 };
    await server.http.post('/api/shelves/machines').send({ entry }).expect(201);
    const { text } = await server.http.get('/api/shelves/machines/file.csv').expect(200);
    await server.http.delete('/api/shelves/machines/my-thrown-away').expect(204);
    expect((await send('machines', text).expect(200)).body).toMatchObject({ new: 1, same: 1 });
    await send('machines', text, '?apply=true').expect(200);
    const [back] = (await own('machines')).filter(
      (each: { entry: { id: string } }) => each.entry.id === 'my-thrown-away',
    );
    expect(back).toMatchObject({ entry, deletedAt: null });
  });
  test('house rules too', async () => {
    const rules = { 'ease.card.across': 4.25, 'fold.school': 'square', 'turning.gap': 60 };
    await server.http.put('/api/shelves/rules').send({ rules, revision: 0 }).expect(200);
    const { text } = await server.http.get('/api/shelves/rules/file.csv').expect(200);
    await server.http.put('/api/shelves/rules').send({ rules: {}, revision: 1 }).expect(200);
    expect((await send('rules', text).expect(200)).body).toMatchObject({ new: 3, changed: 0, stops: 0, messages: [] });
    await send('rules', text, '?apply=true').expect(200);
    expect((await server.http.get('/api/shelves/rules')).body.rules).toEqual(rules);
    const bad = await send('rules', 'Id,Setting\nease.card.across,99\nwing.span,3\nfold.school,round\n');
    expect(bad.body.messages.map(({ row, text: words }: { row: number; text: string }) => `${row} ${words}`)).toEqual([
      '2 This may be 1.5 mm to 5.0 mm.',
      '3 There is no house rule “wing.span”.',
      expect.stringMatching(/^4 “round” is not one of/),
    ]);
  });
});

describe('what a design must hold', () => {
  test('by names of the shelf and by sizes', async () => {
    const { body } = await send(
      'contents',
      'Thing,How many,Length,Width,Thickness\nPassport,2,,,\nTag,1,40 mm,20 mm,3 mm\n',
    );
    expect(body.stops).toBe(0);
    expect(body.lines).toMatchObject([
      { name: 'Passport', count: 2, item: { id: 'passport' } },
      { name: 'Tag', count: 1, item: { length: 40, shape: 'card' } },
    ]);
    expect(body.lines[1].item.id).toBeUndefined();
  });
  test('what is not known asks for its sizes; too many are refused', async () => {
    const { body } = await send('contents', 'Name,Count\nUnheard of,1\nPassport,900\n');
    expect(body.messages.map(({ text }: { text: string }) => text)).toEqual([
      expect.stringContaining('How big is “Unheard of”?'),
      expect.stringContaining('out of range: 1 to 60'),
    ]);
    const many = `Name\n${'Passport\n'.repeat(60)}`;
    expect((await send('contents', many)).body.messages[0].text).toContain('at most 40 kinds');
  });
});

describe('an outline', () => {
  const svg = (inside: string) =>
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="50mm" viewBox="0 0 100 50">${inside}</svg>`;
  test('from an SVG', async () => {
    const { body } = await send('outline', svg('<rect width="60" height="20"/>'), '', 'image/svg+xml').expect(200);
    expect(body).toMatchObject({ length: 60, width: 20, notes: [] });
    expect(body.outline).toHaveLength(4);
  });
  test('a refusal has its code', async () => {
    const { body } = await send('outline', svg('<script>1</script>'), '', 'image/svg+xml').expect(422);
    expect(body.code).toBe('outline.unsafe');
    expect((await send('outline', 'hello', '', 'image/vnd.dxf').expect(422)).body.code).toBe('outline.unreadable');
  });
});
