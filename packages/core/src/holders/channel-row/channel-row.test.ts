import { describe, expect, test } from '@jest/globals';
import { solveDesign } from '../../solve/solve-design.ts';
import { thing, trial } from '../../testing/trial.ts';
import type { ItemShape } from '../../shelves/items/item.ts';
import { channelRow } from './channel-row.ts';

describe('what is wound first into a roll', () => {
  const first = (shape: ItemShape, rigid: boolean) => channelRow.first!(thing(120, 80, 3, { shape, rigid }));
  test.each(['card', 'box', 'book'] as const)('a stiff %s, by how much wider it is than thick', (shape) =>
    expect([first(shape, true), first(shape, false)]).toEqual([77, 0]),
  );
  test.each(['cylinder', 'disc', 'soft'] as const)('not a %s', (shape) => expect(first(shape, true)).toBe(0));
});

describe('how deep the pocket of a roll is', () => {
  const told = (pocketDepth?: number) =>
    solveDesign({
      ...trial({
        body: 'roll',
        face: 'inside',
        kind: 'channel-row',
        item: thing(150, 10, 10, { shape: 'cylinder' }),
        count: 1,
      }),
      ...(pocketDepth !== undefined && { pins: { 'holders/A/pocketDepth': pocketDepth } }),
    }).findings.flatMap(({ code }) => (code.startsWith('channel.') ? [code] : []));
  test('more than half of each thing is held', () => {
    expect(told()).toEqual([]);
    // 55 % of 150 (common practice)
    expect(told(83)).toEqual([]);
    expect(told(81)).toEqual(['channel.tipsOut']);
  });
  test('what shows less than 3 of itself sinks', () => {
    expect(told(146)).toEqual([]);
    expect(told(148)).toEqual(['channel.sinks']);
  });
});
