import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());
const bifold = demoDesigns[0]!;

describe('POST /api/solve', () => {
  test('answers with the whole solution, each number with its reasons', async () => {
    const { body } = await server.http.post('/api/solve').send({ document: bifold }).expect(200);
    for (const key of [
      'finished',
      'closedThickness',
      'holders',
      'pieces',
      'seams',
      'findings',
      'operations',
      'hardware',
      'derivations',
    ])
      expect(body).toHaveProperty(key);
    const rows = new Set(body.derivations.map(({ id }: { id: string }) => id));
    for (const { cutWidth } of body.pieces) expect(rows.has(cutWidth.why)).toBe(true);
    for (const seam of body.seams)
      expect(seam).toMatchObject({ lengthA: expect.any(Number), lengthB: expect.any(Number), walks: true });
    const local = solveDesign(bifold);
    expect(body.pieces.map(({ cutWidth }: { cutWidth: { value: number } }) => cutWidth.value)).toEqual(
      local.pieces.map(({ cutWidth }) => cutWidth.value),
    );
  });
  test('says findings in the unit of the design', async () => {
    const { body } = await server.http.get('/api/designs/permit-bifold-lens/solution').expect(200);
    expect(
      body.findings.map(({ severity, message }: { severity: string; message: string }) => [severity, message]),
    ).toEqual([['stop', 'Hand lens has no home yet.']]);
  });
  test('with other shelves', async () => {
    const rules = { 'ease.card.across': 5 };
    const { body } = await server.http.post('/api/solve').send({ document: bifold, shelves: { rules } }).expect(200);
    const tiers = body.holders.find(({ id }: { id: string }) => id === 'A');
    expect(tiers.sizes.slotWidth.value).toBe(94);
  });
  test.each(demoDesigns.map(({ id }) => id))(
    '%s: no stop but the one that is meant, and every seam walks',
    async (id) => {
      const { body } = await server.http.get(`/api/designs/${id}/solution`).expect(200);
      const stops = body.findings.filter(({ severity }: { severity: string }) => severity === 'stop');
      expect(stops).toHaveLength(id === 'permit-bifold-lens' ? 1 : 0);
      expect(body.seams.length).toBeGreaterThan(2);
      for (const { lengthA, lengthB, walks } of body.seams) {
        expect(walks).toBe(true);
        expect(Math.min(lengthA, lengthB)).toBeGreaterThan(0);
      }
    },
  );
  test.each([
    [{}, 'request.invalid'],
    [{ document: 'x' }, 'request.invalid'],
    [{ document: {} }, 'document.notADesign'],
    [{ document: bifold, colour: 1 }, 'request.invalid'],
    [{ document: { ...bifold, version: 44 } }, 'document.newer'],
    [{ document: bifold, shelves: { items: [{ id: 3 }] } }, 'shelves.invalid'],
    [{ document: { ...bifold, body: { kind: 'balloon', params: {} } } }, 'body.unknownKind'],
  ])('refuses %j', async (sent, code) => {
    expect((await server.http.post('/api/solve').send(sent).expect(422)).body.code).toBe(code);
  });
});

describe('POST /api/fit', () => {
  const fit = (document: object) => server.http.post('/api/fit').send({ document });

  test('says of each thing what it needs, has and is left, in each direction', async () => {
    const { body } = await fit(bifold).expect(200);
    expect(body).toMatchObject({ goesIn: true, closes: true });
    for (const { needs, has, left, verdict } of body.verdicts) {
      expect(left).toBeCloseTo(has - needs, 9);
      expect(verdict).toBe('goesIn');
    }
    expect(new Set(body.verdicts.map(({ line }: { line: string }) => line)).size).toBe(bifold.contents.length);
  });
  test('a design that is pinned too small does not take its things', async () => {
    const { body } = await fit({ ...bifold, pins: { 'holders/A/slotWidth': 80 } }).expect(200);
    expect(body.goesIn).toBe(false);
    const [worst] = body.verdicts.filter(({ verdict }: { verdict: string }) => verdict === 'doesNotGoIn');
    expect(worst).toMatchObject({ holder: 'A', direction: 'across' });
    expect(worst.left).toBeLessThan(-5);
  });
  test('a case that is pinned too shallow takes its things and does not close', async () => {
    const shell = demoDesigns.find(({ id }) => id === 'refractometer-case')!;
    expect((await fit(shell).expect(200)).body).toMatchObject({ goesIn: true, closes: true });
    const shallow = await fit({ ...shell, pins: { 'body/depth': 50 } }).expect(200);
    expect(shallow.body).toMatchObject({ goesIn: true, closes: false });
  });
  test('says how much stands out of each open mouth, and whether it stays in', async () => {
    const { body } = await fit(bifold).expect(200);
    const card = body.open.find(({ line }: { line: string }) => line === 'c1');
    expect(card).toMatchObject({ holder: 'A', comesOut: 'grip', staysIn: 'holds' });
    expect(card.shows).toBeGreaterThan(9);
    const zipped = demoDesigns.find(({ id }) => id === 'lens-pouch')!;
    expect((await fit(zipped).expect(200)).body.open).toEqual([]);
  });
  test('what has no home yet does not go in', async () => {
    const lens = demoDesigns.find(({ id }) => id === 'permit-bifold-lens')!;
    expect((await fit(lens).expect(200)).body.goesIn).toBe(false);
  });
  test('refuses what is no design, by field', async () => {
    expect((await fit({ ...bifold, holders: [[]] }).expect(422)).body.code).toBe('document.damaged');
  });
});

describe('quick sums', () => {
  const sum = (id: string, inputs: object) => server.http.post(`/api/quick-sums/${id}`).send({ inputs });
  test.each([
    [
      'tube-width',
      { shape: 'rect', width: 100, thickness: 4, wallFront: 0.5, wallBack: 0.5, ease: 3 },
      { flatWidth: 107.785 },
    ],
    [
      'card-panel',
      {
        cutWidth: 104,
        seamLeft: 6,
        seamRight: 6,
        topstitchLeft: 2,
        topstitchRight: 2,
        itemWidth: 85.6,
        itemThickness: 0.76,
        wallFront: 0.5,
        wallBack: 0.5,
      },
      { clearWidth: 88, requiredWidth: 87.145, clearance: 0.855 },
    ],
    [
      'pleated-strip',
      { topToFirstMouth: 20, depths: [44, 44, 44], reveal: 12, lastMouthToBottom: 50, foldLoss: 0 },
      { stripLength: 358, finishedHeight: 94 },
    ],
    [
      'fold-over',
      { leafA: 5, leafB: 7, innerThickness: 1.2, outerThickness: 1.8, school: 'rounded' },
      { spine: 20.735, outerExtra: 4.712 },
    ],
  ])('%s gives its worked value, with the reasons', async (id, inputs, expected) => {
    const { body } = await sum(id, inputs).expect(200);
    for (const [name, value] of Object.entries(expected)) {
      expect(body.results[name]).toBeCloseTo(value, 3);
      expect(body.why.map((row: { id: string }) => row.id)).toContain(name);
    }
  });
  test('all are listed with their inputs', async () => {
    const { body } = await server.http.get('/api/quick-sums').expect(200);
    const tube = body.find(({ id }: { id: string }) => id === 'tube-width');
    expect(tube.inputs.ease).toMatchObject({ type: 'number', unit: 'mm', least: 0, standard: 0 });
  });
  test('an unknown one is 404, inputs that cannot be used are 422 with a message per field', async () => {
    expect((await sum('magic', {}).expect(404)).body.code).toBe('sum.unknown');
    expect((await sum('constructor', {}).expect(404)).body.code).toBe('sum.unknown');
    const { body } = await sum('fold-over', { leafA: -1, leafB: 'x', depth: 3 }).expect(422);
    expect(body.fields.map(({ path }: { path: string }) => path).sort()).toEqual([
      'inputs.depth',
      'inputs.leafA',
      'inputs.leafB',
    ]);
  });
});
