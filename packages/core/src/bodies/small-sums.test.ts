import { describe, expect, test } from '@jest/globals';
import { boardsOf } from '../boards/boards-of.ts';
import { flatAccordion } from '../testing/flat-accordion.ts';
import { demoDesigns } from '../demo/index.ts';
import type { PlacedHolder } from '../holders/holder-kind.ts';
import { given } from '../derived/derived.ts';
import type { MeasuredFace } from '../faces/measure.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import { foldedRing } from './folded-ring.ts';
import { beneathMouth } from './sleeve/beneath.ts';
import type { Sleeve } from './sleeve/params.ts';
import { boundaries } from './folio/size.ts';
import { foldEnds } from './sleeve/outlines.ts';
import { cornerLines, tubeBends } from './zip-tube/outline.ts';
import { thingBars } from './section.ts';

const design = (id: string) => demoDesigns.find((each) => each.id === id)!;
const demo = (id: string) => solveDesign(design(id));

test('bars of things lie in the middle of a section, as wide as they are', () => {
  const slabs = [
    { of: { line: 'c1' }, label: 'tin', x0: 0, x1: 40, thickness: { value: 9 } },
    { of: { line: 'c2' }, label: 'box', x0: 40, x1: 60, thickness: { value: 5 } },
  ];
  const bars = thingBars({ slabs } as unknown as PlacedHolder, 100);
  expect(bars.map(({ u0, u1, thickness }) => [u0, u1, thickness])).toEqual([
    [20, 60, 9],
    [60, 80, 5],
  ]);
});

test('empty, by hand: docs/worked/double-tube.md, receipts-accordion.md', () => {
  // two walls of 0.89, two linings of 0.27, and in front a pocket of two layers of 0.27
  expect(demo('double-tube').emptyThickness.value).toBeCloseTo(2 * 0.89 + 2 * 0.27 + 2 * 0.27, 9);
  const { body, emptyThickness } = demo('receipts-accordion');
  // shell and lining 0.78, dividers 0.94, two layers of 0.47 in the wall; three rooms have two layers of gusset at each side
  expect(emptyThickness.value).toBeCloseTo(2 * 0.78 + 2 * 0.94 + 2 * 0.47, 9);
  expect(body.sizes.pleats!.value).toBeCloseTo((2 + 2 * 3) * 0.78 + 2 * 0.94, 9);
});

describe('a folded panel', () => {
  const shape = { width: 200, height: 120, taper: 6, notch: 10, cut: 15 };
  test('its fold ends where the notch and the cut corner end', () =>
    expect(foldEnds(shape)).toEqual([
      [3 + 10 + 15, 120],
      [200 - 3 - 10 - 15, 120],
    ]));
});

describe('a tube whose corners are boxed', () => {
  const panel = { along: 200, round: 180, folds: [60, 120], boxing: 20 } as unknown as Parameters<typeof tubeBends>[0];
  test('is bent beside each fold, as far as half of the boxing', () => {
    const bends = tubeBends(panel, true);
    const level = bends.filter(({ from, to }) => from[1] === to[1]);
    expect(level.map(({ from }) => from[1])).toEqual([50, 110, 70, 130]);
    // from one cut-out to the other
    expect(level.every(({ from, to }) => from[0] === 10 && to[0] === 190)).toBe(true);
    const ends = bends.filter(({ from, to }) => from[0] === to[0]);
    expect(ends.map(({ from, to }) => [from[0], from[1], to[1]])).toEqual([
      [10, 0, 50],
      [190, 0, 50],
      [10, 70, 110],
      [190, 70, 110],
      [10, 130, 180],
      [190, 130, 180],
    ]);
  });
  test('only marked, its corners are lines half of the boxing from the end, across each fold', () => {
    const lines = cornerLines(panel);
    const places = lines.flatMap(({ from, to }) => [from, to]);
    expect([...new Set(places.map(([x]) => x))].sort((a, b) => a - b)).toEqual([0, 10, 190, 200]);
    expect([...new Set(places.map(([, y]) => y))].sort((a, b) => a - b)).toEqual([50, 70, 110, 130]);
  });
});

test('the leaves of a folio begin at its left edge, and lie beside each other with their spines between', () => {
  const { body } = demo('survey-folio');
  const [board] = boardsOf(design('survey-folio'), demo('survey-folio'));
  const size = (name: string) => body.sizes[name]!.value;
  const [one, two] = [size('leaf1'), size('spine1')];
  expect(board!.folds.map(({ x0, x1 }) => [x0, x1])[0]).toEqual([one, one + two]);
  const leaves = board!.sizes.filter(({ path }) => path.startsWith('body/leaf'));
  expect(leaves.map(({ from, to }) => to - from)).toEqual(leaves.map(({ path }) => size(path.slice(5))));
  expect(leaves[0]!.from).toBe(0);
});

describe('layers that go into the seams together', () => {
  const layered = (inner: string) => {
    const base = design('ferry-pocket');
    const exterior = [base.stacks.exterior[0]!, { material: inner, coverage: 'full' as const }];
    return solveDesign({ ...base, stacks: { ...base.stacks, exterior } }).operations.filter(({ id }) =>
      id.endsWith('/layers'),
    );
  };
  test('are held on each other in a step of their own; one layer alone is not', () => {
    const alone = { ...design('ferry-pocket') };
    const single = {
      ...alone.stacks,
      exterior: [alone.stacks.exterior[0]!],
      lining: [alone.stacks.lining[0]!],
      pocket: [alone.stacks.pocket[0]!],
    };
    expect(solveDesign({ ...alone, stacks: single }).operations.filter(({ id }) => id.endsWith('/layers'))).toEqual([]);
    expect(layered('interfacing-woven').length).toBeGreaterThan(0);
  });
});

test('a hard case is bound on both its edges', () => {
  const { pieces } = demo('refractometer-case');
  expect(pieces.find(({ id }) => id === 'body/binding')!.count).toBe(2);
});

test('leaves and spines of a folio from its left edge, each spine wider by what goes round outside', () => {
  const folio = { leaves: [{ value: 100 }, { value: 90 }, { value: 80 }], spines: [{ value: 8 }, { value: 6 }] };
  const all = folio as unknown as Parameters<typeof boundaries>[0];
  expect(boundaries(all)).toEqual([0, 100, 108, 198, 204, 284]);
  expect(boundaries(all, 2)).toEqual([0, 100, 110, 200, 208, 288]);
});

test('the channels of a roll lie between its sides', () => {
  const { body } = demo('probe-roll');
  const [{ room, host }] = body.faces as [(typeof body.faces)[number]];
  expect(room.width.value).toBeCloseTo(host.width - 2 * body.sizes.besideChannels!.value, 9);
});

test('a double-ended case for little is 80 long and 60 wide all the same (common practice)', () => {
  const little = trial({ body: 'double-tube', face: 'a', kind: 'cavity', item: thing(20, 10, 4), closure: 'zip-top' });
  const { sizes } = solveDesign(little).body;
  expect([sizes.length!.value, sizes.width!.value]).toEqual([80, 60]);
});

test('the front half of a folded piece lies in its side seams as their a, the back half as their b', () => {
  const [front, back] = foldedRing('bag').walls;
  expect([front!.left, front!.right]).toEqual([
    { seam: 'bag/left', side: 'a' },
    { seam: 'bag/right', side: 'a' },
  ]);
  expect([back!.left, back!.right]).toEqual([
    { seam: 'bag/right', side: 'b' },
    { seam: 'bag/left', side: 'b' },
  ]);
});

describe('what a strap goes over at the mouth of a bag', () => {
  const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });
  const face = (top: number, thick: number) =>
    (thick > 0
      ? {
          slabs: [{ of: { line: 'c1' }, y1: top, thickness: mm(thick) }],
          loaded: mm(thick),
          empty: mm(0),
          occupied: true,
        }
      : { slabs: [], loaded: mm(0), empty: mm(0), occupied: false }) as unknown as MeasuredFace;
  const none = face(0, 0);
  const bag = {
    form: 'flat',
    height: mm(200),
    panelHeight: mm(200),
    shallower: mm(3),
    cut: mm(10),
    base: mm(0),
    onBase: mm(0),
  } as unknown as Sleeve;
  const over = (inside: MeasuredFace, divider: MeasuredFace, front: MeasuredFace, down = 40, pouch = 0) => {
    const { full, empty } = beneathMouth(bag, { inside, divider, front, walls: mm(4), reach: mm(0), pouch: mm(pouch) })(
      down,
    );
    return [full.value, empty.value];
  };
  test('of a pouch that hangs in the lining, what keeps the walls apart above it', () => {
    // it ends 200 - 3 - 10 - 183 below the mouth
    expect(over(none, face(183, 20), none)).toEqual([4 + 20 - 2 * 4, 4]);
    expect(over(none, face(170, 20), none)).toEqual([4, 4]);
    // its cloth lifts what stands on it
    expect(over(none, face(183, 20), none, 40, 1)).toEqual([4 + 20 - 2 * 3, 4]);
  });
  test('of what stands on the bottom, half of its thickness lower', () => {
    expect(over(face(186, 20), none, none)).toEqual([4 + 20 - 2 * 4, 4]);
    expect(over(face(170, 20), none, none)).toEqual([4, 4]);
  });
  test('of what is sewn onto the front, all of it that reaches so far up', () => {
    // its top lies 200 - 10 - 160 below the mouth
    expect(over(none, none, face(160, 9), 31)).toEqual([13, 4]);
    expect(over(none, none, face(160, 9), 29)).toEqual([4, 4]);
  });
});

test('a framed organizer has two frame wires', () => {
  const { pieces, hardware } = demo('field-organizer');
  const wire = pieces.find(({ name }) => name === 'Frame wire')!;
  expect(wire.count).toBe(2);
  const listed = hardware.find(({ id }) => id === wire.materials[0])!;
  expect([listed.count, listed.length]).toEqual([2, expect.closeTo(2 * wire.cutWidth.value, 6)]);
});

test('lines between the channels of a roll are marked on pocket and back, mirrored in its fold', () => {
  const pens = trial({ body: 'roll', face: 'pocket', kind: 'channel-row', item: thing(140, 12, 12), count: 3 });
  const { pieces, body } = solveDesign(pens);
  const lines = pieces.flatMap((piece) => piece.lines);
  const fronts = lines.filter(({ id }) => id.endsWith('-front'));
  expect(fronts.length).toBeGreaterThan(0);
  const fold = body.sizes.pocketDepth!.value;
  for (const front of fronts) {
    const back = lines.find(({ id }) => id === front.id.replace(/front$/, 'back'))!;
    for (const end of ['from', 'to'] as const) {
      expect(back[end][0]).toBeCloseTo(front[end][0], 9);
      expect(back[end][1] + front[end][1]).toBeCloseTo(2 * fold, 9);
    }
  }
});

test('a pocket on the front of a bag is cut through before it, what stands in it between its walls', () => {
  const bag = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30) });
  const { section } = solveDesign({
    ...bag,
    ownItems: [...bag.ownItems, { ...thing(90, 60, 5), id: 'before', name: 'Before' }],
    contents: [...bag.contents, { id: 'c2', item: 'before', count: 1, perHolder: 1, orientation: 'upright' }],
    holders: [...bag.holders, { id: 'B', kind: 'slip-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] }],
    faces: { ...bag.faces, front: { kind: 'holder', id: 'B' } },
  });
  const of = (line: string) => section.layers.find((layer) => 'line' in layer.of && layer.of.line === line)!;
  const cloth = section.layers.filter((layer) => 'role' in layer.of && layer.of.role === 'exterior');
  expect(cloth.some(({ z0 }) => z0 >= of('c1').z1 - 1e-9)).toBe(true);
  for (const { z1 } of cloth) expect(of('c2').z0).toBeGreaterThanOrEqual(z1 - 1e-9);
});

test('the walls of an accordion are bent along their base, left free where the gusset is wrapped round them', () => {
  const wallet = (school: string) =>
    solveDesign({
      ...flatAccordion,
      body: { kind: 'accordion', params: { ...flatAccordion.body.params, school } },
    }).pieces.find(({ id }) => id === 'body/shell-back')!;
  const free = (school: string) => wallet(school).bends.map(({ free: left = false }) => left);
  expect(free('wrapped').length).toBeGreaterThan(0);
  expect(new Set(free('wrapped'))).toEqual(new Set([true]));
  expect(new Set(free('joined'))).toEqual(new Set([false]));
});

test('an accordion is turned under its flap: the gap is in the top of the front of its shell alone', () => {
  const { pieces } = demo('receipts-accordion');
  const walls = pieces.filter(({ id }) => /^body\/(shell|lining)-(front|back)$/.test(id));
  expect(walls.length).toBe(4);
  const open = walls.filter(({ gaps }) => gaps.length > 0).map(({ id, gaps }) => [id, gaps.map(({ edge }) => edge)]);
  expect(open).toEqual([['body/shell-front', ['top']]]);
});

test('a framed organizer with a narrower lining is as deep as the lining asks', () => {
  const organizer = trial({
    body: 'organizer',
    face: 'inside',
    kind: 'packed-room',
    item: thing(200, 120, 90),
    closure: 'zip-top',
  });
  const { body, stacks } = solveDesign({
    ...organizer,
    stacks: { ...organizer.stacks, lining: [{ material: 'felt-2', coverage: 'full' }] },
    rules: { 'lining.school': 'tapered', 'lining.shorter': 10 },
  });
  // 90 and its ease of 3, half of each lining outside of it, and 10 narrower on both sides
  const asked = 90 + 3 + stacks.lining.value + 2 * 10;
  expect(body.sizes.depth!.value).toBeGreaterThanOrEqual(asked - 1e-9);
  expect(body.sizes.depth!.value).toBeLessThan(asked + 0.5);
});

test('a folio is turned through the middle of the top of its second leaf, the same on shell and lining', () => {
  const { pieces, body } = demo('survey-folio');
  const [leaf, spine] = [body.sizes.leaf1!.value, body.sizes.spine1!.value];
  const open = (id: string) => pieces.find((piece) => piece.id === id)!.gaps.find(({ edge }) => edge === 'top')!;
  const [shell, lining] = [open('body/shell'), open('body/lining')];
  // top edges run from right to left
  const fromLeft = body.sizes.liningWidth!.value - (lining.from + lining.to) / 2;
  expect(fromLeft).toBeCloseTo(leaf + spine + body.sizes.leaf2!.value / 2, 9);
  expect(shell.to - shell.from).toBeCloseTo(lining.to - lining.from, 9);
  expect(lining.to - lining.from).toBeLessThanOrEqual(body.sizes.leaf2!.value - 10 + 1e-9);
});

test('the sizes of a wallet lying open are drawn where they are', () => {
  const boards = boardsOf(design('permit-bifold'), demo('permit-bifold'));
  const { body } = demo('permit-bifold');
  const outside = boards.find(({ id }) => id === 'outside')!;
  for (const { path, from, to } of outside.sizes)
    if (path in { 'body/leafWidth': 1, 'body/shellWidth': 1 })
      expect([path, to - from]).toEqual([path, expect.closeTo(body.sizes[path.slice(5)]!.value, 9)]);
  expect(outside.sizes.find(({ path }) => path === 'body/shellWidth')!.from).toBe(0);
});
