import { describe, expect, test } from '@jest/globals';
import { standardItems, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { fitFrame } from '../board/frame.ts';
import { boardView } from './board-view.ts';
import { inspected } from './inspected.ts';
import { followInto, measureAt } from './measures.ts';
import { piecesView } from './pieces-view.ts';
import { solvedOf } from './solution.ts';
import { tableView } from './table-view.ts';
import { countThings, thingsToHold, whyHomeless } from './things.ts';

const [bifold, junior, lens] = demoDesigns as [DesignDocument, DesignDocument, DesignDocument];
const solve = (design: DesignDocument) => {
  const solved = solvedOf(design);
  if (!solved.ok) throw new Error(solved.message);
  return solved.solution;
};

describe('solvedOf', () => {
  test('solves each state of a document once', () => expect(solvedOf(bifold)).toBe(solvedOf(bifold)));
  test('names what cannot be solved', () => {
    expect(solvedOf({ ...bifold, body: { kind: 'balloon', params: {} } })).toMatchObject({
      ok: false,
      message: expect.stringContaining('balloon'),
    });
  });
});

describe('the board of other families', () => {
  const viewOf = (id: string) => {
    const design = demoDesigns.find((each) => each.id === id)!;
    return boardView(design, solve(design));
  };
  test('a folio shows its leaves and folds from the left', () => {
    const view = viewOf('survey-folio')!;
    expect(view.folds).toEqual([
      { x0: 164.5, x1: 185.5 },
      { x0: 350, x1: 368 },
    ]);
    expect(view.sizes.filter(({ side }) => side === 'near').map(({ from, to }) => to - from)).toEqual([
      164.5, 164.5, 153,
    ]);
  });
  test('a pocket on the outside of a bag lies on its front, above the cut corners', () => {
    const view = viewOf('slate-carrier')!;
    const pocket = view.holders.find(({ face }) => face === 'front')!;
    expect([pocket.x0, pocket.y0]).toEqual([0, 45]);
    expect(pocket.y1).toBeLessThan(view.height);
    // the mate of the strap, in the middle below the mouth
    expect(view.snaps).toHaveLength(1);
    expect(view.snaps[0]!.x).toBeCloseTo(view.width / 2, 9);
  });
  test('what is on the outside does not show on the inside of a wallet', () => {
    expect(viewOf('logger-pocket')!.holders.map(({ face }) => face)).toEqual(['left']);
  });
  test('a family without a board has none', () => expect(viewOf('sieve-bag')).toBeUndefined());
});

describe('boardView', () => {
  const view = boardView(bifold, solve(bifold))!;

  test('everything lies within the body, the leaves beside the fold', () => {
    expect([view.width, view.height]).toEqual([208, 94]);
    expect([view.folds[0]!.x0, view.folds[0]!.x1]).toEqual([97, 111]);
    for (const { face, x0, x1, y0, y1 } of view.holders) {
      expect(Math.min(x0, y0)).toBeGreaterThanOrEqual(-1e-9);
      expect(x1).toBeLessThanOrEqual(view.width + 1e-9);
      expect(y1).toBeLessThanOrEqual(view.height);
      if (face === 'left') expect(x1).toBeLessThan(view.folds[0]!.x0);
      if (face === 'right') expect(x0).toBeGreaterThan(view.folds[0]!.x1);
    }
  });
  test('cards keep their size and stand in their pockets', () => {
    const things = view.holders.flatMap(({ layers }) =>
      layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : [])),
    );
    expect(things).toHaveLength(6);
    const permit = things.find(({ line }) => line === 'c1')!;
    expect([permit.x1 - permit.x0, permit.y1 - permit.y0, permit.place]).toEqual([
      expect.closeTo(85.6, 9),
      expect.closeTo(53.98, 9),
      'A1',
    ]);
  });
  test('what hides behind its front is named by the holder', () => {
    expect(view.holders.find(({ id }) => id === 'C')!.hidden).toEqual(['Ferry money']);
    expect(view.holders.find(({ id }) => id === 'A')!.hidden).toEqual([]);
  });
  test('a tab stands out', () => {
    expect(view.tab).toBeUndefined();
    expect(boardView(junior, solve(junior))!.tab).toMatchObject({ width: 25 });
  });
});

describe('boards of the other families', () => {
  const view = (id: string) => {
    const design = demoDesigns.find((each) => each.id === id)!;
    return boardView(design, solve(design))!;
  };
  test('a sleeve shows its front with the snaps on it, inside the cloth', () => {
    const { width, height, snaps, ground } = view('caliper-sleeve');
    expect([width, height, ground]).toEqual([102.5, 241, 'exterior']);
    expect(snaps.map(({ x, y }) => [x, y])).toEqual([
      [30, 241 - 15],
      [72.5, 241 - 15],
    ]);
  });
  test('dividers stand between the things', () => {
    const [inside] = view('twin-flask-bag').holders;
    expect(inside!.stitching).toEqual([{ from: [125, 273], to: [125, 0] }]);
    expect(inside!.hidden).toHaveLength(2);
  });
  test('a roll shows each tool above its channel, with its number', () => {
    const { holders, width } = view('probe-roll');
    const things = holders[0]!.layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : []));
    expect(things.map(({ place }) => place)).toEqual(['A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7']);
    for (const { x0, x1 } of things) expect(x0 >= 0 && x1 <= width).toBe(true);
  });
  test('a family without a board has none', () => {
    const solution = solve(bifold);
    expect(boardView({ ...bifold, body: { kind: 'balloon', params: {} } }, solution)).toBeUndefined();
  });
});

describe('measureAt', () => {
  const solution = solve(bifold);
  test.each([
    ['finished/height', 94],
    ['body/spine', 11.5],
    ['holders/A/slotWidth', 92],
    ['pieces/body/shell/cutWidth', 222],
    ['thickness/full', 10.69],
    ['stacks/lining', 0.16],
  ])('%s is %d', (path, value) => expect(measureAt(solution, path)!.value).toBeCloseTo(value, 9));
  test('nowhere is nothing', () => {
    for (const path of ['', 'finished/depth', 'holders/Z/slotWidth', 'moon/height'])
      expect(measureAt(solution, path)).toBeUndefined();
  });
  test('parts that have gone are not followed', () => {
    const slot = measureAt(solution, 'holders/A/slotWidth')!;
    expect(followInto(slot, [0, 1, 0, 99, 0]).length).toBeLessThan(6);
    expect(followInto(slot, [0])[1]!.label).toBe('flat width');
  });
});

describe('things', () => {
  test('each says where it is', () => {
    expect(thingsToHold(bifold).map(({ name, places, held }) => [name, places, held])).toEqual([
      ['Shore permit', ['A1'], true],
      ['Bus card', ['B1'], true],
      ['Tide card', ['A2', 'A3', 'B2'], true],
      ['Ferry money', ['C'], true],
    ]);
    expect(thingsToHold(lens)[4]).toMatchObject({ places: [], held: false });
    expect(countThings(lens)).toBe(11);
  });
  test('one without a home says why', () => {
    expect(
      whyHomeless(
        standardItems.find(({ id }) => id === 'hand-lens')!,
        lens,
      ),
    ).toContain('flat things');
  });
});

describe('inspected', () => {
  test.each([
    ['body', 'Bifold'],
    ['holders/A', 'Card tiers A'],
    ['holders/C', 'Note compartment C'],
    ['closure', 'Closure'],
    ['holders/gone', 'Bifold'],
    ['contents/c1', 'Card tiers A'],
    ['contents/gone', 'Bifold'],
  ])('%s is %s, and each of its sizes can be read', (selection, title) => {
    const shown = inspected(bifold, solve(bifold), selection);
    expect(shown.title).toBe(title);
    for (const { path } of shown.sizes) expect(measureAt(solve(bifold), path)).toBeDefined();
  });
});

describe('laying out', () => {
  const overlap = (boxes: { x: number; y: number; width: number; height: number }[]) =>
    boxes.some((a, i) =>
      boxes
        .slice(i + 1)
        .some((b) => a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height),
    );

  test.each([200, 400, 900])('on a table of %d mm, nothing lies on anything else', (width) => {
    expect(overlap(tableView(thingsToHold(lens), width, { width: 85.6, height: 54 }).things)).toBe(false);
    expect(overlap(piecesView(solve(bifold).pieces, width).placed)).toBe(false);
  });
  test('a frame fits its drawing into the room', () => {
    const frame = fitFrame({
      width: 208,
      height: 94,
      room: { width: 700, height: 400 },
      margins: { left: 60, right: 60, top: 80, bottom: 100 },
      most: 5,
    });
    expect(frame.x(0)).toBeGreaterThanOrEqual(60);
    expect(frame.x(208)).toBeLessThanOrEqual(640);
    expect(frame.y(94)).toBeGreaterThanOrEqual(80);
    expect(frame.y(0)).toBeLessThanOrEqual(300);
  });
});
