import { describe, expect, test } from '@jest/globals';
import type { Coverage } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { standardMachines } from '../shelves/machines/machine.ts';
import type { Material } from '../shelves/materials/material.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { stackNotes } from './stack-notes.ts';
import { foundLayers, seamThickness, stackThickness } from './stack-thickness.ts';

const own: Material = {
  id: 'mine',
  name: 'Velveteen',
  thickness: 1,
  compressedRatio: 0.5,
  arealMass: 250,
  tint: '#553344',
  frays: true,
  use: 'shell',
  directional: true,
  onHand: 0,
};
const stack = (...layers: [string, Coverage?][]) =>
  foundLayers(
    layers.map(([material, coverage = 'full']) => ({ material, coverage })),
    [...standardMaterials, own],
  );
const codes = (layers: ReturnType<typeof stack>, machine = standardMachines[1]) =>
  stackNotes(layers, machine).map(({ code, layer }) => (layer === undefined ? code : `${code} ${layer}`));

describe('five layers on each other', () => {
  const five = stack(
    ['canvas-10oz'],
    ['interfacing-woven', 'trimmed'],
    ['fleece', 'trimmed'],
    ['cotton-lawn'],
    ['mine'],
  );
  test('as they lie and under the foot, each by its own share', () => {
    const { lies, underFoot } = stackThickness(five);
    expect(lies).toBeCloseTo(0.62 + 0.2 + 2.4 + 0.16 + 1, 9);
    expect(underFoot).toBeCloseTo(0.62 * 0.85 + 0.2 * 0.9 + 2.4 * 0.35 + 0.16 * 0.9 + 1 * 0.5, 9);
  });
  test('into a seam go those that reach it, twice', () => {
    expect(seamThickness(five).underFoot).toBeCloseTo(2 * (0.62 * 0.85 + 0.16 * 0.9 + 0.5), 9);
  });
});

describe('what to know before cutting', () => {
  test('film and mesh under the iron', () => {
    expect(codes(stack(['clear-film']))).toEqual(['stack.noIron 0']);
    expect(codes(stack(['clear-film'], ['fleece', 'trimmed']))).toEqual(['stack.irons 0']);
    expect(codes(stack(['mesh'], ['interfacing-woven', 'trimmed']))).toEqual(['stack.irons 0', 'stack.gives 0']);
    // cotton bears what fusing asks for
    expect(codes(stack(['cotton-lawn'], ['fleece', 'trimmed']))).toEqual([]);
  });
  test('an upper end, and none left', () => {
    expect(codes(stack(['mine']))).toEqual(['stack.oneWay 0', 'stack.noneLeft 0']);
  });
  test('padding that goes into the seams', () => {
    expect(codes(stack(['canvas-10oz'], ['fleece']))).toEqual(['stack.paddedSeam 1']);
    expect(codes(stack(['canvas-10oz'], ['fleece', 'corners']))).toEqual([]);
  });
  test('more than the machine sews, or slides under its foot', () => {
    const felt = stack(['felt-2'], ['felt-2'], ['felt-2']);
    // two seams of three felts: 2 x 6 x 0.7 = 8.4
    expect(codes(felt, standardMachines[2])).toEqual([]);
    expect(codes(felt, standardMachines[1])).toEqual(['stack.tooThick', 'stack.notUnderFoot']);
    const text = stackNotes(felt, standardMachines[1])[0]!.text;
    expect(wordingText(text, (value) => value.toFixed(1))).toContain('A plain seam of two is 8.4 under the foot');
    expect(codes(felt, standardMachines[0])).toContain('stack.tooThick');
  });
  test('a material that is gone', () => expect(codes(stack(['gone']))).toEqual(['stack.missing 0']));
});
