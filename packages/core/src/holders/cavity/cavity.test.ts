import { describe, expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import { hullPerimeter } from '../../geometry/perimeter.ts';
import { circle } from '../../testing/measures.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { rulesFor } from '../../shelves/rules/rules-for.ts';
import type { HeldContents, HolderInputs } from '../holder-kind.ts';
import { halfGirthOf, standing } from './compartments.ts';
import { measureCavity } from './measure.ts';

const cloth = (value: number) => given('cloth', value, { kind: 'material', path: 'materials/trial/thickness' });
const inputs: HolderInputs = {
  id: 'A',
  rules: rulesFor({}, {}),
  stacks: { exterior: cloth(0.6), lining: cloth(0.4), pocket: cloth(0.3), mesh: cloth(0.5), base: cloth(2) },
  reach: {
    exterior: cloth(0.3),
    lining: cloth(0.2),
    pocket: cloth(0.15),
    mesh: cloth(0.25),
    base: cloth(1.0),
    outside: cloth(0.3),
    onPocket: cloth(0.15),
    meshStretch: cloth(0),
  },
  grid: '0.5mm',
  pin: (_, size) => size,
};
const held = (id: string, count: number, orientation: 'lying' | 'upright' = 'upright'): HeldContents => {
  const item = standardItems.find((each) => each.id === id)!;
  return { line: { id: `line-${id}`, item: id, count, perHolder: 1, orientation }, item, name: item.name, count };
};

describe('the girth of things side by side', () => {
  test('of two flasks is the hull of two circles', () => {
    const points = [...circle(37, 37, 37), ...circle(111, 37, 37)];
    expect(halfGirthOf(standing(held('flask', 2))).value).toBeCloseTo(hullPerimeter(points) / 2, 2);
  });
  test('of a caliper and a vial is the hull of a box and a circle', () => {
    const points = [...circle(78 + 8, 8, 8), [0, 0], [78, 0], [78, 16], [0, 16]] as [number, number][];
    const both = [...standing(held('caliper', 1)), ...standing(held('vial', 1))];
    expect(halfGirthOf(both).value).toBeCloseTo(hullPerimeter(points) / 2, 2);
  });
  test('a round thing put in lying goes in with its length across', () => {
    expect(standing(held('vial', 1, 'lying'))[0]).toMatchObject({
      round: false,
      across: { value: 95 },
      along: { value: 16 },
    });
  });
});

describe('a cavity', () => {
  test('one room holds all, stitched apart each has its own', () => {
    const open = measureCavity({}, [held('flask', 2)], inputs);
    const apart = measureCavity({ divide: 'stitched' }, [held('flask', 2)], inputs);
    expect(Object.keys(open.sizes)).toEqual(['room1', 'depth']);
    expect(Object.keys(apart.sizes)).toEqual(['room1', 'room2', 'depth']);
    expect(apart.width.value).toBeGreaterThan(open.width.value);
  });
  test('a thing that stands out is held for more than half of its length', () => {
    const peeking = measureCavity({ visible: 290 }, [held('flask', 1)], inputs);
    expect(peeking.height.value).toBeCloseTo(0.55 * 268 + 5, 9);
    expect(measureCavity({ visible: 40 }, [held('flask', 1)], inputs).height.value).toBeCloseTo(268 - 40 + 5, 9);
  });
});
