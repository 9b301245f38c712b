import { describe, expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import { zipperFor } from './zipper.ts';

const mm = (value: number) => given('given', value, { kind: 'input', path: 'given' });

describe('a zipper by the length', () => {
  // common practice: 20 mm of tape beyond each end of the opening
  const zipper = zipperFor('holders/A', mm(143.5), mm(20), { grid: '0.5mm' });

  test('is cut as long as its opening and the tape beyond both ends', () => {
    expect(zipper.piece.width.value).toBe(183.5);
    expect(zipper.hardware).toEqual([
      { id: 'zipper-3', count: 1, length: 183.5 },
      { id: 'slider-3', count: 1 },
    ]);
  });
  test('opens in the middle of its tape', () => {
    const [part] = zipper.tape('bottom').parts;
    expect(part).toMatchObject({ edge: 'bottom', from: 20, to: 163.5 });
  });
  test('what rounding adds lies beyond both ends alike', () => {
    const inches = zipperFor('holders/A', mm(100), mm(20), { grid: '1/8in' });
    const length = inches.piece.width.value;
    expect(length).toBeCloseTo(45 * 3.175, 9);
    expect(inches.tape('top').parts[0]).toMatchObject({ from: (length - 100) / 2, to: (length + 100) / 2 });
  });
});
