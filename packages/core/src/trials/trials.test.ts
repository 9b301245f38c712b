import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { putThings } from '../document/edits/arrange.ts';
import { setRule } from '../document/edits/settings.ts';
import { wordingText } from '../errors/wording.ts';
import { rectangle } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { sizeChanges } from '../solve/compare.ts';
import { sizeAt } from '../solve/size-at.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { clothArea, leastLength } from './cloth.ts';
import { effectWords, moreCloth } from './effect.ts';
import { tryEdit } from './try-edit.ts';
import { easeCardAcross } from '../holders/card-tiers/rules.ts';

const bifold = demoDesigns.find(({ id }) => id === 'permit-bifold')!;
const before = solveDesign(bifold);
const say = (mm: number) => `${mm.toFixed(1)} mm`;

describe('trying an edit', () => {
  test('tells what a holder would need and how the outside changes, as the real edit does', () => {
    const bus = bifold.contents.find(({ id }) => id === 'c2')!;
    const edit = putThings(bus, 'it', { into: 'A' });
    const trial = tryEdit(bifold, edit, before, standardShelves, 'c2');
    const after = solveDesign(edit.apply(bifold));
    const seat = after.holders.find(({ id }) => id === 'A')!.seat;
    expect(trial.needs).toEqual({ width: seat.width.value, height: seat.height.value });
    expect(trial.changes.length).toBeGreaterThan(0);
    for (const { path, after: mm } of trial.changes) expect([path, mm]).toEqual([path, sizeAt(after, path)!.value]);
    expect(trial.stops).toEqual([]);
  });
  test('tells only what stands in the way because of it', () => {
    const lens = demoDesigns.find(({ id }) => id === 'permit-bifold-lens') ?? demoDesigns[2]!;
    const homeless = solveDesign(lens).findings.filter(({ severity }) => severity === 'stop');
    expect(homeless.length).toBeGreaterThan(0);
    const trial = tryEdit(lens, setRule(easeCardAcross, 3.5), solveDesign(lens), standardShelves, '');
    expect(trial.stops).toEqual([]);
    expect(trial.needs).toBeUndefined();
  });
});

describe('the effect in words', () => {
  test('says by how much it is wider, higher, thicker', () => {
    const words = effectWords([
      { path: 'finished/openWidth', label: '', before: 208, after: 220 },
      { path: 'finished/closedWidth', label: '', before: 104, after: 110 },
      { path: 'finished/height', label: '', before: 94, after: 92.5 },
      { path: 'thickness/full', label: '', before: 10, after: 11 },
      { path: 'pieces/body/shell/width', label: '', before: 1, after: 2 },
    ]);
    expect(wordingText(words!, say)).toBe('12.0 mm wider, 1.5 mm lower, 1.0 mm thicker');
  });
  test('nothing is said where the outside stays', () => {
    expect(effectWords([])).toBeUndefined();
    expect(effectWords([{ path: 'finished/height', label: '', after: 9 }])).toBeUndefined();
  });
  test('ease in the slots makes a bifold wider', () => {
    const after = solveDesign(setRule(easeCardAcross, 5).apply(bifold));
    expect(wordingText(effectWords(sizeChanges(before, after))!, say)).toMatch(/^\d+\.\d mm wider$/);
    expect(moreCloth(before, after)).toBeGreaterThan(0);
    expect(moreCloth(before, before)).toBe(0);
  });
});

const piece = (width: number, height: number, count = 1, over: Partial<Piece> = {}): Piece =>
  ({ cut: rectangle(width, height), count, materials: ['felt'], ...over }) as Piece;

describe('cloth', () => {
  test('is counted as often as it is cut, and not where the ruler cuts', () => {
    expect(clothArea([piece(100, 50, 2), piece(10, 10), piece(900, 900, 1, { byRuler: true })])).toBeCloseTo(10_100, 6);
  });
  test('a roll gives at least its area, and the longest piece either way round', () => {
    // 2 × 100 × 50 on a roll of 1000: 10 mm by area, but the piece itself is 50 high
    expect(leastLength([piece(100, 50, 2)], 'felt', 1000)).toBe(50);
    expect(leastLength([piece(500, 400, 10)], 'felt', 1000)).toBe(2000);
    // too wide to lie across
    expect(leastLength([piece(1200, 50)], 'felt', 1000)).toBe(1200);
    expect(leastLength([piece(100, 50)], 'other', 1000)).toBe(0);
  });
});
