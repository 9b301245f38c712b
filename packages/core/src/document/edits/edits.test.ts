import { describe, expect, test } from '@jest/globals';
import { standardItems } from '../../shelves/items/standard-items.ts';
import type { ContentsLine, DesignDocument } from '../design-document.ts';
import { addContents, changeContents, changeItem, removeContents } from './contents.ts';
import { newDesign } from './new-design.ts';
import { rename, setClosure, setHolderParam, setRule, setStack } from './settings.ts';

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

describe('every edit', () => {
  const full = add(empty, 'c1', 'id1-card', 3);
  const edits = [
    addContents(line('c9', 'permit', 1), item('permit'), false, standardItems),
    changeContents('c1', { count: 5 }, standardItems),
    removeContents('c1', 'Card'),
    setRule('ease.card.across', 4),
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
    const set = setRule('ease.card.across', 4).apply(full);
    expect(set.rules).toEqual({ 'ease.card.across': 4 });
    expect(setRule('ease.card.across', undefined).apply(set).rules).toEqual({});
  });
});
