import { cross, less, plus, scaled, type Vector } from './vector.ts';

/** Area of a flat ring, along its normal: counter-clockwise seen from its tip. mm² */
export function ringArea(ring: readonly Vector[]): Vector {
  const first = ring[0]!;
  const twice = ring
    .slice(1, -1)
    .reduce((sum, corner, index) => plus(sum, cross(less(corner, first), less(ring[index + 2]!, first))), [
      0, 0, 0,
    ] as Vector);
  return scaled(twice, 0.5);
}
