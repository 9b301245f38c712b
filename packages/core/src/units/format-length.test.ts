import { describe, expect, test } from '@jest/globals';
import { formatLength } from './format-length.ts';

describe('formatLength', () => {
  test.each([
    [95.25, 'in', '3 3/4'],
    [25.4, 'in', '1'],
    [0, 'in', '0'],
    [3.175, 'in', '1/8'],
    [-3.175, 'in', '-1/8'],
    [92, 'mm', '92.0'],
    [92, 'cm', '9.20'],
    [-0.001, 'mm', '0.0'],
  ] as const)('%d mm in %s is %s', (mm, unit, text) => expect(formatLength(mm, { unit })).toBe(text));

  test('a fraction that is not exact says so', () => expect(formatLength(92, { unit: 'in' })).toBe('~3 5/8'));
  test('no decimal inch is ever shown', () => expect(formatLength(3.175000001, { unit: 'in' })).toBe('1/8'));
  test('with its unit', () => expect(formatLength(92, { unit: 'mm', withUnit: true })).toBe('92.0 mm'));
});
