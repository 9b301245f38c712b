import { describe, expect, test } from '@jest/globals';
import { sizeAt, standardItems, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { fitFrame } from '../board/frame.ts';
import { inspected } from './inspected.ts';
import { followInto } from './measures.ts';
import { piecesView } from './pieces-view.ts';
import { solvedOf } from './solution.ts';
import { tableView } from './table-view.ts';
import { countThings, thingsToHold, whyHomeless } from './things.ts';

const [bifold, , lens] = demoDesigns as [DesignDocument, DesignDocument, DesignDocument];
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

describe('sizeAt', () => {
  const solution = solve(bifold);
  test.each([
    ['finished/height', 94],
    ['body/spine', 11.5],
    ['holders/A/slotWidth', 92],
    ['pieces/body/shell/cutWidth', 222],
    ['thickness/full', 10.69],
    ['stacks/lining', 0.16],
  ])('%s is %d', (path, value) => expect(sizeAt(solution, path)!.value).toBeCloseTo(value, 9));
  test('nowhere is nothing', () => {
    for (const path of ['', 'finished/depth', 'holders/Z/slotWidth', 'moon/height'])
      expect(sizeAt(solution, path)).toBeUndefined();
  });
  test('parts that have gone are not followed', () => {
    const slot = sizeAt(solution, 'holders/A/slotWidth')!;
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
    for (const { path } of shown.sizes) expect(sizeAt(solve(bifold), path)).toBeDefined();
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
