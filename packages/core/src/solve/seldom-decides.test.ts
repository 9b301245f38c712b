import { describe, expect, test } from '@jest/globals';
import { explain } from '../derived/explain.ts';
import type { Derived } from '../derived/derived.ts';
import { flatAccordion } from '../testing/flat-accordion.ts';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { thing, trial } from '../testing/trial.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
/** A number somewhere in the sum behind a size. */
function within(size: Derived, label: string): Derived | undefined {
  if (size.label === label) return size;
  for (const { from } of size.inputs) {
    const found = within(from, label);
    if (found) return found;
  }
  return undefined;
}

// what a size is the largest of is looked at one by one: some of it decides in few designs only
describe('of what a size must be at least', () => {
  test('a hard case is as round as its thing and the margin beside it', () => {
    const round = thing(150, 90, 30, { planRadius: 22 });
    const design = trial({ body: 'shell', face: 'inside', kind: 'packed-room', item: round });
    const contents = design.contents.map((line) => ({ ...line, orientation: 'lying' as const }));
    const { body } = solveDesign({ ...design, contents, rules: { 'shell.margin': 7 } });
    expect(body.sizes.radius!.value).toBe(29);
  });
  test('its plate is as long as its thing, the ease and the margin at both ends', () => {
    const round = thing(150, 90, 30, { planRadius: 22 });
    const design = trial({ body: 'shell', face: 'inside', kind: 'packed-room', item: round });
    const contents = design.contents.map((line) => ({ ...line, orientation: 'lying' as const }));
    const { body } = solveDesign({ ...design, contents, rules: { 'shell.margin': 7, 'ease.cavity.across': 5 } });
    expect(body.sizes.plateLength!.value).toBe(150 + 5 + 2 * 7);
  });
  test('a flap is long enough for the zipper across it, however little it is to lie on the front', () => {
    const { closure } = solveDesign(
      trial({
        body: 'sleeve',
        face: 'inside',
        kind: 'cavity',
        item: thing(200, 150, 8),
        closure: 'flap',
        closing: { pocket: 'zipped', overlap: 20, corner: 30 },
      }),
    );
    // 12 at its base, the curve rises by an eighth of its width of 160, a tape of 25 with 6 on both sides sewn in, 10 beside it, corners of 30
    expect(closure.sizes.flapLength!.value).toBe(12 + 160 / 8 + (25 - 12) + 10 + 30);
  });
  test('the opening of a zipped pocket ends 8 before each side of a pocket that is pinned too narrow for it', () => {
    const design = trial({ body: 'sleeve', face: 'front', kind: 'zip-pocket', item: thing(120, 80, 4) });
    const { holders } = solveDesign({ ...design, pins: { 'holders/A/clearWidth': 70 } });
    expect(holders[0]!.sizes.opening!.value).toBe(70 - 16);
  });
  test('an accordion has its deepest pleat on both sides of its things', () => {
    const { body } = solveDesign(flatAccordion);
    const beside = within(body.sizes.width!, 'things, pleats and walls')!;
    const shown = Object.fromEntries(explain(beside).lines.map(({ label, value }) => [label, value]));
    const legs = Object.entries(body.sizes).filter(([key]) => key.startsWith('leg'));
    const deepest =
      legs.length > 0 ? Math.max(...legs.map(([, { value }]) => value)) : within(beside, 'the deepest pleat')!.value;
    expect(beside.value).toBeCloseTo(
      Object.entries(shown).reduce((sum, [label, value]) => (label.startsWith('the deepest') ? sum : sum + value), 0) +
        2 * deepest,
      6,
    );
  });
});

describe('what is sewn and drawn', () => {
  test('a plain flap and its lining are joined all round but where it is caught', () => {
    const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(100, 80, 10), closure: 'flap' });
    const joined = solveDesign(design).seams.flatMap(({ a }) =>
      a.piece === 'closure/flap' ? a.parts.flatMap((part) => ('edge' in part ? [part.edge] : [])) : [],
    );
    expect(joined).toEqual(expect.arrayContaining(['left', 'right']));
    expect(joined.length).toBeGreaterThan(2);
  });
  test('the gap of a hemmed casing begins at the mouth', () => {
    const design = trial({
      body: 'sleeve',
      params: { layers: 'single' },
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 90, 40),
      closure: 'drawstring',
      closing: { casing: 'hem' },
    });
    const { pieces, closure } = solveDesign(design);
    const gaps = pieces.flatMap(({ gaps: all, stitch }) =>
      all
        .filter(({ label }) => label !== undefined)
        .map(({ edge, from, to }) => {
          const { from: a, to: b } = stitch.find(({ id }) => id === edge)!;
          const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
          return Math.min(from, long - to);
        }),
    );
    expect(gaps.length).toBeGreaterThan(0);
    expect(gaps).toEqual(gaps.map(() => expect.closeTo(0, 6)));
    expect(closure.sizes.channel!.value).toBeGreaterThan(0);
  });
  test('a folio is hosted on all of its lining', () => {
    const { holders, pieces } = solveDesign(demo('survey-folio'));
    const lining = pieces.find(({ id }) => id === 'body/lining')!;
    const wide = lining.cutWidth.value - lining.allowance.left! - lining.allowance.right!;
    const hosts = holders.map(({ seat }) => seat.host).filter(({ piece }) => piece === 'body/lining');
    expect(hosts.length).toBeGreaterThan(0);
    for (const { width } of hosts) expect(width).toBeCloseTo(wide, 6);
  });
  test('dividers of an accordion are cut through from side to side', () => {
    const { section, body } = solveDesign(demo('receipts-accordion'));
    const dividers = section.layers.filter(({ label }) => label === 'divider');
    expect(dividers.length).toBeGreaterThan(1);
    for (const { u0, u1 } of dividers) expect([u0, u1]).toEqual([0, body.sizes.width!.value]);
  });
  test('lines between channels are counted from one', () => {
    const { seams } = solveDesign(demo('probe-roll'));
    const channels = seams.map(({ id }) => id).filter((id) => id.includes('#channel-'));
    expect(channels[0]).toBe('holders/A#channel-1');
  });
  test('mesh that is cut half a millimetre narrower is stretched by that', () => {
    const design = trial({ body: 'sleeve', face: 'front', kind: 'mesh-pocket', item: thing(120, 80, 4) });
    const { seams } = solveDesign({ ...design, rules: { 'mesh.less': 0.5 } });
    expect(seams.flatMap(({ ease }) => (ease ? [ease.by.value] : []))).toContain(-0.5);
  });
});

describe('what is named or drawn on a piece, looked at one by one', () => {
  const sleeve = (more: Partial<Parameters<typeof trial>[0]> = {}) =>
    solveDesign(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 150, 8), ...more }));

  test('each tape of a zipper along a mouth lies in the seam of its own side', () => {
    const { seams } = sleeve({ params: { bottom: 'seam' }, closure: 'zip-top' });
    const tapes = seams.filter(({ a }) => a.piece === 'closure/zipper');
    expect(tapes.map(({ b, within: seam }) => [b.piece, seam])).toEqual([
      ['body/shell-front', 'body/mouth-front'],
      ['body/shell-back', 'body/mouth-back'],
    ]);
  });
  test('a drawstring tells how far its casing lies below the mouth, unless it is the hem itself', () => {
    const header = (casing: string, layers = 'lined') =>
      sleeve({ params: { form: 'boxed', layers }, closure: 'drawstring', closing: { casing } }).closure.sizes.header
        ?.value;
    expect([header('side-gap'), header('applied')].every((mm) => mm !== undefined && mm > 0)).toBe(true);
    expect(header('hem', 'single')).toBeUndefined();
    // a mouth that is sewn to a lining has no hem
    expect(header('hem')).toBe(header('side-gap'));
  });
  test('the zipper of a window pocket is in the hand where it is sewn in, and where its slider is moved', () => {
    const { operations } = solveDesign(
      trial({
        body: 'sleeve',
        face: 'front',
        kind: 'zip-pocket',
        item: thing(120, 80, 4),
        holderParams: { style: 'window' },
      }),
    );
    const own = operations.filter(({ id }) => id.startsWith('holders/A/'));
    const inHand = own.filter(({ uses }) => uses.includes('holders/A/zipper')).map(({ id }) => id);
    expect(inHand).toEqual(['holders/A/zipper', 'holders/A/close']);
    const sews = own.filter(({ seams }) => seams.some((seam) => seam.includes('#zipper-'))).map(({ id }) => id);
    expect(sews).toEqual(['holders/A/zipper']);
  });
  test('notches of a doubled note panel lie on its edges, as far from either side above as below', () => {
    const { pieces } = solveDesign(
      trial({
        body: 'foldover',
        face: 'inside',
        kind: 'note-compartment',
        item: thing(140, 77, 0.11, { shape: 'card' }),
      }),
    );
    const panel = pieces.find(({ id }) => id === 'holders/A/panel')!;
    const wide = Math.max(...panel.stitch.map(({ from: [x] }) => x));
    const at = (edge: string) => panel.notches.filter((notch) => notch.edge === edge).map((notch) => notch.at);
    expect(at('bottom').length).toBeGreaterThan(0);
    expect(
      at('top')
        .map((mm) => wide - mm)
        .sort(),
    ).toEqual(
      at('bottom')
        .sort()
        .map((mm) => expect.closeTo(mm, 6)),
    );
  });
  test('walls of a boxed bag of one piece are creased from the base to both mouths', () => {
    const { pieces } = sleeve({ params: { form: 'boxed' } });
    const shell = pieces.find(({ id }) => id === 'body/shell')!;
    const high = Math.max(...shell.stitch.map(({ from: [, y] }) => y));
    const ends = shell.bends.flatMap(({ from, to }) => [from[1], to[1]]);
    expect([Math.min(...ends), Math.max(...ends)]).toEqual([0, high].map((mm) => expect.closeTo(mm, 6)));
  });
  test('the room on the back of an organizer lies in the middle of it', () => {
    const { body } = solveDesign(demo('field-organizer'));
    const back = body.faces.find(({ id }) => id === 'back')!;
    expect(2 * back.room.x + back.room.width.value).toBeCloseTo(back.host.width, 6);
  });
  test('a gusset goes round no corner of less than 15 (common practice)', () => {
    const square = trial({
      body: 'shell',
      face: 'inside',
      kind: 'packed-room',
      item: thing(150, 90, 30, { planRadius: 6 }),
    });
    const contents = square.contents.map((line) => ({ ...line, orientation: 'lying' as const }));
    const { body } = solveDesign({ ...square, contents, rules: { 'shell.margin': 0 } });
    expect(body.sizes.radius!.value).toBe(15);
  });
  test('a zipper along a mouth lets the largest of several things through, not the least', () => {
    const design = trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'packed-room',
      item: thing(60, 40, 30),
      closure: 'zip-top',
    });
    const small = { ...thing(30, 10, 8), id: 'small', name: 'Small' };
    const both = solveDesign({
      ...design,
      contents: [...design.contents, { id: 'c2', item: 'small', count: 1, perHolder: 1, orientation: 'upright' }],
      ownItems: [...design.ownItems!, small],
      holders: design.holders.map((holder) => ({
        ...holder,
        contents: [...holder.contents, { line: 'c2', count: 1 }],
      })),
    });
    const through = both.holders[0]!.clearances.filter(({ direction }) => direction === 'through');
    expect(through.length).toBeGreaterThan(0);
    expect(Math.min(...through.map(({ clearance }) => clearance.value))).toBeGreaterThanOrEqual(-1e-6);
  });
  test('what stands in a round bag is cut through in its middle', () => {
    const { section } = solveDesign({
      ...trial({ body: 'round', face: 'inside', kind: 'round-room', item: thing(80, 60, 60, { shape: 'cylinder' }) }),
      pins: { 'body/diameter': 120 },
    });
    const things = section.layers.filter(({ of }) => 'line' in of);
    expect(things.length).toBeGreaterThan(0);
    for (const { u0, u1 } of things) expect((u0 + u1) / 2).toBeCloseTo(section.width / 2, 6);
  });
});
