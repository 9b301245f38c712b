import { describe, expect, test } from '@jest/globals';
import { CARD, keepTrueSize, readTrueSize } from './true-size.ts';

const storage = () => {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
};

describe('the scale of a screen', () => {
  test('is kept for the device', () => {
    const here = storage();
    expect(readTrueSize(here)).toBeUndefined();
    keepTrueSize(here, 4.2);
    expect(readTrueSize(here)).toBe(4.2);
  });
  test.each(['', 'null', 'wide', '0', '-3', '1e9', 'NaN'])('%p is no scale', (kept) => {
    expect(readTrueSize({ getItem: () => kept })).toBeUndefined();
  });
  test('a forbidden storage is no reason to fail', () => {
    const forbidden = () => {
      throw new Error('no storage');
    };
    expect(readTrueSize({ getItem: forbidden })).toBeUndefined();
    expect(() => keepTrueSize({ setItem: forbidden }, 4)).not.toThrow();
  });
  test('the card is the published one (ISO/IEC 7810)', () =>
    expect(CARD).toMatchObject({ width: 85.6, height: 53.98 }));
});
