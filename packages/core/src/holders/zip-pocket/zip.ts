import type { Walls } from '../../sizing/tube-width.ts';
import { given, type Derived } from '../../derived/derived.ts';
import type { PocketLoad } from '../face-pocket/pocket.ts';
import { linesOf, onePile, type Room } from '../../pieces/room.ts';
import type { HolderInputs } from '../holder-kind.ts';
import { pocketEase } from '../face-pocket/patch.ts';
import type { Gauge } from './zipper.ts';

export type ZipStyle = 'window' | 'applied' | 'flap';
/** Cloth of the front of a patch. */
export type ZipFront = 'pocket' | 'mesh';

/** A pocket that a zipper closes, or whose window stays open. All mm. */
export interface ZipPocket {
  /** Default closed by a zipper; a window alone is faced and stays open. */
  open?: boolean;
  style: ZipStyle;
  gauge: Gauge;
  front: ZipFront;
  load: PocketLoad;
  /** Length of the opening. */
  opening: Derived;
  /** Height of the window; of an applied one, what shows of the zipper. */
  window: Derived;
  /** From the top of the pocket to the window. */
  drop: Derived;
  /** Zipper beyond the opening at each end. */
  beyond: Derived;
  /** Of both walls, to their outermost layers. */
  reach: Walls;
  bite: Derived;
}

/** Cloth between the zipper of an applied pocket and its top edge. */
export const STRIP = given('strip above the zipper', 12, {
  kind: 'standard',
  path: 'zip/strip',
  source: 'common practice',
});

/** Where the zipper begins, mm above the bottom of the pocket. */
export const zipperAt = ({ style, drop, window }: ZipPocket, height: number): number =>
  style === 'window' ? height - drop.value - window.value : height - STRIP.value - window.value;

/** The room behind the zipper, but for its walls.
 * @param own path of the holder */
export const zippedRoom = (own: string, { load, open }: ZipPocket, inputs: HolderInputs): Omit<Room, 'rings'> => ({
  id: `${own}/1`,
  holds: linesOf(load.sheaves),
  stands: onePile(load.sheaves),
  shut: true,
  opening: open
    ? { piece: `${own}/bag`, seam: `${own}#window-bottom`, side: 'a' }
    : { piece: `${own}/zipper`, seam: `${own}#zipper-bottom`, side: 'a' },
  ease: pocketEase(inputs),
});
