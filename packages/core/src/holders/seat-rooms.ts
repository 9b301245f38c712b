import { linesOf, partedRings, type Arranged, type Ring, type Room, type Stood } from '../pieces/room.ts';
import type { Seam } from '../pieces/seam.ts';
import type { SeatGives, SeatKind, SeatOf } from './seat.ts';

/** A seat between walls of the body itself. */
type WalledSeat = SeatOf<{ [K in SeatKind]: SeatGives[K] extends { rings: unknown } ? K : never }[SeatKind]>;

/** The room between the body's own walls, for what stands in it as it is.
 * @param holds ids of the lines of contents in it
 * @param load how they stand, and the ease asked for */
export const seatRoom = (
  id: string,
  { rings, opening }: Pick<WalledSeat, 'rings' | 'opening'>,
  holds: readonly string[],
  load: Pick<Room, 'stands' | 'ease' | 'grips'> = {},
): Room => ({
  id: `holders/${id}/1`,
  holds,
  rings,
  ...(opening ? { opening, shut: true } : { underClosure: true }),
  ...load,
});

interface Parted {
  /** Id of the holder. */
  id: string;
  seat: Pick<WalledSeat, 'rings'>;
  /** The lines between the rooms, from the left; the front is their `a`. */
  seams: readonly Seam[];
  /** What stands in each room, from the left. */
  stands: readonly (readonly Stood[])[];
  ease: Room['ease'] & {};
  /** Their mouths are meant to hold what stands in them. */
  grips?: boolean;
}

/** The rooms of a front and a back of the body that are stitched together between things. */
export function partedRooms({ id, seat, seams, stands, ease, grips = false }: Parted): Room[] {
  if (seams.length === 0)
    return [seatRoom(id, seat, linesOf(stands.flat()), { stands: sideBySide(stands.flat()), ease, grips })];
  const stitched = seat.rings.filter(({ walls }) => walls[0]?.piece === seams[0]!.a.piece);
  const lines = seams.map((seam) => seam.id);
  return stands.map((stood, index) => ({
    id: `holders/${id}/${index + 1}`,
    holds: linesOf(stood),
    stands: sideBySide(stood),
    ease,
    underClosure: true,
    grips,
    rings: stitched.map((ring) => partedRings(throughAll(ring, seat.rings), lines)[index]!),
  }));
}

/** Each in a place of its own, from the left. */
const sideBySide = (stood: readonly Stood[]): Arranged => ({ beside: stood.map((each) => [each]) });

/** The lines go through all layers: those that lie within a wall and outside of it are bounded by them too. */
const throughAll = (ring: Ring, all: readonly Ring[]): Ring => ({
  ...ring,
  walls: ring.walls.map((wall, index) => ({ ...wall, layers: all.flatMap(({ walls }) => walls[index]?.piece ?? []) })),
});
