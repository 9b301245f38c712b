import type { Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { linesOf, onePile, partedRings, patchRing, type Room, type Stood } from '../../pieces/room.ts';
import type { Seam, SeamEase } from '../../pieces/seam.ts';
import type { HolderInputs } from '../holder-kind.ts';
import type { SeatPlace, Side } from '../seat.ts';
import { seatEdges } from '../seat-edges.ts';
import type { MadeFront } from './front.ts';
import { stitchedBeside } from './pocket.ts';
import { easePocketAcross, easePocketDeep } from './rules.ts';

interface Patch {
  /** Id of the holder. */
  id: string;
  seat: SeatPlace;
  made: MadeFront;
  /** By how much a side of the front is longer than the seat, by a rule. */
  ease?: Partial<Record<Side, SeamEase>>;
  /** Lines that part it into rooms, from the left, already sewn to the host; the front is their `a`. */
  between?: readonly Seam[];
  /** Those of them that are sewn in the step that sets it. */
  stitched?: readonly Seam[];
  /** Steps that come before that one. */
  needs?: readonly string[];
  /** The things in each room, on each other. */
  rooms: readonly (readonly Stood[])[];
  /** How much of them is meant to stand out, mm. */
  shows: Derived;
  /** The ease asked for. */
  asks: Room['ease'] & {};
  /** The back stays flat. */
  flat?: boolean;
}

/** A patch with a mouth, sewn to its seat at both sides and below: what every pocket of that kind brings.
 * @returns the contribution, whose last step sets the pocket */
export function patchOn({
  id,
  seat,
  made,
  ease,
  between = [],
  stitched = [],
  needs = [],
  rooms,
  shows,
  asks,
  flat = false,
}: Patch): Contribution {
  const { joins, edit, bounds } = seatEdges({ id, seat, runs: made.runs, ...(ease && { ease }) });
  const rings = partedRings(
    patchRing(made.wall, seat.host.piece, bounds, stitchedBeside, { flat }),
    between.map((seam) => seam.id),
  );
  return contribution({
    pieces: made.pieces,
    joins: [...made.joins, ...joins],
    hostEdits: [edit],
    rooms: rings.map((ring, index) => ({
      id: `holders/${id}/${index + 1}`,
      holds: linesOf(rooms[index]!),
      rings: [ring],
      stands: onePile(rooms[index]!, { shows }),
      grips: true,
      ease: asks,
    })),
    hardware: made.hardware,
    operations: made.operations([...joins, ...stitched], seat.host.piece, needs),
  });
}

/** The ease that a pocket on a face asks for, mm. */
export const pocketEase = ({ rules }: HolderInputs): { across: Derived; deep: Derived } => ({
  across: rules.length(easePocketAcross),
  deep: rules.length(easePocketDeep),
});
