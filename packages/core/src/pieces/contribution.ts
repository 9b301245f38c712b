import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import type { Action, Caution } from '../sewing/actions/action.ts';
import type { EdgeId, Mark, Notch, PieceDraft, StitchLine, TurningGap } from './piece.ts';
import type { Lap } from './lap.ts';
import type { Meeting } from './meeting.ts';
import type { NamedLine, Opening, Room, WallGoesOn } from './room.ts';
import type { Seam } from './seam.ts';

/** What a holder or closure does to a piece that is not its own. */
export interface HostEdit {
  piece: string;
  marks?: Mark[];
  lines?: StitchLine[];
  notches?: Notch[];
  /** Parts of edges that are left open. */
  gaps?: TurningGap[];
  /** Edges that get another allowance, mm. */
  allowance?: Record<EdgeId, Derived>;
}

export const phases = [
  'cut',
  'interface',
  'prepare',
  'pockets',
  'layers',
  'closures',
  'join',
  'turn',
  'finish',
] as const;
export type Phase = (typeof phases)[number];

/** One step of the making: what is done in it. */
export interface OperationDraft {
  id: string;
  phase: Phase;
  /** Operations that must be done before. */
  needs: string[];
  /** The same of operations that only some designs have; default none. */
  waitsFor?: readonly string[];
  /** A few words. */
  title: string;
  actions: readonly Action[];
  /** What is not safe, told before it is done. */
  cautions?: readonly Caution[];
}

/** A step with what follows from what is done in it. */
export interface Step extends OperationDraft {
  /** Pieces in the hand. */
  uses: string[];
  /** Seams sewn in this step. */
  seams: string[];
}

/** Hardware that a part asks for. */
export interface HardwareNeed {
  id: string;
  count: number;
  /** Of what is cut to length, all together, mm. */
  length?: number;
  /** The standard hardware that it stands in for. */
  insteadOf?: string;
}

/** Where a wall is held to another: its mouth there, and what holds it, such as marks or a line below it. */
export interface ShutAt {
  piece: string;
  mouth: EdgeId;
  /** What the wall goes on with above that edge. */
  above?: Omit<WallGoesOn, 'beyond'>;
  marks?: readonly string[];
  lines?: readonly string[];
  /** A cord draws it together there. */
  drawn?: boolean;
  /** The cord, and the lines of a piece that it runs between. */
  cord?: Channel;
}

/** What a cord runs in. */
export interface Channel {
  /** The cord, on the hardware shelf. */
  hardware: string;
  piece: string;
  between: readonly [NamedLine, NamedLine];
}

/** A piece with all its layers that lies loose in a body; two of it on each other if it is double. */
export interface Lying {
  piece: string;
  double?: boolean;
}

/** What one part of a design brings to the whole. */
export interface Contribution {
  pieces: PieceDraft[];
  hostEdits: HostEdit[];
  joins: Seam[];
  /** Where things lie. */
  rooms: Room[];
  /** Where front and back meet when it is closed. */
  shuts: ShutAt[];
  /** What opens of what it closes; nothing where all of it does. */
  opens: Opening[];
  /** What goes over an edge and fastens on the front. */
  laps: Lap[];
  /** Leaves that fold over others and fasten on them. */
  meetings: Meeting[];
  /** What lies loose on the base, beneath what stands there. */
  onBase: Lying[];
  operations: OperationDraft[];
  hardware: HardwareNeed[];
  findings: Finding[];
}

/** A contribution with nothing in it but what is given. */
export const contribution = (parts: Partial<Contribution>): Contribution => ({
  pieces: [],
  hostEdits: [],
  joins: [],
  rooms: [],
  shuts: [],
  opens: [],
  laps: [],
  meetings: [],
  onBase: [],
  operations: [],
  hardware: [],
  findings: [],
  ...parts,
});
