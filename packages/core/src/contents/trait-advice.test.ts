import { expect, test } from '@jest/globals';
import { newDesign } from '../document/edits/new-design.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { traitAdvice } from './trait-advice.ts';

const thing = (traits: Partial<Item>): Item => ({
  id: 'x',
  name: 'X',
  shape: 'box',
  length: 9,
  width: 9,
  thickness: 9,
  source: 'yours',
  ...traits,
});
const plain = newDesign({ id: 'a', name: 'A' });
const met = (traits: Partial<Item>, design = plain, magnets = false) =>
  traitAdvice(thing(traits), design, { materials: standardMaterials, magnets }).map((each) => each.met);

test('nothing is asked of a plain thing', () => expect(met({ rigid: true })).toEqual([]));
test('what breaks asks for padding, wherever it lies', () => {
  expect(met({ fragile: true })).toEqual([false]);
  const layers = [...plain.stacks.pocket, { material: 'fleece', coverage: 'trimmed' as const }];
  expect(met({ fragile: true }, { ...plain, stacks: { ...plain.stacks, pocket: layers } })).toEqual([true]);
});
test('what is wet asks for a lining that can be washed', () => {
  const felt = [{ material: 'felt-1', coverage: 'full' as const }];
  expect(met({ wet: true })).toEqual([true]);
  expect(met({ wet: true }, { ...plain, stacks: { ...plain.stacks, lining: felt } })).toEqual([false]);
});
test('magnets stay away from what they spoil', () => {
  expect(met({ magnetSensitive: true })).toEqual([true]);
  expect(met({ magnetSensitive: true }, plain, true)).toEqual([false]);
});
test('what is valuable asks for something that closes; points and small parts are told', () => {
  expect(met({ valuable: true })).toEqual([false]);
  expect(met({ valuable: true }, { ...plain, closure: { kind: 'tie', params: {} } })).toEqual([true]);
  expect(met({ sharp: true, smallPart: true })).toEqual([undefined, undefined]);
});
