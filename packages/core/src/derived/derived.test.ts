import { describe, expect, test } from '@jest/globals';
import { given, isDerivedValue, largest, minus, product, rounded, roundedBelow, sum, times } from './derived.ts';
import { explain } from './explain.ts';
import { tabulate } from './tabulate.ts';

const card = given('card, across', 85.6, { kind: 'item', path: 'items/card/length', source: 'ISO/IEC 7810 ID-1' });
const ease = given('ease', 3, { kind: 'houseRule', path: 'rules/ease' });
const seam = given('seam allowance', 6, { kind: 'houseRule', path: 'rules/seam' });

describe('a derived number', () => {
  test('adds up what it is made of, and what is taken away', () => {
    expect(sum('cut', [card, times(2, seam), minus(ease)]).value).toBeCloseTo(94.6, 10);
  });
  test('multiplies, and keeps the unit of the length', () => {
    const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
    expect(product('half', [half, card])).toMatchObject({ value: 42.8, unit: 'mm' });
  });
  test('takes the largest demand', () => expect(largest('widest', [ease, card, seam]).value).toBe(85.6));
  test('is made here and nowhere else: a copy with another value is none', () => {
    expect(isDerivedValue(card)).toBe(true);
    expect(isDerivedValue({ ...card, value: 90 })).toBe(false);
    expect(isDerivedValue(JSON.parse(JSON.stringify(card)))).toBe(false);
    // @ts-expect-error -- the compiler refuses it too
    sum('cut', [{ ...card, label: 'other' }]);
  });
  test('remembers what rounding added', () => {
    expect(rounded(sum('slot', [card, ease]), '0.5mm', 'up')).toMatchObject({
      value: 89,
      rounding: { grid: '0.5mm', direction: 'up', residue: expect.closeTo(0.4, 9) },
    });
  });
});

describe('explain', () => {
  const slot = rounded(sum('slot', [card, times(2, seam), ease]), '0.5mm', 'up');
  const told = explain(slot);

  test('the lines and the rounding add up to the total', () => {
    const lines = told.lines.reduce((total, { value }) => total + value, 0);
    expect(lines + (told.rounding?.residue ?? 0)).toBeCloseTo(slot.value, 10);
    expect(told.how).toBe('sum');
  });
  test('each line says where it comes from', () => {
    expect(told.lines.map(({ label, note }) => [label, note])).toEqual([
      ['card, across', 'ISO/IEC 7810 ID-1'],
      ['seam allowance × 2', 'house rule'],
      ['ease', 'house rule'],
    ]);
  });
  test('what is taken off once is named once, more often with how often', () => {
    const left = explain(sum('left', [card, minus(seam), times(-2, ease), times(2, seam), seam]));
    expect(left.lines.map(({ label }) => label)).toEqual([
      'card, across',
      'seam allowance',
      'ease × 2',
      'seam allowance × 2',
      'seam allowance',
    ]);
  });
  test('what was rounded, and what was added up, say so', () => {
    const both = sum('both', [slot, sum('two cards', [times(2, card)])]);
    expect(explain(both).lines.map(({ label, note }) => [label, note])).toEqual([
      ['slot', 'rounded'],
      ['two cards', 'a sum'],
    ]);
  });
  test('of the largest, the lines are the demands', () => {
    const widest = explain(largest('widest', [card, ease]));
    expect(widest.how).toBe('largest');
    expect(widest.lines.map(({ value }) => value)).toEqual([85.6, 3]);
  });
});

describe('tabulate', () => {
  const inner = sum('inner', [card, ease]);
  const { tree, rows } = tabulate({ a: inner, list: [{ id: 'x', size: sum('outer', [inner, seam]) }], plain: 7 });

  test('puts a reference in place of every number, and leaves the rest', () => {
    expect(tree).toMatchObject({ a: { value: 88.6, why: 'a' }, list: [{ size: { why: 'list/x/size' } }], plain: 7 });
  });
  test('members with one id between them are told apart by their number', () => {
    const twice = tabulate([
      { id: 'x', size: sum('one', [card]) },
      { id: 'x', size: sum('two', [seam]) },
    ]);
    expect(twice.rows.map(({ id }) => id)).toEqual(expect.arrayContaining(['/1/size', '/2/size']));
  });
  test('every row is told once and names rows that exist', () => {
    const ids = rows.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const row of rows) for (const { from } of row.inputs) expect(ids).toContain(from);
    expect(ids).toHaveLength(5);
    // what stands nowhere else is told under what it goes into, counted from one
    expect(ids).toEqual(expect.arrayContaining(['a.1', 'a.2']));
  });
});

test('however little shall show above a depth, the grid leaves most of it', () => {
  const of = (label: string, value: number) => given(label, value, { kind: 'input', path: label });
  const deep = of('deep', 50.1);
  // on 1 mm a depth of 50.1 would hide 0.9
  expect(roundedBelow(deep, of('shows', 0.8), '1mm').value).toBe(50.5);
  expect(roundedBelow(deep, of('shows', 0), '1mm').value).toBe(51);
  expect(roundedBelow(deep, of('shows', 4), '1mm').value).toBe(51);
});
