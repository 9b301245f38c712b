import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../../demo/index.ts';
import { newDesign } from '../edits/new-design.ts';
import { migrate, migrations, type Migration } from '../migrations/migrate.ts';
import { DOCUMENT_VERSION } from '../design-document.ts';
import { designJsonSchema } from './json-schema.ts';
import { entryProblems } from './entry-schemas.ts';
import { readDocument } from './read-document.ts';
import { readShelves } from './read-shelves.ts';

const copy = (index = 0) => structuredClone(demoDesigns[index]!) as unknown as Record<string, unknown>;
const outcome = (json: unknown) => {
  const read = readDocument(json);
  return read.ok ? 'fine' : read.code;
};
const path = (json: unknown) => {
  const read = readDocument(json);
  return read.ok ? undefined : read.fields[0]?.path;
};

describe('readDocument', () => {
  test('reads what ships, and a round trip changes nothing', () => {
    for (const design of demoDesigns) {
      const read = readDocument(JSON.parse(JSON.stringify(design)));
      expect(read).toEqual({ ok: true, document: design, migrated: [] });
    }
  });
  test('fields that it does not know survive', () => {
    const read = readDocument({ ...copy(), colourOfThread: 'tarred', contents: [], holders: [], faces: {} });
    expect(read.ok && read.document).toMatchObject({ colourOfThread: 'tarred' });
  });
  test('a newer document is refused by name and version, and not touched', () => {
    const newer = { ...copy(), version: DOCUMENT_VERSION + 1, contents: 'something else' };
    const before = JSON.stringify(newer);
    const read = readDocument(newer);
    expect(read).toMatchObject({ ok: false, code: 'document.newer' });
    expect(read.ok ? '' : read.message).toContain(String(DOCUMENT_VERSION + 1));
    expect(JSON.stringify(newer)).toBe(before);
  });
  test.each([[null], [[]], ['text'], [7], [{}], [{ format: 'something' }]])('%j is no design', (json) =>
    expect(outcome(json)).toBe('document.notADesign'),
  );

  const damages: [string, (json: Record<string, never>) => unknown, string][] = [
    ['no version', (d) => ({ ...(d as object), version: undefined }), 'version'],
    ['an empty name', (d) => ({ ...(d as object), name: ' ' }), 'name'],
    [
      'a count of 300',
      (d) => ({ ...(d as object), contents: [{ ...demoDesigns[0]!.contents[0], count: 300 }] }),
      'contents.0.count',
    ],
    ['contents that are no list', (d) => ({ ...(d as object), contents: 'cards' }), 'contents'],
    ['a null among the holders', (d) => ({ ...(d as object), holders: [null] }), 'holders'],
    ['an unknown grid', (d) => ({ ...(d as object), grid: '3mm' }), 'grid'],
    ['an id that is a path', (d) => ({ ...(d as object), id: '../x' }), 'id'],
    ['a face in a loop of nothing', (d) => ({ ...(d as object), faces: { left: { kind: 'row' } } }), 'faces'],
    [
      'a gap of a kilometre',
      (d) => ({ ...(d as object), faces: { left: { kind: 'row', gap: 1e6, share: 'keep', children: [] } } }),
      'faces',
    ],
    [
      'a part of less than nothing',
      (d) => ({ ...(d as object), faces: { left: { kind: 'row', gap: 6, share: 'set', parts: [-1], children: [] } } }),
      'faces',
    ],
    [
      'a holder in two places',
      (d) => ({ ...(d as object), faces: { left: { kind: 'holder', id: 'A' }, right: { kind: 'holder', id: 'A' } } }),
      'faces',
    ],
    [
      'two lines with one id',
      (d) => ({ ...(d as object), contents: [demoDesigns[0]!.contents[0], demoDesigns[0]!.contents[0]] }),
      'contents',
    ],
    [
      'a size of nothing',
      (d) => ({
        ...(d as object),
        ownItems: [{ id: 'x', name: 'X', shape: 'card', length: 0, width: 1, thickness: 1, source: 'yours' }],
      }),
      'ownItems.0.length',
    ],
  ];
  test.each(damages)('%s is named', (_, damage, where) => {
    const json = damage(copy() as Record<string, never>);
    expect(outcome(json)).toBe('document.damaged');
    expect(path(json)).toContain(where);
  });

  test.each(['notes', 'parts', 'pins', 'limits', 'hardware', 'story', 'faces', 'contents'])(
    'nothing in the place of %s is refused by name',
    (key) => {
      const read = readDocument({ ...copy(), [key]: null });
      expect(read.ok ? [] : read.fields.map(({ path }) => path)).toEqual([key]);
    },
  );

  test('whatever is put in the place of a field, it answers and never throws', () => {
    const keys = [...Object.keys(demoDesigns[0]!), 'notes', 'parts', 'pins', 'limits', 'hardware'];
    fc.assert(
      fc.property(
        fc.constantFrom(...keys),
        fc.jsonValue(),
        (key, value) => typeof readDocument({ ...copy(), [key]: value }).ok === 'boolean',
      ),
      { numRuns: 300 },
    );
  });
});

describe('migrations', () => {
  const steps: Migration[] = [
    { from: 1, name: 'name to title', apply: ({ name, ...rest }) => ({ ...rest, title: name }) },
    { from: 2, name: 'add author', apply: (document) => ({ ...document, author: 'unknown' }) },
  ];
  test('are applied in order, each once', () => {
    const { document, applied } = migrate({ version: 1, name: 'A' }, 1, steps, 3);
    expect(document).toEqual({ version: 3, title: 'A', author: 'unknown' });
    expect(applied).toEqual(['name to title', 'add author']);
  });
  test('never change what they are given', () => {
    const old = Object.freeze({ version: 1, name: 'A' });
    expect(migrate(old, 1, steps, 3).document).not.toBe(old);
    expect(old).toEqual({ version: 1, name: 'A' });
  });
  test('a gap is an error of the program', () => expect(() => migrate({}, 1, [steps[1]!], 3)).toThrow('version 1'));
  test('lead without a gap from version 1 to this one', () => {
    expect(migrations.map(({ from }) => from)).toEqual(
      Array.from({ length: DOCUMENT_VERSION - 1 }, (_, index) => index + 1),
    );
  });
});

describe('the published JSON Schema', () => {
  const schema = designJsonSchema() as {
    properties: Record<string, unknown>;
    required: string[];
    $defs: Record<string, unknown>;
  };
  test('is the one in docs/format', () => {
    const file = new URL('../../../../../docs/format/design-1.schema.json', import.meta.url);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)));
  });
  test('names every field of a new design, and only refers to what it defines', () => {
    const fields = Object.keys(newDesign({ id: 'x', name: 'X' }));
    expect(Object.keys(schema.properties)).toEqual(expect.arrayContaining(fields));
    const refs = [...JSON.stringify(schema).matchAll(/"#\/\$defs\/(\w+)"/g)].map(([, name]) => name!);
    expect(refs.length).toBeGreaterThan(3);
    for (const name of refs) expect(Object.keys(schema.$defs)).toContain(name);
  });
});

describe('readShelves', () => {
  test('takes some of the shelves', () =>
    expect(readShelves({ rules: { 'ease.card.across': 4 } })).toMatchObject({ ok: true }));
  test.each([
    [{ cupboards: [] }, 'cupboards'],
    [{ items: [{ id: 'x' }] }, 'items.0.name'],
    [{ materials: [{ id: 'x', name: 'X', thickness: -1 }] }, 'materials.0.thickness'],
    [{ rules: { ease: [1] } }, 'rules'],
    [{ hardware: 'snaps' }, 'hardware'],
  ])('%j is refused at %s', (json, where) => {
    const read = readShelves(json);
    expect(read.ok ? [] : read.fields.map((field) => field.path)).toContain(where);
  });
});

describe('a thing that cannot be', () => {
  const tin = { id: 'tin', name: 'Tin', shape: 'box', length: 90, width: 60, thickness: 20, source: 'yours' };
  const fields = (more: object) => entryProblems('items', { ...tin, ...more }).map(({ path }) => path);
  const round: [number, number][] = [
    [0, 0],
    [40, 0],
    [40, 20],
    [0, 20],
  ];
  const bowTie: [number, number][] = [round[0]!, round[2]!, round[1]!, round[3]!];
  const flat: [number, number][] = [
    [0, 0],
    [20, 0],
    [40, 0],
  ];
  test.each([
    ['an outline', { outline: round, section: round }, []],
    ['one that crosses itself', { outline: bowTie }, ['outline']],
    ['a flat one', { outline: flat }, ['outline']],
    ['a flat section', { section: flat }, ['section']],
    ['a section that crosses itself', { section: bowTie }, ['section']],
    ['a drawn thing without its outline', { shape: 'outline' }, ['outline']],
    ['edges rounded by half of its thickness', { edgeRadius: 10 }, []],
    ['and by more', { edgeRadius: 10.1 }, ['edgeRadius']],
    ['corners rounded by half of its shorter side', { planRadius: 30 }, []],
    ['and by more', { planRadius: 30.1 }, ['planRadius']],
  ])('%s', (_, more, refused) => expect(fields(more)).toEqual(refused));
  test('is refused in a design too, by its field, and says what it must be', () => {
    const bifold = structuredClone(demoDesigns[0]!);
    const read = (outline: unknown) => readDocument({ ...bifold, ownItems: [{ ...tin, shape: 'outline', outline }] });
    expect(read(round)).toMatchObject({ ok: true });
    for (const wrong of [bowTie, flat])
      expect(read(wrong)).toMatchObject({
        ok: false,
        code: 'document.damaged',
        fields: [{ message: expect.stringContaining('not across themselves') }],
      });
    const [edge] = entryProblems('items', { ...tin, edgeRadius: 11 });
    expect(edge!.message).toBe('edgeRadius must be 0 to 10.0 mm: half of its thickness');
  });
});
