import { expect, test } from '@jest/globals';
import { builtInKinds, houseRulesOf } from '@zindle/core';
import { groupsOf } from './rule-groups.ts';

test('every house rule stands in one group, and no group is empty', () => {
  const table = houseRulesOf(builtInKinds);
  const groups = groupsOf(table);
  const all = groups.flatMap(({ rules }) => rules.map(({ id }) => id));
  expect([...all].sort()).toEqual(Object.keys(table).sort());
  expect(groups.every(({ rules }) => rules.length > 0)).toBe(true);
});

test('the rule of a family that came from outside stands with the others of its group', () => {
  const own = { kind: 'length', id: 'own.rule', group: 'ease', title: 'Own', standard: 1, least: 0, most: 2, why: '' };
  const [ease, ...others] = groupsOf({ ...houseRulesOf(builtInKinds), 'own.rule': own as never });
  expect(ease!.rules.at(-1)!.id).toBe('own.rule');
  expect(others.flatMap(({ rules }) => rules.map(({ id }) => id))).not.toContain('own.rule');
});
