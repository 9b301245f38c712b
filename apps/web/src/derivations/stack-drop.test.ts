import { describe, expect, test } from '@jest/globals';
import { limits, newDesign, stacksOf, standardMaterials, type Layer } from '@zindle/core';
import { draggedOf, dropped, idOfLayer, idOfStack, idOfSwatch, targetOf } from './stack-drop.ts';

const stacks = stacksOf(newDesign({ id: 'a', name: 'A' }));
const materialOf = (id: string) => standardMaterials.find((each) => each.id === id);
const drop = (from: string, to: string, on = stacks) => dropped(on, draggedOf(from)!, targetOf(to)!, materialOf);
const names = (layers: readonly Layer[] | undefined) =>
  layers?.map(({ material, coverage }) => `${material} ${coverage}`);
const results = (result: ReturnType<typeof drop>) =>
  typeof result === 'string' ? result : Object.fromEntries(Object.entries(result).map(([role, l]) => [role, names(l)]));

describe('something is let go on the bench', () => {
  test('a swatch at the end of a stack, or before one of its layers', () => {
    expect(results(drop(idOfSwatch('fleece'), idOfStack('exterior')))).toEqual({
      exterior: ['canvas-10oz full', 'interfacing-woven trimmed', 'fleece trimmed'],
    });
    expect(results(drop(idOfSwatch('denim'), idOfLayer('exterior', 0)))).toEqual({
      exterior: ['denim full', 'canvas-10oz full', 'interfacing-woven trimmed'],
    });
  });
  test('a layer within its stack, up and down', () => {
    expect(results(drop(idOfLayer('exterior', 1), idOfLayer('exterior', 0)))).toEqual({
      exterior: ['interfacing-woven trimmed', 'canvas-10oz full'],
    });
    expect(results(drop(idOfLayer('exterior', 0), idOfStack('exterior')))).toEqual({
      exterior: ['interfacing-woven trimmed', 'canvas-10oz full'],
    });
    expect(results(drop(idOfLayer('exterior', 0), idOfLayer('exterior', 0)))).toEqual({});
  });
  test('a layer in another stack', () => {
    expect(results(drop(idOfLayer('exterior', 1), idOfLayer('lining', 0)))).toEqual({
      exterior: ['canvas-10oz full'],
      lining: ['interfacing-woven trimmed', 'cotton-lawn full'],
    });
  });
  test('a stack is never left empty, nor too high', () => {
    expect(results(drop(idOfLayer('lining', 0), idOfStack('pocket')))).toContain('One layer must stay');
    const high = { ...stacks, lining: Array<Layer>(limits.layers).fill(stacks.lining[0]!) };
    expect(results(drop(idOfSwatch('denim'), idOfStack('lining'), high))).toContain(`at most ${limits.layers}`);
    expect(results(drop(idOfSwatch('gone'), idOfStack('lining')))).toEqual({});
  });
});
