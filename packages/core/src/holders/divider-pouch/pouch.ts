import type { Walls } from '../../sizing/tube-width.ts';
import type { Derived } from '../../derived/derived.ts';
import type { PocketLoad } from '../face-pocket/pocket.ts';

/** A zipped pouch that hangs between the side seams and parts the room. All mm. */
export interface DividerPouch {
  load: PocketLoad;
  /** Of both walls, to their outermost layers. */
  reach: Walls;
  /** Half of the depth of its boxed bottom. */
  halfDepth: Derived;
  /** From its zipper to its bottom line, boxed part included. */
  panel: Derived;
  /** From the zipper to the base. */
  up: Derived;
  /** How high what is sewn onto its walls asks it to be. */
  onIt: readonly Derived[];
  /** Each wall has two layers. */
  lined: boolean;
  /** Whether its bottom is as deep as the base that it hangs over. */
  wholeBase: boolean;
  /** Of the opening of the zipper. */
  opening: Derived;
}
