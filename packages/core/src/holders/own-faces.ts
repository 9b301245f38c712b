import type { Derived } from '../derived/derived.ts';
import type { SeatPlace } from './seat.ts';

/** A face that a holder has itself, the right side of its pocket cloth, for others to be sewn onto. Nothing can be cut into it or hang behind it: things of its own lie
 * there. */
export interface HolderFace {
  id: string;
  /** Where what is sewn on lies, such as “on the front of pouch A”. */
  title(holder: string): string;
  /** What its board is called, such as “Front of pouch A”. */
  board(holder: string): string;
}

/** What is sewn onto such a face, measured. All mm. */
export interface SewnOn {
  /** Least finished size. */
  width: Derived;
  height: Derived;
  /** Cloth and things where they are thickest, and the cloth alone. */
  loaded: Derived;
  empty: Derived;
}

/** What is sewn onto the faces of a holder that has some, by their ids. */
export type SewnOnFaces = Readonly<Record<string, SewnOn>>;

/** Such a face where its holder is placed: room on its piece, and the fate of an edge that lies on the edge of that. mm */
export interface PlacedFace extends Omit<SeatPlace, 'face' | 'alone'> {
  id: string;
  /** The size of the holder from the lower edge of the room to its own mouth. */
  high: string;
}
