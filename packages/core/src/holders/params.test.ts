import { describe, expect, test } from '@jest/globals';
import { standardItems } from '../shelves/items/standard-items.ts';
import { rulesFor } from '../shelves/rules/rules-for.ts';
import { pocketVisible } from './face-pocket/rules.ts';
import type { HeldContents } from './holder-kind.ts';
import { lengthParam, visibleParam } from './params.ts';

const item = standardItems.find(({ id }) => id === 'id1-card')!;
const wanting = (id: string, visible?: number): HeldContents => ({
  line: {
    id,
    item: item.id,
    count: 1,
    perHolder: 1,
    orientation: 'upright',
    ...(visible !== undefined && { visible }),
  },
  item,
  name: item.name,
  count: 1,
});
const spec = { kind: 'length', title: 'Shows', rule: pocketVisible, most: 40 } as const;
const rules = rulesFor({}, { 'pocket.visible': 5 });
const shows = (params: Record<string, number>, ...contents: HeldContents[]) =>
  visibleParam(params, contents, spec, rules, 'holders/A');

describe('how far things stand out', () => {
  test('is the most that one of them is wanted to show', () => {
    expect(shows({}, wanting('c1', 12), wanting('c2', 20), wanting('c3')).value).toBe(20);
    expect(shows({}, wanting('c1', 20), wanting('c2', 12)).value).toBe(20);
  });
  test('of one that is wanted to, what it is', () => {
    const one = shows({}, wanting('c1', 12), wanting('c2'));
    expect(one).toMatchObject({ value: 12, origin: { kind: 'document', path: 'contents/c1/visible' } });
  });
  test('as the house rule says if nothing is wanted, and as the holder is set whatever is', () => {
    expect(shows({}, wanting('c1')).value).toBe(5);
    expect(shows({ visible: 30 }, wanting('c1', 12))).toMatchObject({
      value: 30,
      origin: { path: 'holders/A/params/visible' },
    });
  });
});

describe('a length that is set', () => {
  const set = (visible: number) => lengthParam({ visible }, 'visible', spec, rules, 'holders/A').value;
  test('counts up to both ends of its range, and not beyond', () => {
    expect([0, 40, 40.1, -0.1].map(set)).toEqual([0, 40, 5, 5]);
  });
});
