import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../../document/design-document.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { withPocket } from '../../testing/any-standing.ts';
import { thing, trial } from '../../testing/trial.ts';

/** A kettle of a made-up size in a box of canvas and fleece; a knife in a pocket on the back of the outer pocket. */
function box(back: 'lining' | 'shell', thick = 12): DesignDocument {
  const standing = trial({
    body: 'organizer',
    params: { back },
    face: 'inside',
    kind: 'packed-room',
    item: thing(160, 130, 120, { rigid: true }),
    closure: 'zip-top',
  });
  const stacks: DesignDocument['stacks'] = {
    ...standing.stacks,
    exterior: [
      { material: 'canvas-10oz', coverage: 'full' },
      { material: 'fleece', coverage: 'corners' },
    ],
    lining: [{ material: 'cotton-lawn', coverage: 'full' }],
  };
  const pocket = { kind: 'slip-pocket', params: { visible: 0 }, long: 110, short: 40, thickness: thick, count: 1 };
  return withPocket({ ...standing, stacks }, 'front', pocket);
}
const solved = (back: 'lining' | 'shell', thick?: number) => solveDesign(box(back, thick));

describe('an outer pocket with a padded back of its own', () => {
  const [plain, padded] = [solved('lining'), solved('shell')];
  const stops = ({ findings }: typeof plain) => findings.filter(({ severity }) => severity === 'stop');

  test('is cut of the shell with its fleece, and one piece more', () => {
    const back = (solution: typeof plain) => solution.pieces.filter(({ id }) => id.startsWith('body/outer/back'));
    expect(back(plain).map(({ role }) => role)).toEqual(['lining']);
    expect(back(padded).map(({ role, materials }) => [role, ...materials])).toEqual([
      ['exterior', 'canvas-10oz'],
      ['exterior', 'fleece'],
    ]);
    expect(padded.pieces.length).toBe(plain.pieces.length + 1);
  });

  test('is thicker by what the shell is thicker than the lining, and all else as it was', () => {
    const { exterior, lining } = padded.stacks;
    // canvas 0.62 and fleece 2.40 against lawn of 0.16
    expect(exterior.value - lining.value).toBeCloseTo(2.86, 9);
    for (const size of ['closedThickness', 'emptyThickness'] as const)
      expect(padded[size].value - plain[size].value).toBeCloseTo(2.86, 9);
    const sizesOf = ({ body }: typeof plain) => Object.entries(body.sizes).map(([name, { value }]) => [name, value]);
    expect(sizesOf(padded)).toEqual(sizesOf(plain));
    expect([stops(plain), stops(padded)]).toEqual([[], []]);
  });

  test('a pocket on it goes round what is in it before the right side of the canvas', () => {
    const clear = (solution: typeof plain) => solution.holders.find(({ id }) => id === 'P')!.sizes.clearWidth!;
    // by hand: 40 + 12 + 3, and π/2 of the way to the middle of both walls: the front doubled, the canvas from its right side 0.31,
    // the lawn 0.08
    const front = padded.stacks.pocket.value * 1.5;
    const by = (reach: number) => Math.ceil((55 + (Math.PI / 2) * (front + reach)) / 0.5) * 0.5;
    expect(clear(padded).value).toBeCloseTo(by(0.31), 9);
    expect(clear(plain).value).toBeCloseTo(by(0.08), 9);
  });

  test('it is cut through where it lies, and the layers add up', () => {
    for (const { section, closedThickness } of [plain, padded]) {
      const top = Math.max(...section.layers.map(({ z1 }) => z1));
      expect(top).toBeCloseTo(closedThickness.value, 6);
    }
  });
});
