import { describe, expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import { wordingText } from '../../errors/wording.ts';
import type { Slab } from '../../holders/slab.ts';
import { standsOff, stiffInside } from './stiff.ts';

const slab = (wide: number, more: Partial<Slab> = {}): Slab => ({
  of: { line: 'c1' },
  label: 'Ruler',
  x0: 0,
  x1: wide,
  y0: 0,
  y1: 150,
  thickness: given('thick', 1, { kind: 'item', path: 'items/ruler/thickness' }),
  rigid: true,
  ...more,
});
/** Round a rod of 20 in walls of 1: 22 across. */
const round = (others: Slab[]) => ({
  perimeter: Math.PI * 22,
  others,
  sections: others.map(({ x0, x1, thickness }) => ({ length: x1 - x0, thickness: thickness.value + 2 })),
});

// by hand: hypot(11, 20) - 11 = 11.825; a chord that stands off 3 is 2 * sqrt(14^2 - 11^2) = 17.32 wide
describe('a stiff thing in a roll', () => {
  test('stands off by the height of its ends over the circle that its middle touches', () => {
    expect(standsOff(40, 11)).toBeCloseTo(11.825, 3);
    expect(standsOff(2 * Math.sqrt(14 ** 2 - 11 ** 2), 11)).toBeCloseTo(3, 12);
  });
  test('wound round a rod of 20 stops from 17.32 on, not below', () => {
    expect(stiffInside(round([slab(17.3)]), 3)).toEqual([]);
    const [stop] = stiffInside(round([slab(17.4)]), 3);
    expect(stop).toMatchObject({
      code: 'roll.stiffInside',
      severity: 'stop',
      about: ['body', 'contents/c1'],
      limit: 3,
    });
    expect(wordingText(stop!.text, (mm) => `${mm.toFixed(1)} mm`)).toMatch(
      /^Ruler is stiff and 17.4 mm wide, and lies in place 2 of the roll, where it is 22.0 mm across: .* Put it first/,
    );
  });
  test('lies flatter the further out it is: what is wound before it widens the circle', () => {
    // 300 of a strip 3 thick: 22 across becomes sqrt(22^2 + 4 * 900 / pi) = 40.35, and the chord 2 * sqrt(23.18^2 - 20.18^2) = 22.8
    const before = slab(300, {
      rigid: false,
      thickness: given('thick', 1, { kind: 'item', path: 'items/x/thickness' }),
    });
    expect(stiffInside(round([before, slab(22.7)]), 3)).toEqual([]);
    expect(stiffInside(round([before, slab(22.9)]), 3)).toHaveLength(1);
  });
  test('is no matter if it is round, or may be bent', () => {
    expect(stiffInside(round([slab(30, { round: true })]), 3)).toEqual([]);
    expect(stiffInside(round([slab(30, { rigid: false })]), 3)).toEqual([]);
  });
});
