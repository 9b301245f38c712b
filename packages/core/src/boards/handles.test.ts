import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { moveHolder } from '../document/edits/arrange.ts';
import { gridStep } from '../units/grid.ts';
import { setPin } from '../document/edits/settings.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { handlesOn, type BoardHandle } from './handles.ts';

const handles = (document: DesignDocument, selection: string, board?: string): BoardHandle[] => {
  const solution = solveDesign(document);
  return solution.boards
    .filter(({ id }) => board === undefined || id === board)
    .flatMap((each) => handlesOn(each, selection, document, solution));
};

// with the mouths of its pockets to the other side, for there is none among them
const crossing = demoDesigns.find(({ id }) => id === 'crossing-folio')!;
const toTheRight: DesignDocument = {
  ...crossing,
  name: 'Mouths to the right',
  holders: crossing.holders.map((holder) => ({ ...holder, params: { ...holder.params, mouth: 'right' } })),
};

const everyHandle = [...demoDesigns, toTheRight].flatMap((document) => {
  const solution = solveDesign(document);
  const selections = ['body', ...document.holders.map(({ id }) => `holders/${id}`)];
  return solution.boards.flatMap((board) =>
    selections.flatMap((selection) =>
      handlesOn(board, selection, document, solution).map(
        (handle) =>
          [
            `${document.name}: ${handle.label} on ${board.id}`,
            { document, board: board.id, selection, handle },
          ] as const,
      ),
    ),
  );
});

describe('every handle of every demo design', () => {
  const followed: boolean[] = [];
  test('there are some on each of them', () => {
    expect(new Set(everyHandle.map(([, { document }]) => document.id)).size).toBe(demoDesigns.length);
  });
  test.each(everyHandle)(
    '%s: dragged by 4 mm, its size is 4 mm more or less, if it can be drawn, and it has not moved the other way',
    (_, given) => {
      const { document, board, selection, handle } = given;
      for (const by of [Math.min(4, handle.most - handle.value), Math.max(-4, handle.least - handle.value)]) {
        if (Math.abs(by) < 1e-6) continue;
        const after = handle.edit(handle.value + by).apply(document);
        const moved = handles(after, selection, board).find(({ id, axis }) => id === handle.id && axis === handle.axis);
        // to the next step of the grid, or as far as it can be drawn
        const drawn = solveDesign(after).findings.find(({ code }) => code === 'pin.tooSmall')?.limit;
        const wished = drawn ?? handle.value + by;
        expect(Math.abs(moved!.value - wished)).toBeLessThan(gridStep(document.grid) / 2 + 1e-6);
        // seen from what stays where it is: the body may grow to both sides of it
        const axis = handle.axis === 'x' ? 0 : 1;
        expect((moved!.at[axis] - handle.at[axis]) * handle.towards * by).toBeGreaterThan(-1e-6);
        followed.push(Math.abs(moved!.at[axis] - handle.at[axis]) > 0.2);
      }
    },
  );
  test('nearly all of them go with the pointer', () => {
    // the mouth of notes stays, and the piece grows above it; what lies at the right of a leaf with room to spare grows to the left
    expect(followed.filter((each) => !each).length).toBeLessThan(0.08 * followed.length);
  });
});

describe('a handle', () => {
  const bifold = demoDesigns.find(({ id }) => id === 'permit-bifold')!;
  const leaf = handles(bifold, 'body', 'inside').find(({ id }) => id === 'pins/body/leafWidth')!;
  test('steps along the grid of the design', () => {
    expect(leaf.edit(101.3).apply(bifold).pins).toEqual({ 'body/leafWidth': 101.5 });
    const inches: DesignDocument = { ...bifold, grid: '1/8in' };
    const stepped = handles(inches, 'body', 'inside')
      .find(({ id }) => id === leaf.id)!
      .edit(107)
      .apply(inches);
    expect(stepped.pins!['body/leafWidth']! / 3.175).toBeCloseTo(34, 9);
  });
  test('where the size asks to be it is let go, and below that it is pinned', () => {
    const pinned = leaf.edit(101).apply(bifold);
    expect(leaf.edit(97).apply(pinned).pins).toEqual({});
    expect(leaf.edit(90).apply(pinned).pins).toEqual({ 'body/leafWidth': 90 });
  });
  test('of a reveal stays within its house rule', () => {
    const [reveal] = handles(bifold, 'holders/A').filter(({ axis }) => axis === 'y');
    expect(reveal).toMatchObject({ label: 'Reveal', value: 12 });
    expect(
      reveal!
        .edit(500)
        .apply(bifold)
        .holders.find(({ id }) => id === 'A')!.params.reveal,
    ).toBe(reveal!.most);
  });
  test('between two in a row changes the gap, and the next one goes with it', () => {
    const folio = demoDesigns.find(({ id }) => id === 'survey-folio')!;
    const row = moveHolder('C', 'it', { face: 'leaf-2', beside: { holder: 'B', side: 'right' } }).apply(folio);
    const gap = handles(row, 'holders/B').find(({ id }) => id === 'gaps/B')!;
    expect(gap).toMatchObject({ axis: 'x', value: 6 });
    const wider = gap.edit(18).apply(row);
    const seat = (id: string) => solveDesign(wider).holders.find((holder) => holder.id === id)!.seat;
    expect(seat('C').x - seat('B').x - seat('B').width.value).toBeCloseTo(18, 6);
    // the last one has nothing behind it
    expect(handles(row, 'holders/C').map(({ id }) => id)).not.toContain('gaps/C');
  });
  test('at the end of a place gives it of the room that is left over, and takes it from the next one', () => {
    const folio = demoDesigns.find(({ id }) => id === 'survey-folio')!;
    const row = moveHolder('C', 'it', { face: 'leaf-2', beside: { holder: 'B', side: 'top' } }).apply(folio);
    const wide = setPin('body/height', 'Height', 400).apply(row);
    const share = handles(wide, 'holders/B').find(({ id }) => id === 'shares/B')!;
    const seat = (design: DesignDocument, id: string) =>
      solveDesign(design).holders.find((each) => each.id === id)!.seat;
    expect(share).toMatchObject({ axis: 'y', label: 'Height of its place', value: share.least });
    const given = share.edit(share.value + 20).apply(wide);
    expect(seat(given, 'C').y - seat(wide, 'C').y).toBeCloseTo(20, 6);
    expect(seat(given, 'B').y).toBeCloseTo(seat(wide, 'B').y, 6);
    // all that is free, and no more
    const most = share.edit(1e4).apply(given);
    const { sizes, least } = solveDesign(most).holders.find(({ id }) => id === 'C')!.shares!;
    expect(sizes[0]).toBeCloseTo(share.most, 6);
    expect(sizes[1]).toBeCloseTo(least[1]!, 6);
    expect(handles(most, 'holders/B').find(({ id }) => id === 'shares/B')!.value).toBeCloseTo(share.most, 6);
    expect(handles(most, 'holders/C').map(({ id }) => id)).not.toContain('shares/C');
  });
  test('nothing else has any', () => {
    expect(handles(bifold, 'closure')).toEqual([]);
    expect(handles(bifold, 'holders/Z')).toEqual([]);
  });
});
