import type { SizedBody } from '../bodies/body-kind.ts';
import type { Fitting } from '../fit/fitting.ts';

/** The walls round the inside of a body that has such. */
export function insideOf({ faces }: Pick<SizedBody, 'faces'>): Pick<Fitting, 'inside'> {
  const box = faces.find((face) => face.seat === 'box' || face.seat === 'walled');
  return box && 'rings' in box ? { inside: box.rings } : {};
}
