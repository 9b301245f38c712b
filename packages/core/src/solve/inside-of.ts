import type { SizedBody } from '../bodies/body-kind.ts';
import type { Fitting } from '../fit/fitting.ts';

/** The walls round the inside of a body that has such. */
export function insideOf({ faces }: Pick<SizedBody, 'faces'>): Pick<Fitting, 'inside'> {
  const box = faces.find((face) => face.seat === 'box' || face.seat === 'walled');
  if (box && 'rings' in box) return { inside: box.rings };
  // all compartments part the same one
  const parted = faces.find((face) => face.seat === 'file');
  return parted && 'bag' in parted && parted.bag ? { inside: parted.bag } : {};
}
