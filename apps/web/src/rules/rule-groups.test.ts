import { expect, test } from '@jest/globals';
import { houseRules } from '@zindle/core';
import { groups } from './rule-groups.ts';

test('every house rule stands in one group, and no group is empty', () => {
  const all = groups.flatMap(({ ids }) => ids);
  expect([...all].sort()).toEqual(Object.keys(houseRules).sort());
  expect(groups.every(({ ids }) => ids.length > 0)).toBe(true);
});
