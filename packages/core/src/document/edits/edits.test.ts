import { describe, expect, test } from '@jest/globals';
import { standardItems } from '../../shelves/items/standard-items.ts';
import type { ContentsLine, DesignDocument } from '../design-document.ts';
import {
  addAll,
  addContents,
  changeContents,
  changeItem,
  duplicateContents,
  removeAll,
  removeContents,
  shareHolder,
} from './contents.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { newDesign } from './new-design.ts';
import { rename, setClosure, setHolderParam, setRule, setStack } from './settings.ts';
import { easeCardAcross } from '../../holders/card-tiers/rules.ts';

const item = (id: string) => standardItems.find((each) => each.id === id)!;
const line = (id: string, of: string, count: number, perHolder = 1): ContentsLine => ({
  id,
  item: of,
  count,
  perHolder,
  orientation: 'lying',
});
const empty = newDesign({ id: 'trial', name: 'Trial' });
const add = (document: DesignDocument, id: string, of: string, count: number, perHolder = 1) =>
  addContents(line(id, of, count, perHolder), item(of), false, standardItems).apply(document);
const placed = ({ holders }: DesignDocument) =>
  Object.fromEntries(
    holders.map(({ id, kind, contents }) => [id, [kind, ...contents.map(({ line: l, count }) => `${count} ${l}`)]]),
  );

describe('placing things', () => {
  const three = add(add(add(empty, 'c1', 'id1-card', 3), 'c2', 'bus-card', 2, 2), 'c3', 'note-50', 4, 4);

  test('cards are shared out over the leaves, notes go behind them', () => {
    expect(placed(three)).toEqual({
      A: ['card-tiers', '2 c1'],
      B: ['card-tiers', '1 c1', '2 c2'],
      C: ['note-compartment', '4 c3'],
    });
    expect(Object.keys(three.faces).sort()).toEqual(['inside', 'left', 'right']);
  });
  test('a thing that suits no holder waits without a home', () => {
    const lens = add(three, 'c4', 'hand-lens', 1);
    expect(lens.contents).toHaveLength(4);
    expect(placed(lens)).toEqual(placed(three));
  });
  test('more of a thing are placed, fewer are taken out', () => {
    const more = changeContents('c1', { count: 6 }, standardItems).apply(three);
    const held = more.holders.flatMap(({ contents }) => contents).filter(({ line: l }) => l === 'c1');
    expect(held.reduce((total, { count }) => total + count, 0)).toBe(6);
    const none = removeContents('c3', 'notes').apply(more);
    expect(Object.keys(none.faces).sort()).toEqual(['left', 'right']);
    expect(none.holders.map(({ id }) => id)).not.toContain('C');
  });
  test('measuring a thing of the shelf makes it the design’s own', () => {
    const measured = changeItem(three.contents[0]!, { ...item('id1-card'), thickness: 1.1 }, 'own-c1').apply(three);
    expect(measured.ownItems).toMatchObject([{ id: 'own-c1', thickness: 1.1, source: 'yours' }]);
    expect(measured.contents[0]!.item).toBe('own-c1');
    expect(removeContents('c1', 'card').apply(measured).ownItems).toEqual([]);
  });
});

describe('several things at once', () => {
  const sleeve = newDesign({ id: 'trial', name: 'Trial', body: 'foldover' });
  const base = add(add(add(sleeve, 'c1', 'id1-card', 1), 'c2', 'bus-card', 1), 'c3', 'permit', 1);

  test('those that share lie in one holder, whatever leaf it is on', () => {
    expect(placed(base)).toEqual({ A: ['card-tiers', '1 c1', '1 c3'], B: ['card-tiers', '1 c2'] });
    const shared = shareHolder(['c1', 'c2'], standardItems).apply(base);
    const together = shared.holders.find(({ contents }) => contents.some(({ line: l }) => l === 'c1'))!;
    expect(together.contents.map(({ line: l }) => l)).toContain('c2');
    expect(new Set(shared.contents.map(({ group }) => group))).toEqual(new Set(['g1', undefined]));
    // a second pair gets a group of its own; leaving a group takes the mark away
    expect(shareHolder(['c3'], standardItems).apply(shared).contents[2]!.group).toBe('g2');
    const alone = changeContents('c2', { group: undefined }, standardItems).apply(shared);
    expect('group' in alone.contents[1]!).toBe(false);
  });
  test('what is reached for often stands first', () => {
    const four = add(base, 'c4', 'id2-card', 1);
    const eager = changeContents(['c3', 'c4'], { reach: 'often' }, standardItems).apply(four);
    for (const { contents } of eager.holders) {
      const ranks = contents.map(({ line: l }) =>
        eager.contents.find(({ id }) => id === l)!.reach === 'often' ? 0 : 1,
      );
      expect(ranks).toEqual([...ranks].sort());
    }
    const seldom = changeContents('c1', { reach: 'seldom' }, standardItems).apply(eager);
    const home = seldom.holders.find(({ contents }) => contents.some(({ line: l }) => l === 'c1'))!;
    expect(home.contents.at(-1)!.line).toBe('c1');
  });
  test('a duplicate has its own measures, and a home', () => {
    const measured = changeItem(base.contents[0]!, { ...item('id1-card'), thickness: 1.1 }, 'own-c1').apply(base);
    const twice = duplicateContents(['c1', 'c3'], standardItems).apply(measured);
    expect(twice.contents.map(({ id, item: of }) => [id, of]).slice(3)).toEqual([
      ['c4', 'own-c4'],
      ['c5', 'permit'],
    ]);
    expect(twice.ownItems.map(({ id, thickness }) => [id, thickness])).toEqual([
      ['own-c1', 1.1],
      ['own-c4', 1.1],
    ]);
    expect(
      Object.values(placed(twice))
        .flat()
        .filter((each) => / c[45]$/.test(each)),
    ).toHaveLength(2);
  });
  test('read from a file they are one step, and taken out they are one', () => {
    const lines = [
      { line: line('c1', 'permit', 1), item: item('permit'), isNew: false },
      { line: line('c2', 'own-1', 2), item: { ...item('permit'), id: 'own-1' }, isNew: true },
    ];
    const both = addAll(lines, standardItems).apply(empty);
    expect(both.ownItems.map(({ id }) => id)).toEqual(['own-1']);
    expect(both.contents).toHaveLength(2);
    expect(removeAll(['c1', 'c2']).apply(both)).toEqual(empty);
  });
});

describe('how much should show', () => {
  const depths = (design: DesignDocument) => solveDesign(design).holders[0]!.sizes;
  test('a thing’s wish goes before the house rule, and the holder’s own before the wish', () => {
    const pocket = add(newDesign({ id: 'a', name: 'A', body: 'sleeve' }), 'c1', 'caliper', 1);
    const wished = changeContents('c1', { visible: 25 }, standardItems).apply(pocket);
    const usual = depths(pocket).depth!.value;
    expect(usual - depths(wished).depth!.value).toBe(25);
    const set = setHolderParam(wished.holders[0]!.id, 'Stands out', 'visible', 10).apply(wished);
    expect(usual - depths(set).depth!.value).toBe(10);
    const back = changeContents('c1', { visible: undefined }, standardItems).apply(wished);
    expect(depths(back).depth!.value).toBe(usual);
  });
  test('in tiers each card shows as it is asked', () => {
    const [before, after] = [base(), changeContents('c1', { visible: 20 }, standardItems).apply(base())];
    const rise = (design: DesignDocument) => solveDesign(design).holders[0]!.sizes;
    expect(rise(after)).not.toEqual(rise(before));
  });
  const base = () => add(empty, 'c1', 'id1-card', 1);
});

describe('every edit', () => {
  const full = add(empty, 'c1', 'id1-card', 3);
  const edits = [
    addContents(line('c9', 'permit', 1), item('permit'), false, standardItems),
    changeContents('c1', { count: 5 }, standardItems),
    removeContents('c1', 'Card'),
    setRule(easeCardAcross, 4),
    setHolderParam('A', 'Reveal', 'reveal', 15),
    setClosure('tab-snap', 'Tab with a snap'),
    setStack('lining', [{ material: 'linen', coverage: 'full' }]),
    rename('Other'),
  ];
  test.each(edits.map((edit) => [edit.name, edit] as const))(
    '“%s” has a name and leaves the document it is given',
    (name, edit) => {
      const before = JSON.stringify(full);
      expect(edit.apply(full)).not.toEqual(full);
      expect(JSON.stringify(full)).toBe(before);
      expect(name.length).toBeGreaterThan(4);
    },
  );
  test('setting nothing goes back to the standard', () => {
    const set = setRule(easeCardAcross, 4).apply(full);
    expect(set.rules).toEqual({ 'ease.card.across': 4 });
    expect(setRule(easeCardAcross, undefined).apply(set).rules).toEqual({});
  });
});
