import type { Operation } from '../sewing/tell/tell-operations.ts';
import type { BoardPlan } from '../bodies/board-plan.ts';
import type { Beneath, SizedFace } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import type { SharedRoom } from '../faces/arrange.ts';
import type { Section } from '../bodies/section.ts';
import type { FittedClearance } from '../fit/clearance.ts';
import type { PlacedHolder, StackThickness } from '../holders/holder-kind.ts';
import type { HardwareNeed, Lying, ShutAt } from '../pieces/contribution.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Meeting } from '../pieces/meeting.ts';
import type { Opening, Room } from '../pieces/room.ts';
import type { PinnableSize } from './pins.ts';
import type { RulerId } from '../units/grid.ts';
import type { WalkedSeam } from '../pieces/walk-seams.ts';

/** A holder at its place, with what its contents clear in the cut. */
export interface SolvedHolder extends PlacedHolder {
  face: string;
  title: string;
  clearances: FittedClearance[];
  /** If others lie beside it in a row or column. */
  shares?: SharedRoom;
}

/** Everything that follows from a design document. All lengths mm. */
export interface Solution {
  /** Finished sizes by name, in the order in which they are read. */
  finished: Readonly<Record<string, Derived>>;
  closedThickness: Derived;
  emptyThickness: Derived;
  stacks: StackThickness;
  body: {
    kind: string;
    sizes: Record<string, Derived>;
    faces: SizedFace[];
    /** How thick it is beneath what goes over its edge, full and empty. */
    beneath: Beneath;
    readBack: Record<string, number>;
  };
  /** Its sides as the maker looks at them. */
  boards: BoardPlan[];
  holders: SolvedHolder[];
  closure: { kind: string; sizes: Record<string, Derived> };
  parts: { id: string; kind: string; title: string; sizes: Record<string, Derived> }[];
  pieces: Piece[];
  /** What is straight is cut by it. */
  ruler?: RulerId;
  seams: WalkedSeam[];
  /** Where the things lie, by the pieces and lines that bound each room; where they are closed, and what opens. */
  rooms: Room[];
  shuts: ShutAt[];
  opens: Opening[];
  laps: Lap[];
  meetings: Meeting[];
  onBase: Lying[];
  operations: Operation[];
  hardware: HardwareNeed[];
  section: Section;
  findings: Finding[];
  /** What the maker may pin. */
  pinnable: PinnableSize[];
  /** What she may set a limit on, by path. */
  limitable: Readonly<Record<string, Derived>>;
}
