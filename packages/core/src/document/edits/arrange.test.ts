import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import type { Arrangement, DesignDocument } from '../design-document.ts';
import {
  changeGroup,
  changeHolderKind,
  leaveOut,
  moveHolder,
  moveWithin,
  putThings,
  removeHolder,
  swapHolders,
} from './arrange.ts';
import { placesFor, spotsFor } from './places.ts';
import { mayGo } from './seats.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const bifold = demo('permit-bifold');
const folio = demo('survey-folio');
const at = (id: string): Arrangement => ({ kind: 'holder', id });
const contentsOf = (design: DesignDocument, id: string) => design.holders.find((holder) => holder.id === id)?.contents;
const line = (design: DesignDocument, id: string) => design.contents.find((each) => each.id === id)!;

describe('putting things somewhere', () => {
  test('into a holder: all of the line go there, and leave where they were', () => {
    const bus = line(bifold, 'c2');
    const put = putThings(bus, 'Bus card', { into: 'A' }).apply(bifold);
    expect(contentsOf(put, 'A')!.map(({ line: id }) => id)).toContain('c2');
    expect(contentsOf(put, 'B')!.some(({ line: id }) => id === 'c2')).toBe(false);
    // a permit is narrower than the cards it lies among: that it may drop out is a note
    expect(solveDesign(put).findings.filter(({ severity }) => severity !== 'note')).toEqual([]);
  });
  test('the last one to leave takes its holder away', () => {
    const put = putThings(line(folio, 'c1'), 'it', { into: 'B' }).apply(folio);
    expect(put.holders.map(({ id }) => id)).toEqual(['B', 'C']);
    expect(put.faces).toEqual({ 'leaf-2': at('B'), 'leaf-3': at('C') });
  });
  test('beside a holder: above it in a column, left of it in a row', () => {
    const booklet = folio.contents.find(({ id }) => contentsOf(folio, 'B')!.some((held) => held.line === id))!;
    const above = putThings(booklet, 'it', {
      kind: 'slip-pocket',
      face: 'leaf-1',
      beside: { holder: 'A', side: 'top' },
    });
    const inColumn = above.apply(folio);
    expect(inColumn.faces['leaf-1']).toEqual({ kind: 'column', gap: 6, share: 'keep', children: [at('A'), at('B')] });
    expect(inColumn.faces['leaf-2']).toBeUndefined();
    const left = putThings(booklet, 'it', {
      kind: 'slip-pocket',
      face: 'leaf-1',
      beside: { holder: 'A', side: 'left' },
    });
    expect(left.apply(folio).faces['leaf-1']).toMatchObject({ kind: 'row', children: [at('B'), at('A')] });
    // what is solved lies as it was put: the new pocket above the zipped one
    const { holders } = solveDesign(inColumn);
    const y = (id: string) => holders.find((holder) => holder.id === id)!.seat.y;
    expect(y('B')).toBeGreaterThan(y('A'));
  });
  test('where there is no seat for it, nothing is changed', () => {
    const wrong = putThings(line(bifold, 'c1'), 'it', { kind: 'channel-row', face: 'left' });
    expect(wrong.apply(bifold)).toBe(bifold);
    expect(putThings(line(bifold, 'c1'), 'it', { into: 'Z' }).apply(bifold)).toBe(bifold);
    const taken = putThings(line(bifold, 'c1'), 'it', { kind: 'slip-pocket', face: 'left' });
    expect(taken.apply(bifold)).toBe(bifold);
  });
  test('taken out, they stay on the list without a home', () => {
    const out = leaveOut('c1', 'Shore permit').apply(bifold);
    expect(out.contents).toBe(bifold.contents);
    expect(solveDesign(out).findings.map(({ code }) => code)).toEqual(['contents.notHeld']);
  });
});

describe('holders', () => {
  test('move to an empty face, and into a row that grows where another one joins', () => {
    const moved = moveHolder('B', 'it', { face: 'leaf-1', beside: { holder: 'A', side: 'right' } }).apply(folio);
    const all = moveHolder('C', 'it', { face: 'leaf-1', beside: { holder: 'A', side: 'right' } }).apply(moved);
    expect(all.faces).toEqual({
      'leaf-1': { kind: 'row', gap: 6, share: 'keep', children: [at('A'), at('C'), at('B')] },
    });
    const back = moveHolder('B', 'it', { face: 'leaf-3' }).apply(all);
    expect(back.faces).toMatchObject({ 'leaf-1': { kind: 'row', children: [at('A'), at('C')] }, 'leaf-3': at('B') });
    // the last of a row lies alone again
    expect(moveHolder('C', 'it', { face: 'leaf-2' }).apply(back).faces['leaf-1']).toEqual(at('A'));
  });
  test('a column within a row is solved where it was put', () => {
    const row = moveHolder('B', 'it', { face: 'leaf-1', beside: { holder: 'A', side: 'right' } }).apply(folio);
    const nested = moveHolder('C', 'it', { face: 'leaf-1', beside: { holder: 'B', side: 'top' } }).apply(row);
    expect(nested.faces['leaf-1']).toMatchObject({
      kind: 'row',
      children: [at('A'), { kind: 'column', children: [at('B'), at('C')] }],
    });
    const { holders, findings } = solveDesign(nested);
    const seat = (id: string) => holders.find((holder) => holder.id === id)!.seat;
    expect(seat('B').x).toBeGreaterThanOrEqual(seat('A').x + seat('A').width.value + 6 - 1e-9);
    expect(seat('C').y).toBeCloseTo(seat('B').y + seat('B').height.value + 6, 6);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  test('swap their places', () => {
    const swapped = swapHolders('A', 'C').apply(folio);
    expect(swapped.faces).toEqual({ 'leaf-1': at('C'), 'leaf-2': at('B'), 'leaf-3': at('A') });
    // notes lie behind the leaves only
    expect(swapHolders('A', 'C').apply(bifold)).toBe(bifold);
  });
  test('are taken away with their pins, and what they held has no home', () => {
    const pinned: DesignDocument = { ...bifold, pins: { 'holders/A/slotWidth': 95, 'body/height': 100 } };
    const gone = removeHolder('A', 'card tiers').apply(pinned);
    expect(gone.holders.map(({ id }) => id)).toEqual(
      ['C', 'B'].filter((id) => bifold.holders.some((each) => each.id === id)).sort(),
    );
    expect(gone.pins).toEqual({ 'body/height': 100 });
    expect(gone.faces.left).toBeUndefined();
    expect(solveDesign(gone).findings.map(({ code }) => code)).toContain('contents.notHeld');
  });
  test('change their kind where that kind may sit', () => {
    const zipped = changeHolderKind('B', 'zip-pocket').apply(folio);
    expect(zipped.holders.find(({ id }) => id === 'B')!.kind).toBe('zip-pocket');
    expect(changeHolderKind('A', 'cavity').apply(bifold)).toBe(bifold);
  });
  test('keep the order that they are given', () => {
    const ids = (design: DesignDocument) => contentsOf(design, 'A')!.map(({ line: id }) => id);
    const [first, second] = ids(bifold);
    expect(ids(moveWithin('A', first!, 1).apply(bifold)).slice(0, 2)).toEqual([second, first]);
    expect(ids(moveWithin('A', first!, -1).apply(bifold))).toEqual(ids(bifold));
  });
  test('share what is left over as their group says', () => {
    const row = moveHolder('C', 'it', { face: 'leaf-2', beside: { holder: 'B', side: 'right' } }).apply(folio);
    const wide = changeGroup('C', { gap: 15, share: 'last' }).apply(row);
    expect(wide.faces['leaf-2']).toMatchObject({ kind: 'row', gap: 15, share: 'last' });
    const seat = (id: string) => solveDesign(wide).holders.find((holder) => holder.id === id)!.seat;
    expect(seat('C').x - (seat('B').x + seat('B').width.value)).toBeCloseTo(15, 6);
    // a holder that lies alone has no group
    expect(changeGroup('A', { gap: 15 }).apply(row).faces['leaf-1']).toEqual(row.faces['leaf-1']);
  });
});

describe('places', () => {
  test('whatever is offered can be done', () => {
    for (const design of demoDesigns) {
      for (const entry of design.contents) {
        const item = [...design.ownItems, ...standardItems].find(({ id }) => id === entry.item)!;
        for (const { id, place } of placesFor(design, item, entry.id))
          expect([id, putThings(entry, '', place).apply(design) === design]).toEqual([id, false]);
      }
      for (const { id } of design.holders)
        for (const { spot, id: spotId } of spotsFor(design, id))
          expect([spotId, moveHolder(id, '', spot).apply(design) === design]).toEqual([spotId, false]);
    }
  });
  test('are told apart', () => {
    for (const design of demoDesigns)
      for (const entry of design.contents) {
        const item = [...design.ownItems, ...standardItems].find(({ id }) => id === entry.item)!;
        const ids = placesFor(design, item, entry.id).map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
      }
  });
  test('the best of them come first, and none is where the thing is', () => {
    const permit = standardItems.find(({ id }) => id === line(bifold, 'c1').item) ?? bifold.ownItems[0]!;
    const places = placesFor(bifold, permit, 'c1');
    expect(places[0]).toMatchObject({ place: { into: 'B' }, title: 'Card tiers B', where: 'right leaf' });
    expect(places.map(({ place }) => place)).not.toContainEqual({ into: 'A' });
  });
  test('a room with walls holds one holder', () => {
    const bag = demo('logger-bag');
    expect(mayGo(bag, 'packed-room', { face: 'inside' })).toBe(false);
    expect(mayGo(bag, 'packed-room', { face: 'inside', beside: { holder: 'A', side: 'left' } })).toBe(false);
    expect(mayGo(bag, 'packed-room', { face: 'nowhere' })).toBe(false);
  });
});
