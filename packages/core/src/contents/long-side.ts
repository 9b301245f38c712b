import type { Item } from '../shelves/items/item.ts';

type Measured = Pick<Item, 'shape' | 'length' | 'width'>;

/** Round things keep to their axis: their length and their diameter are not exchanged, however short they are. */
const hasAxis = ({ shape }: Measured): boolean => shape === 'cylinder' || shape === 'disc' || shape === 'ball';

/** Which side of a thing is the longer one, seen from above. What the maker calls length stays its length, also where it is
 * the shorter side. */
export const longSide = (item: Measured): 'length' | 'width' =>
  !hasAxis(item) && item.width > item.length ? 'width' : 'length';

/** The other one. */
export const shortSide = (item: Measured): 'length' | 'width' => (longSide(item) === 'length' ? 'width' : 'length');
