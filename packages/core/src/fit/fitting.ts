import type { HeldContents } from '../contents/held.ts';
import type { Derived } from '../derived/derived.ts';
import type { Lying, ShutAt } from '../pieces/contribution.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Meeting } from '../pieces/meeting.ts';
import type { Opening, Ring, Room } from '../pieces/room.ts';
import type { CutDesign } from './cut-parts.ts';

/** What the fitting reads: cut pieces, seams, rooms by the lines that bound them, and the things. */
export interface Fitting extends CutDesign {
  rooms: readonly Room[];
  /** Where the closure holds front and back together; nothing where it does not. */
  shuts: readonly ShutAt[];
  /** What opens of the closure, if not all of the mouth does. */
  opens: readonly Opening[];
  /** What goes over an edge and fastens on the front. */
  laps: readonly Lap[];
  /** Leaves that fold over others and fasten on them. */
  meetings: readonly Meeting[];
  /** What lies loose on the base, beneath what stands there. */
  onBase: readonly Lying[];
  /** The walls of the body all round its inside; nothing where it has no such inside. */
  inside?: readonly Ring[];
  /** How thick it is, full and empty, mm. */
  closed: Record<'full' | 'empty', Derived>;
  /** A line of contents with its thing; nothing if there is none. */
  contents(line: string): HeldContents | undefined;
}
