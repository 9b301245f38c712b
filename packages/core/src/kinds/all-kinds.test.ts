import { describe, expect, test } from '@jest/globals';
import { PDFDocument } from '@cantoo/pdf-lib';
import { boardsOf } from '../boards/boards-of.ts';
import { explain } from '../derived/explain.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { changeForm } from '../document/edits/form.ts';
import { inputEdit } from '../document/edits/inputs.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import { placesFor } from '../document/edits/places.ts';
import { putThings } from '../document/edits/arrange.ts';
import { addPart } from '../document/edits/parts.ts';
import { setClosure } from '../document/edits/settings.ts';
import { facesOf } from '../document/edits/seats.ts';
import { patternPdf } from '../files/pattern-pdf.ts';
import { formOf } from '../form/form.ts';
import { skinOf } from '../form/skin.ts';
import { proposeForms } from '../proposals/propose-forms.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { countParam, flagParam, paramsShown, rangeOf } from '../holders/params.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { envelope } from '../testing/ninth-family/envelope.ts';
import { numbersIn } from '../testing/numbers-in.ts';
import { testFonts } from '../testing/poppler.ts';
import { tryEdit } from '../trials/try-edit.ts';
import { checkedKinds } from './check-kinds.ts';
import { builtInKinds } from './kinds.ts';
import type { Kinds } from './kind-set.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { pocketVisible } from '../holders/face-pocket/rules.ts';
import { withPocket } from '../testing/any-standing.ts';

// all that ship, and a family of bodies from outside
const kinds: Kinds = checkedKinds({ ...builtInKinds, bodies: { ...builtInKinds.bodies, envelope } });
const shelves = standardShelves;

const sized = (id: string, length: number, width: number, thickness: number, shape: Item['shape'] = 'box'): Item => ({
  id,
  name: id,
  shape,
  length,
  width,
  thickness,
  source: 'yours',
});
/** Something for every holder: flat, thick, round, long, and a book. */
const items = [
  sized('card', 85, 54, 1, 'card'),
  sized('tin', 90, 60, 22),
  sized('pen', 140, 11, 11, 'cylinder'),
  sized('pad', 148, 105, 12, 'book'),
];

/** A design of a family with one of these things, its place not chosen yet. */
function holding(body: string, item: Item): DesignDocument {
  const { orientation } = kinds.bodies[body]!;
  const line = { id: 'c1', item: item.id, count: 1, perHolder: 1, orientation };
  return { ...newDesign({ id: 'walk', name: 'Walk', body, kinds }), contents: [line], ownItems: [item] };
}
const solve = (design: DesignDocument): Solution => solveDesign(design, shelves, kinds);

/** What must be true of any design that any kind is in. */
async function walk(design: DesignDocument): Promise<void> {
  const solution = solve(design);
  expect(solution.seams.filter(({ walks }) => !walks)).toEqual([]);
  // drawn
  const boards = boardsOf(design, solution, { kinds });
  expect(boards.length).toBeGreaterThan(0);
  for (const { width, height } of boards) expect(Math.min(width, height)).toBeGreaterThan(0);
  // folded
  const skin = skinOf(solution.pieces, solution.seams, ['exterior']);
  expect(formOf(skin.pieces, skin.seams).extent.every(Number.isFinite)).toBe(true);
  // explained: every number has words, and what can be changed in its sum can be
  for (const number of numbersIn(solution)) {
    expect(explain(number).total).toBe(number);
    expect(number.label).toMatch(/\S/);
    const input = number.origin && inputEdit(design, number.origin, shelves.items, kinds);
    if (input) expect(input.edit(input.most).apply(design, kinds)).not.toBe(design);
  }
  // sewn: steps in order, nothing without words
  for (const { text, uses } of solution.operations) {
    expect(text.length).toBeGreaterThan(0);
    for (const id of uses) expect(solution.pieces.map((piece) => piece.id)).toContain(id);
  }
  // printed
  const pdf = await patternPdf(
    { document: design, solution, shelves },
    { paper: 'a4', fonts: testFonts, date: '2026-11-28' },
  );
  expect((await PDFDocument.load(pdf)).getPageCount()).toBeGreaterThan(1);
}

describe('every family of bodies', () => {
  test.each(Object.keys(kinds.bodies))(
    '%s is placed, offered, solved, drawn, folded, explained and printed',
    async (body) => {
      const faces = facesOf(
        { body: { kind: body, params: {} }, closure: { kind: 'none', params: {} }, holders: [] },
        kinds,
      );
      expect(faces.length).toBeGreaterThan(0);
      const item = body === 'jacket' ? items[3]! : body === 'roll' ? items[2]! : items[1]!;
      const empty = holding(body, item);
      // offered: each place can be taken, and a trial says what it needs
      const places = placesFor(empty, item, 'c1', kinds);
      expect(places.length).toBeGreaterThan(0);
      const before = solve(empty);
      const taken = putThings({ id: 'c1', count: 1 }, item.name, places[0]!.place);
      expect(tryEdit(empty, taken, before, shelves, 'c1', kinds).needs?.width).toBeGreaterThan(0);
      expect(taken.apply(empty, kinds).holders).toHaveLength(1);
      // placed by the rules
      const placed = placeForMe(empty, shelves.items, kinds);
      await walk(placed.holders.length > 0 ? placed : taken.apply(empty, kinds));
    },
  );
  test('each is proposed for what must be held, and each can be changed into each', () => {
    const design = holding('sleeve', items[1]!);
    const proposed = [...proposeForms(design, shelves, undefined, kinds)];
    expect(proposed.map(({ kind }) => kind).sort()).toEqual(Object.keys(kinds.bodies).sort());
    for (const { kind, document } of proposed) {
      const { edit } = changeForm(document, { kind: 'envelope' }, shelves.items, kinds);
      const there = edit.apply(document, kinds);
      expect([kind, there.body.kind]).toEqual([kind, 'envelope']);
      const back = changeForm(there, { kind }, shelves.items, kinds).edit.apply(there, kinds);
      expect(() => solve(back)).not.toThrow();
    }
  });
});

test.each(Object.keys(kinds.bodies))('each face of %s is sized with the seat that it is offered with', (body) => {
  const { faces } = solve(holding(body, items[1]!)).body;
  const offered = facesOf(
    { body: { kind: body, params: {} }, closure: { kind: 'none', params: {} }, holders: [] },
    kinds,
  );
  expect(faces.map(({ id, seat }) => [id, seat]).sort()).toEqual(offered.map(({ id, seat }) => [id, seat]).sort());
});

describe('every kind of holder', () => {
  const seats = Object.entries(kinds.bodies).flatMap(([body, { faces }]) =>
    faces({}).map((face) => ({ body, ...face })),
  );
  const on = (holder: string, { body, id }: { body: string; id: string }, params: Params = {}) => {
    const { suits } = kinds.holders[holder]!;
    const item = [...items].sort((one, other) => suits(other).score - suits(one).score)[0]!;
    const alone = holding(body, item);
    // two of it: what parts them is made too
    const contents = alone.contents.map((line) => ({ ...line, count: 2 }));
    return {
      ...alone,
      contents,
      holders: [{ id: 'A', kind: holder, params, contents: [{ line: 'c1', count: 2 }] }],
      faces: { [id]: { kind: 'holder' as const, id: 'A' } },
    };
  };
  const seatsOf = (holder: string) => seats.filter(({ seat }) => kinds.holders[holder]!.seats.includes(seat));
  test.each(Object.keys(kinds.holders))('%s', async (holder) => {
    const [seat] = seatsOf(holder);
    expect([holder, seat !== undefined]).toEqual([holder, true]);
    const design = on(holder, seat!);
    expect(solve(design).holders.map(({ kind }) => kind)).toEqual([holder]);
    await walk(design);
  });
  test.each(Object.keys(kinds.holders))('%s on every face that has a seat for it, however it is set', (holder) => {
    const { params } = kinds.holders[holder]!;
    const set = Object.entries(params).flatMap(([key, spec]) =>
      spec.kind === 'choice' ? spec.choices.map(({ id }): Params => ({ [key]: id })) : [],
    );
    for (const seat of seatsOf(holder))
      for (const each of [{}, ...set]) {
        const { holders } = solve(on(holder, seat, each));
        expect([seat.body, seat.id, each, holders.length]).toEqual([seat.body, seat.id, each, 1]);
      }
  });
});

describe('every closure and every part', () => {
  const closing = Object.keys(kinds.closures).map((closure) => ['closure', closure] as const);
  const setting = Object.keys(kinds.parts).map((part) => ['part', part] as const);
  test.each([...closing, ...setting])('%s %s', async (sort, kind) => {
    const hosts = Object.entries(kinds.bodies).filter(([, { closures, parts = [] }]) =>
      (sort === 'closure' ? closures : parts).includes(kind),
    );
    expect(hosts.length).toBeGreaterThan(0);
    // some need a boxed form, a fold at one side, or a pocket that opens to a side: the first that takes it without a stop of its own
    const aside = {
      kind: 'slip-pocket',
      params: { visible: 0, mouth: 'left' },
      long: 85,
      short: 54,
      thickness: 1,
      count: 1,
    };
    const tried = hosts.flatMap(([body]) =>
      ([{}, { form: 'boxed' }, { bottom: 'side' }, { bottom: 'side', pocket: true }] as Params[]).map((given) => {
        const { pocket, ...params } = given;
        const held = placeForMe({ ...holding(body, items[1]!), body: { kind: body, params } }, shelves.items, kinds);
        const placed = pocket ? withPocket(held, 'front', aside) : held;
        return (sort === 'closure' ? setClosure(kind, kind) : addPart(kind, kind)).apply(placed, kinds);
      }),
    );
    const taken = tried.find((design) => !solve(design).findings.some(({ code }) => /notForBody$/.test(code)));
    expect([kind, taken !== undefined]).toEqual([kind, true]);
    await walk(taken!);
  });
});

describe('a family that contradicts itself is named when the program starts', () => {
  const { bodies, holders, closures } = builtInKinds;
  const [sleeve, pocket] = [bodies.sleeve!, holders['slip-pocket']!];
  const length = { kind: 'length', title: 'Deep', rule: pocketVisible } as const;
  test.each<[string, Partial<Kinds>, RegExp]>([
    [
      'a closure that there is not',
      { bodies: { sleeve: { ...sleeve, closures: ['glue'] } } },
      /body sleeve names a closure .*: glue/,
    ],
    ['no closure at all', { bodies: { sleeve: { ...sleeve, closures: [] } } }, /body sleeve names no closure/],
    ['a part that there is not', { bodies: { sleeve: { ...sleeve, parts: ['wheels'] } } }, /body sleeve .*: wheels/],
    [
      'two faces of one id',
      { bodies: { sleeve: { ...sleeve, faces: () => [...sleeve.faces({}), ...sleeve.faces({})] } } },
      /two faces/,
    ],
    [
      'a seat that no body has',
      { holders: { shelf: { ...pocket, seats: ['book'] } }, bodies: { sleeve } },
      /holder shelf sits where no body/,
    ],
    [
      'a standard that is no choice',
      {
        closures: {
          ...closures,
          none: { ...closures.none!, params: { how: { kind: 'choice', title: 'How', standard: 'so', choices: [] } } },
        },
      },
      /closure none .*“how”.*: so/,
    ],
    [
      'a count out of its range',
      {
        holders: {
          p: { ...pocket, params: { many: { kind: 'count', title: 'Many', standard: 9, least: 1, most: 4, why: '' } } },
        },
      },
      /“many”.*: 9/,
    ],
    [
      'a range wider than its rule',
      { holders: { p: { ...pocket, params: { deep: { ...length, most: 99_999 } } } } },
      /“deep”.*not within/,
    ],
    [
      'a house rule that means two things',
      { holders: { ...holders, p: { ...pocket, rules: [{ ...pocketVisible, standard: 7 }] } } },
      /house rule pocket.visible is there twice/,
    ],
    [
      'a house rule whose standard is out of its range',
      { holders: { p: { ...pocket, rules: [lengthRule('wing.span', 'ease', 'Wings', 9, 1, 4, '')] } } },
      /house rule wing.span .*: 9/,
    ],
    ['no title', { holders: { p: { ...pocket, title: ' ' } } }, /holder p has no title/],
  ])('%s', (_, wrong, message) => {
    const make = () => checkedKinds({ ...builtInKinds, ...wrong });
    expect(make).toThrow(message);
    expect(make).toThrow(expect.objectContaining({ code: 'kinds.contradiction' }) as unknown as Error);
  });
});

describe('settings of every kind', () => {
  const specs = {
    pockets: { kind: 'count', title: 'Pockets', standard: 2, least: 1, most: 6, why: '' },
    lined: { kind: 'flag', title: 'Lined', standard: true, why: '' },
    lip: { kind: 'length', title: 'Lip', rule: pocketVisible, most: 10, when: ({ lined }) => lined !== false },
  } as const satisfies Record<string, ParamSpec>;
  test('a count is a whole number in its range, else the standard one', () => {
    expect(
      [3, 0, 7, 2.5, '4', undefined].map((pockets) => countParam({ pockets } as Params, 'pockets', specs.pockets)),
    ).toEqual([3, 2, 2, 2, 2, 2]);
  });
  test('a flag is yes or no, else the standard', () => {
    expect([true, false, 'no', undefined].map((lined) => flagParam({ lined } as Params, 'lined', specs.lined))).toEqual(
      [true, false, true, true],
    );
  });
  test('a length has its own range, and is shown where it matters', () => {
    expect(rangeOf(specs.lip)).toMatchObject({ most: 10 });
    expect(paramsShown(specs, {}).map(([key]) => key)).toEqual(['pockets', 'lined', 'lip']);
    expect(paramsShown(specs, { lined: false }).map(([key]) => key)).toEqual(['pockets', 'lined']);
  });
  const { bodies, holders, closures, parts } = builtInKinds;
  const kinds = Object.entries<{ params: Readonly<Record<string, ParamSpec>> }>({
    ...bodies,
    ...holders,
    ...closures,
    ...parts,
  });
  test.each(kinds)('%s: an unknown choice shows the settings of the standard one', (_, { params }) => {
    const shown = (set: Params) => paramsShown(params, set).map(([key]) => key);
    Object.entries(params).forEach(
      ([key, { kind }]) => kind === 'choice' && expect(shown({ [key]: 'no such choice' })).toEqual(shown({})),
    );
  });
});
