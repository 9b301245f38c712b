import type { Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { linesOf, partedRings, patchRing } from '../../pieces/room.ts';
import type { Seam, SeamEase } from '../../pieces/seam.ts';
import type { Clearance, HolderInputs } from '../holder-kind.ts';
import type { SeatPlace, Side } from '../seat.ts';
import { seatEdges } from '../seat-edges.ts';
import { clearanceOf } from '../sides.ts';
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
  /** The things in each room. */
  rooms: readonly (readonly { line: string }[])[];
}

/** A patch with a mouth, sewn to its seat at both sides and below: what every pocket of that kind brings.
 * @returns the contribution, whose last step sets the pocket */
export function patchOn({ id, seat, made, ease, between = [], rooms }: Patch): Contribution {
  const { joins, edit, bounds } = seatEdges({ id, seat, runs: made.runs, ...(ease && { ease }) });
  const rings = partedRings(
    patchRing(made.wall, seat.host.piece, bounds, stitchedBeside),
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
    })),
    hardware: made.hardware,
    operations: made.operations(
      joins.map((join) => join.id),
      seat.host.piece,
    ),
  });
}

type Reading = Omit<Clearance, 'clearance' | 'ease' | 'direction'>;

/** What a thing clears in a pocket: across it, down to its bottom, and through its opening if that is smaller. */
export function pocketClearances(
  about: Pick<Clearance, 'holder' | 'line' | 'name'>,
  { rules }: HolderInputs,
  sizes: Record<'across' | 'deep', Pick<Reading, 'required' | 'available'>> & {
    through?: Pick<Reading, 'required' | 'available'>;
    /** Asked across; by default that of a pocket. */
    ease?: Derived;
  },
): Clearance[] {
  const { across, through, deep, ease = rules.length(easePocketAcross) } = sizes;
  return [
    clearanceOf({ ...about, ...across, direction: 'across', ease: ease.value }),
    ...(through ? [clearanceOf({ ...about, ...through, direction: 'through', ease: ease.value })] : []),
    clearanceOf({ ...about, ...deep, direction: 'deep', ease: rules.length(easePocketDeep).value }),
  ];
}
