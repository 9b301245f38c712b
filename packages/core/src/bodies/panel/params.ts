import type { Derived } from '../../derived/derived.ts';
import type { Rounding } from '../rounding.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';

/** The face that pockets are sewn onto, beneath what goes over the upper edge. */
export const INNER = 'panel';
export const OUTER = 'outside';

/** Driving sizes of one panel that stays flat. All mm, on the grid. */
export interface Panel extends Rounding {
  width: Derived;
  height: Derived;
  /** A flap that can hold things lies over it. */
  flap: boolean;
}
