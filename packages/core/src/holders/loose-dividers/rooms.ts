import { half } from '../../derived/constants.ts';
import { given, largest, minus, named, product, smallest, sum, times, type Derived } from '../../derived/derived.ts';
import type { Standing } from '../cavity/compartments.ts';

/** A room of the bag: half of its width beside the centre stitch of a divider, or the whole between the dividers. */
export interface DividedRoom {
  id: 'back-left' | 'back-right' | 'front-left' | 'front-right' | 'middle';
  things: Standing[];
  /** Everything side by side, mm. */
  across: Derived;
  thickness: Derived;
}

export interface LooseDividers {
  sides: ('back' | 'front')[];
  /** Their lower edge is stitched to the lining too. */
  fixed: boolean;
  rooms: DividedRoom[];
  /** From the mouth to the base, and what the dividers hang clear of it, mm. */
  depth: Derived;
  clear: Derived;
  divider: Derived;
}

/** Common practice: a divider that holds what leans on it is at least this share of its height. */
const HELD = given(
  'share of the tallest thing beside it',
  0.7,
  { kind: 'standard', path: 'divider/held', source: 'common practice' },
  'ratio',
);
const LEAST = given('least', 20, { kind: 'standard', path: 'divider/least', source: 'common practice' });

/** How a divider hangs between the mouth and the base: clear of the base, and as high as what leans on it asks.
 * @param depth from the mouth to the base, mm */
export function hang({ rooms, clear: wished }: LooseDividers, depth: Derived): { clear: Derived; height: Derived } {
  const room = sum('room above and below it', [depth, minus(LEAST)]);
  const clear = smallest('clear of the base', [wished, product('half of the room', [room, half])]);
  const tallest = largest(
    'the tallest',
    rooms.flatMap(({ things }) => things.map((thing) => thing.along)),
  );
  const most = sum('between base and mouth', [depth, times(-2, clear)]);
  const height = smallest('divider, high', [product('most of the tallest', [tallest, HELD]), most]);
  return { clear, height: named('divider, high', largest('divider, high', [LEAST, height])) };
}
