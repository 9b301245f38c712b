import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { entryProblems } from '../../document/reading/entry-schemas.ts';
import { demoShelves } from '../../demo/shelves.ts';
import type { ShelfEntry } from '../../shelves/field-spec.ts';
import { shelfIds, shelfSpec, type ShelfId } from '../../shelves/shelf-specs.ts';
import { anyEntry } from '../../testing/any-entry.ts';
import { alike } from '../../shelves/alike.ts';
import { ImportPlan } from './plan-import.ts';
import { openShelfCsv } from './read-shelf-csv.ts';
import { shelfCsv } from './write-shelf-csv.ts';

/** Reads a whole file against what is on the shelf already. */
function read(shelf: ShelfId, text: string, own: ShelfEntry[] = [], unit: 'mm' | 'in' = 'mm') {
  const opened = openShelfCsv(shelf, text, { unit });
  if (!opened.ok) return { rows: [], messages: opened.messages };
  const plan = new ImportPlan(shelf, own);
  for (let index = 0; index < opened.table.count; index++) plan.add(opened.table.read(index));
  return { rows: plan.rows, messages: [...opened.table.notes, ...plan.messages] };
}
const entries = (text: string, shelf: ShelfId = 'items') => read(shelf, text).rows.map(({ entry }) => entry);
const messages = (text: string, unit: 'mm' | 'in' = 'mm', own: ShelfEntry[] = []) =>
  read('items', text, own, unit).messages.map(({ row, column, severity, text: words }) =>
    [row, column, severity, words].filter((each) => each !== undefined).join(' | '),
  );

describe('a table of things from elsewhere', () => {
  test('headings by title, key or another name, with a unit in brackets or behind', () => {
    expect(entries('name,Length (in),width cm,HEIGHT [mm],weight (g)\nSlate,3 3/4,"9,5",4,120\n')).toEqual([
      {
        id: 'my-slate',
        name: 'Slate',
        shape: 'box',
        length: 95.25,
        width: 95,
        thickness: 4,
        mass: 120,
        source: 'yours',
      },
    ]);
  });
  test('semicolons and decimal commas of other countries', () => {
    expect(entries('Name;Length (mm);Width (mm);Thickness (mm)\nDeck;94,5;66;24\n')).toMatchObject([
      { name: 'Deck', length: 94.5, width: 66, thickness: 24 },
    ]);
  });
  test('a rod is as thick as wide; what is thin is a card', () => {
    expect(entries('Name,Shape,Length (mm),Diameter (mm)\nProbe,cylinder,210,6\n')).toMatchObject([
      { shape: 'cylinder', width: 6, thickness: 6 },
    ]);
    expect(entries('Name,Length,Width,Thickness\nTicket,90,50,0.4\n')).toMatchObject([{ shape: 'card' }]);
  });
  test('no unit anywhere: the maker’s, and it is told', () => {
    expect(messages('Name,Length,Width,Thickness (mm)\nTicket,4,2,1\n', 'in')).toEqual([
      '1 | Length | note | No unit is given: read as in.',
      '1 | Width | note | No unit is given: read as in.',
    ]);
  });
});

describe('what is wrong with a table', () => {
  test('wrong headings are named, with those that there are', () => {
    const [only] = messages('Thing,Long,Wide\nSlate,300,215\n').slice(-1);
    expect(only).toContain('There is no column “Name” and “Length” and “Width”');
    expect(only).toContain('Columns are: Id, Name, Shape, Length, Width, Thickness');
    expect(entries('Thing,Long,Wide\nSlate,300,215\n')).toEqual([]);
  });
  test('a column twice, an unknown unit, an empty file, a heading alone', () => {
    expect(messages('Name,Width,Diameter,Length\na,1,1,1\n')[0]).toContain(
      '“Width” and “Diameter” are the same column',
    );
    expect(messages('Name,Length (furlong),Width\na,1,1\n')[0]).toContain('mm, cm or in, not in furlong');
    expect(messages('Name,Length,Width,Mass (kg)\na,1,1,1\n').at(-1)).toContain('Mass is in g, not in kg');
    expect(messages('')[0]).toContain('empty');
    expect(messages('Name,Length,Width\n')[0]).toContain('nothing below');
    expect(messages('Name,Length,Width\n"open,1,1\n')[0]).toContain('never closed');
  });
  test('mixed units: a bare number beside others with a unit is not guessed', () => {
    expect(messages('Name,Length,Width (mm),Thickness (mm)\nA,95 mm,50,4\nB,3.75 in,50,4\nC,95,50,4\n')).toEqual([
      '4 | Length | stop | “95” has no unit, and other rows of Length have one. Write the unit into the heading.',
    ]);
    // where the heading says one unit, a cell with its own is taken by its own
    const [row] = read('items', 'Name,Length (mm),Width (mm),Thickness (mm)\nB,3.75 in,50,4\n').rows;
    expect(row!.entry).toMatchObject({ length: 95.25 });
    expect(messages('Name,Length (mm),Width (mm),Thickness (mm)\nB,3.75 in,50,4\n')).toEqual([
      '2 | Length (mm) | note | “3.75 in” has a unit of its own: read as 95.3 mm.',
    ]);
  });
  test.each(['=HYPERLINK("http://x.example")', '+1+2', '@SUM(A1)', '-cmd|calc'])('a formula is no name: %s', (name) => {
    const quoted = `"${name.replaceAll('"', '""')}"`;
    const [only] = messages(`Name,Length (mm),Width (mm),Thickness (mm)\n${quoted},95,50,4\n`);
    expect(only).toContain('begins like a formula');
  });
  test('each cell that cannot be is told with its row and column', () => {
    const text =
      'Name,Length (mm),Width (mm),Thickness (mm),Fragile,Shape\nA,0,50,4,perhaps,box\nB,95,x,4,yes,egg\n,95,50,4,,\n';
    expect(messages(text)).toEqual([
      '2 | Length (mm) | stop | This may be 0.01 mm to 2000.0 mm.',
      '2 | Fragile | stop | “perhaps”: write yes or no.',
      expect.stringMatching(/^3 \| Width \(mm\) \| stop \| /),
      '3 | Shape | stop | “egg” is not one of card, box, cylinder, disc, ball, book, soft, outline.',
      '4 | Name | stop | This is missing.',
    ]);
  });
  test('one thing twice, a standard entry that differs', () => {
    const head = 'Id,Name,Length (mm),Width (mm),Thickness (mm)\n';
    expect(messages(`${head},A,95,50,4\n,a,95,50,4\n`)[0]).toContain('3 | stop | Row 2 is the same entry');
    expect(messages(`${head}id1-card,Card,95,50,4\n`)[0]).toContain('which cannot be changed');
  });
});

describe('what becomes of the rows', () => {
  const head = 'Id,Name,Length (mm),Width (mm),Thickness (mm)\n';
  const own = read('items', `${head},Slate,300,215,4\n,Deck,94,66,24\n`).rows.map(({ entry }) => entry);
  test('by its id or its name it is one that is there; else it is new', () => {
    const { rows } = read('items', `${head},Slate,300,215,4\nmy-deck,Deck of cards,94,66,25\n,Net,320,130,70\n`, own);
    expect(rows.map(({ entry, fate }) => [entry.id, fate])).toEqual([
      ['my-slate', 'same'],
      ['my-deck', 'changed'],
      ['my-net', 'new'],
    ]);
  });
  test('ids are never used twice, also for names that look alike', () => {
    const { rows } = read('items', `${head},Slate!,300,215,4\n,Slate?,300,215,4\n,夢,300,215,4\n`, own);
    expect(rows.map(({ entry }) => entry.id)).toEqual(['my-slate-2', 'my-slate-3', 'my-entry']);
  });
});

describe('written and read again', () => {
  test.each(shelfIds)('%s: nothing is lost, whatever stands in them', (shelf) => {
    fc.assert(
      fc.property(fc.uniqueArray(anyEntry(shelf), { selector: ({ id }) => id, maxLength: 6, minLength: 1 }), (own) => {
        for (const entry of own) expect(entryProblems(shelf, { ...entry })).toEqual([]);
        const { rows, messages: said } = read(shelf, shelfCsv(shelf, own));
        expect(said).toEqual([]);
        expect(rows.map(({ entry }) => entry)).toEqual(own.map((entry) => shelfSpec(shelf).complete(entry)));
        expect(read(shelf, shelfCsv(shelf, own), own).rows.map(({ fate }) => fate)).toEqual(own.map(() => 'same'));
      }),
      { numRuns: 60 },
    );
  });
  test('a name that a spreadsheet would run is marked, and read without the mark', () => {
    const entry = { id: 'my-x', name: '=1+1', shape: 'box', length: 9, width: 9, thickness: 9, source: 'yours' };
    const text = shelfCsv('items', [entry]);
    expect(text).toContain('"\'=1+1"');
    expect(entries(text)).toEqual([entry]);
  });
  test('the standard entries are themselves sound, and reading them changes nothing', () => {
    for (const shelf of shelfIds) {
      const { standard } = shelfSpec(shelf);
      for (const entry of standard) expect(entryProblems(shelf, { ...entry })).toEqual([]);
      const { rows, messages: said } = read(shelf, shelfCsv(shelf, standard));
      expect(rows).toEqual([]);
      expect(said.every(({ severity }) => severity === 'note')).toBe(true);
    }
  });
  test('alike does not mind the order of fields', () => {
    expect(alike({ id: 'a', name: 'A', tags: ['x'] }, { name: 'A', tags: ['x'], id: 'a' })).toBe(true);
    expect(alike({ id: 'a', name: 'A' }, { id: 'a', name: 'B' })).toBe(false);
  });
});

test('what the demo has on its shelves is sound, and comes back from its table', () => {
  for (const shelf of shelfIds) {
    const own: readonly ShelfEntry[] = demoShelves[shelf];
    expect(own.flatMap((entry) => entryProblems(shelf, { ...entry }))).toEqual([]);
    expect(read(shelf, shelfCsv(shelf, own)).rows.map(({ entry }) => entry)).toEqual(own);
  }
});
