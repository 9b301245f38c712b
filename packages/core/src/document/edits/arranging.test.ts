import { describe, expect, test } from '@jest/globals';
import type { Item } from '../../shelves/items/item.ts';
import { standardShelves } from '../../shelves/shelves.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { thing as oneThing } from '../../testing/trial.ts';
import type { ContentsLine, DesignDocument, Reach } from '../design-document.ts';
import { changeForm, chooseVariant } from './form.ts';
import { newDesign } from './new-design.ts';
import { placeForMe } from './place.ts';

const thing = (id: string, [length, width, thickness]: [number, number, number], more: Partial<Item> = {}): Item =>
  oneThing(length, width, thickness, { id, name: id, ...more });
const { items } = standardShelves;
/** A new design of a family with things of the maker's own, placed by rules. */
function placed(body: string, ownItems: Item[], more: Partial<ContentsLine>[] = []): DesignDocument {
  const contents = ownItems.map(({ id }, index): ContentsLine => ({
    id: `c${index + 1}`,
    item: id,
    count: 1,
    perHolder: 1,
    orientation: 'upright',
    ...more[index],
  }));
  const design = { ...newDesign({ id: 'any', name: 'Any', body }), ownItems, contents };
  return placeForMe(design, items);
}
const linesOf = ({ holders }: DesignDocument) => holders.map(({ contents }) => contents.map(({ line }) => line));
const stops = (design: DesignDocument) =>
  solveDesign(design).findings.flatMap(({ severity, code }) => (severity === 'stop' ? [code] : []));

describe('a first arrangement is a sensible one', () => {
  const rod = thing('rod', [170, 9, 9], { shape: 'cylinder', rigid: true });
  const brush = thing('brush', [180, 12, 6]);
  const ruler = thing('ruler', [160, 32, 1.2], { rigid: true });
  const board = thing('board', [150, 60, 4], { rigid: true });

  test('in a roll what is stiff and flat comes first, the widest before all, however often it is reached for', () => {
    const often: { reach: Reach }[] = [{ reach: 'often' }, { reach: 'sometimes' }, { reach: 'seldom' }];
    const roll = placed('roll', [rod, brush, board], often);
    expect(linesOf(roll)).toEqual([['c3', 'c1', 'c2']]);
    expect(stops(roll)).toEqual([]);
    // a second stiff one has nowhere to lie flat, and is told
    const both = placed('roll', [rod, ruler, brush, board], often);
    expect(linesOf(both)).toEqual([['c4', 'c2', 'c1', 'c3']]);
    expect(stops(both)).toEqual(['roll.stiffInside']);
  });
  test('a roll ties, new or made from something that lies open; a wallet does not', () => {
    expect(newDesign({ id: 'a', name: 'A', body: 'roll' }).closure.kind).toBe('tie');
    expect(newDesign({ id: 'a', name: 'A' }).closure.kind).toBe('none');
    const sleeve = placed('sleeve', [rod, brush]);
    expect(changeForm(sleeve, { kind: 'roll' }, items).edit.apply(sleeve).closure.kind).toBe('tie');
    // one that the maker took the tie from stays as she has it
    const open = { ...placed('roll', [rod]), closure: { kind: 'none', params: {} } };
    expect(changeForm(open, { kind: 'roll', params: { flap: 'flap' } }, items).edit.apply(open).closure.kind).toBe(
      'none',
    );
  });
  test('what is thick does not go on the leaf of a wallet without being asked', () => {
    const thick = thing('charger', [65, 65, 28]);
    expect(linesOf(placed('foldover', [thick]))).toEqual([]);
    expect(linesOf(placed('foldover', [{ ...thick, thickness: 9 }]))).toEqual([['c1']]);
    // pressed flat it is thin
    expect(linesOf(placed('foldover', [{ ...thick, thickness: 12 }]))).toEqual([]);
    expect(linesOf(placed('foldover', [{ ...thick, thickness: 12, compressible: 0.3 }]))).toEqual([['c1']]);
  });
  test('on a flat panel unlike things get a pocket each beside each other, three at most; cards share their tiers', () => {
    const books = [1, 2, 3, 4].map((n) => thing(`book-${n}`, [150, 100, 8]));
    const panel = placed('panel', books);
    expect(linesOf(panel)).toEqual([['c1', 'c4'], ['c2'], ['c3']]);
    expect(panel.faces).toEqual({
      panel: { kind: 'row', gap: 6, share: 'keep', children: ['A', 'B', 'C'].map((id) => ({ kind: 'holder', id })) },
    });
    const cards = [1, 2, 3].map((n) => thing(`card-${n}`, [86, 54, 0.8], { shape: 'card' }));
    expect(linesOf(placed('panel', cards))).toEqual([['c1', 'c2', 'c3']]);
  });
  test('notes go into the note compartment, a single one and a wad', () => {
    const note = thing('note', [140, 77, 0.11], { shape: 'card' });
    const kindsOf = (design: DesignDocument) => design.holders.map(({ kind }) => kind);
    expect(kindsOf(placed('foldover', [note]))).toEqual(['note-compartment']);
    expect(kindsOf(placed('foldover', [{ ...note, thickness: 4 }]))).toEqual(['note-compartment']);
  });
  test('five kinds of papers get five compartments, groups one each, and more of them are spread anew', () => {
    const papers = [1, 2, 3, 4, 5].map((n) => thing(`paper-${n}`, [200, 90, 3], { shape: 'card' }));
    const sleeve = placed('sleeve', papers);
    const file = changeForm(sleeve, { kind: 'accordion' }, items).edit.apply(sleeve);
    expect(file.body.params.compartments).toBe('5');
    expect(linesOf(file)).toEqual([['c1'], ['c2'], ['c3'], ['c4'], ['c5']]);
    const grouped = { ...sleeve, contents: sleeve.contents.map((line, n) => ({ ...line, group: n < 3 ? 'a' : 'b' })) };
    const two = changeForm(grouped, { kind: 'accordion' }, items).edit.apply(grouped);
    expect(two.body.params.compartments).toBe('2');
    expect(linesOf(two)).toEqual([
      ['c1', 'c2', 'c3'],
      ['c4', 'c5'],
    ]);
    // three compartments for five papers, then five
    const three = changeForm(sleeve, { kind: 'accordion', params: { compartments: '3' } }, items).edit.apply(sleeve);
    expect(linesOf(three).map((lines) => lines.length)).toEqual([2, 2, 1]);
    const spread = chooseVariant('Compartments', 'compartments', '5', items).apply(three);
    expect(linesOf(spread).map((lines) => lines.length)).toEqual([1, 1, 1, 1, 1]);
    expect(stops(spread)).toEqual([]);
  });
});
