import { describe, expect, test } from '@jest/globals';
import { edgeLength } from '../geometry/outline.ts';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { withLowerCorners } from '../testing/lower-corners.ts';

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);
const cutBelow = () => solveDesign(withLowerCorners(demoDesigns.find(({ id }) => id === 'slate-carrier')!));

describe('the least sizes (common practice), where nothing asks for more', () => {
  const tiny = thing(6, 4, 2);
  test.each<[string, Partial<Trial>, Record<string, number>]>([
    ['sleeve', { face: 'inside', kind: 'cavity' }, { width: 60, height: 60 }],
    ['round', { face: 'inside', kind: 'round-room' }, { height: 40 }],
    ['accordion', { face: 'room-1', kind: 'file-room' }, { width: 80 }],
    ['box', { face: 'inside', kind: 'packed-room' }, { width: 50, depth: 30, height: 40 }],
  ])('%s', (body, more, sizes) => {
    const { finished } = solveDesign(trial({ body, face: 'inside', kind: 'cavity', item: tiny, ...more }));
    expect(Object.fromEntries(Object.keys(sizes).map((name) => [name, finished[name]!.value]))).toEqual(sizes);
  });
  test('a round base is as wide as its least thing, with its clearance and the cloth', () => {
    const { body, stacks } = solveDesign(trial({ body: 'round', face: 'inside', kind: 'round-room', item: tiny }));
    const { exterior, lining } = stacks;
    const asked = 40 + 2 * 4 + 2 * lining.value + exterior.value;
    expect(body.sizes.diameter!.value).toBe(Math.ceil(asked * 2 - 1e-9) / 2);
  });
});

test('a jacket is cut through at half of what lies beside the spine, without its flap', () => {
  const { section } = demo('tide-jacket');
  // docs/worked/tide-jacket.md: 409.5 flat, spine 2.4, flaps of 95
  expect(section.width).toBeCloseTo((409.5 - 2.4) / 2 - 95, 9);
});

test('the binding of a cut corner goes along both its layers, and laps by 20', () => {
  const { pieces, seams } = cutBelow();
  const binding = pieces.find(({ name }) => name === 'Binding of a cut corner')!;
  expect(binding.cutWidth.value).toBeCloseTo(2 * 45 * Math.SQRT2 + 20, 9);
  const runs = seams.filter(({ a }) => a.piece === binding.id).flatMap(({ a }) => a.parts);
  const from = Math.min(...runs.map((part) => part.from ?? Infinity));
  // as much of the lap at either end
  expect(from).toBeCloseTo(10, 9);
});

test('what hangs in a framed organizer, and what is sewn on, is cut through between its layers', () => {
  const { section, body, stacks } = demo('field-organizer');
  const pocket = section.layers.filter(({ label }) => /loop|elastic|vial/i.test(label));
  const lowest = Math.min(...pocket.map(({ z0 }) => z0));
  expect(lowest).toBeGreaterThan(body.sizes.depth!.value - stacks.lining.value);
  // docs/worked/field-organizer.md, section 4: front to back
  expect(Math.max(...section.layers.map(({ z1 }) => z1))).toBeCloseTo(133.55, 9);
});

test('a folio is cut through with what lies in each of its leaves', () => {
  const { section, holders } = demo('survey-folio');
  const seen = new Set(section.layers.flatMap(({ of }) => ('line' in of ? [of.line] : [])));
  const held = new Set(holders.flatMap(({ things }) => things.map(({ line }) => line)));
  expect(holders.map(({ face }) => face).sort()).toEqual(['leaf-1', 'leaf-2', 'leaf-3']);
  expect(seen).toEqual(held);
});

test('the fourth leaf of a folio is rolled into the third, and turns over with it', () => {
  const four = trial({
    body: 'folio',
    params: { leaves: '4' },
    face: 'leaf-4',
    kind: 'slip-pocket',
    item: thing(90, 50, 6),
  });
  const { layers } = solveDesign(four).section;
  // from the second leaf up: its own cloth, the fourth on it, the third over that with its outside up, the first over all
  const seen = layers.map(({ of, label }) => ('role' in of ? of.role : label));
  expect(seen.join(' ')).toBe('exterior lining exterior lining Thing pocket lining exterior lining exterior');
});

test('of what is cut from a length as many are listed as are cut', () => {
  const { pieces, hardware } = cutBelow();
  const binding = pieces.find(({ name }) => name === 'Binding of a cut corner')!;
  expect([binding.count, hardware.find(({ id }) => id === binding.materials[0])!.count]).toEqual([2, 2]);
});

test('a gusset of thin cloth goes round a corner of 12, and not of less', () => {
  const codes = (radius: number) => {
    const design = demoDesigns.find(({ id }) => id === 'field-organizer')!;
    const thin = [{ material: 'cotton-lawn', coverage: 'full' as const }];
    const { stacks, body } = design;
    return solveDesign({
      ...design,
      stacks: { ...stacks, exterior: thin, lining: thin },
      body: { ...body, params: { ...body.params, radius } },
    }).findings.map(({ code }) => code);
  };
  expect(codes(12)).not.toContain('gusset.tightCorner');
  expect(codes(11.5)).toContain('gusset.tightCorner');
});

test('of an accordion the last compartment lies against the lining, the others against a divider, counted from the front', () => {
  const { boards } = demo('receipts-accordion');
  const rooms = boards.filter(({ title }) => title.startsWith('Compartment'));
  expect(rooms.map(({ title }) => title)).toEqual([
    'Compartment 1 of 3, from the front',
    'Compartment 2 of 3, from the front',
    'Compartment 3 of 3, from the front',
  ]);
  expect(rooms.map(({ ground }) => ground)).toEqual(['pocket', 'pocket', 'lining']);
});

test('a gap for turning lies in the middle of its edge', () => {
  const { pieces } = demo('lens-pouch');
  const gaps = pieces.flatMap(({ stitch, gaps: all }) =>
    all.map((gap) => ({ gap, whole: edgeLength(stitch.find(({ id }) => id === gap.edge)!) })),
  );
  expect(gaps.length).toBeGreaterThan(0);
  for (const { gap, whole } of gaps) expect(gap.from + gap.to).toBeCloseTo(whole, 9);
});

test('what hangs in a bag takes its thickness of the flat width, beside the things', () => {
  // a box of 30 in a bag, and a pouch with a notebook of 14, in one layer of pocket cloth on both sides
  const bag = (more: boolean) => {
    const design = trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(200, 140, 30),
    });
    const pouch = {
      ...design,
      contents: [
        ...design.contents,
        { id: 'c2', item: 'note', count: 1, perHolder: 1, orientation: 'upright' as const },
      ],
      ownItems: [...design.ownItems, { ...thing(100, 60, 14), id: 'note' }],
      holders: [
        ...design.holders,
        { id: 'P', kind: 'divider-pouch', params: {}, contents: [{ line: 'c2', count: 1 }] },
      ],
      faces: { ...design.faces, divider: { kind: 'holder' as const, id: 'P' } },
    };
    return solveDesign(more ? pouch : design);
  };
  const [without, with_] = [bag(false), bag(true)];
  const { pocket } = without.stacks;
  const more = with_.body.sizes.flatWidth!.value - without.body.sizes.flatWidth!.value;
  // each is rounded up to half a millimetre, the bag without a pouch twice
  expect(Math.abs(more - (14 + 2 * pocket.value))).toBeLessThan(1);
});

test('in the sum of a flat width nothing is asked twice', () => {
  const asked = demo('twin-flask-bag').body.sizes.flatWidth!.inputs[0]!.from.inputs.map(({ from }) => from);
  expect(asked.length).toBeGreaterThan(2);
  expect(new Set(asked).size).toBe(asked.length);
});

test('a framed organizer opens far enough for its largest thing, with 12 of its zipper shut at each end', () => {
  const item = thing(200, 150, 140);
  const { body, finished } = solveDesign(
    trial({
      body: 'organizer',
      params: { outer: 'none' },
      face: 'inside',
      kind: 'packed-room',
      item,
      closure: 'zip-top',
    }),
  );
  // half of the way round its smallest section goes through
  const opens = body.sizes.zipperRun!.value - 2 * 12;
  expect(opens).toBeGreaterThanOrEqual(150 + 140);
  expect(finished.width!.value + body.sizes.depth!.value).toBeCloseTo(body.sizes.zipperRun!.value, 9);
});

test('things lie in the middle of a pouch: its board moves their room by half of what it is longer', () => {
  const { boards, pieces } = demo('lens-pouch');
  const [{ faces, width }] = boards as [ReturnType<typeof demo>['boards'][number]];
  const length = pieces.find(({ id }) => id === 'body/shell')!;
  expect(width).toBeLessThanOrEqual(length.cutWidth.value);
  const { holders } = demo('lens-pouch');
  const [first] = holders;
  const xs = first!.things.map((each) => [each.x + faces[0]!.dx, each.x + each.width + faces[0]!.dx] as const);
  const [left, right] = [Math.min(...xs.map(([x]) => x)), Math.max(...xs.map(([, x]) => x))];
  expect(left + right).toBeCloseTo(width, 6);
});
