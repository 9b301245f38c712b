import { partedRings, type Room } from '../pieces/room.ts';
import type { Seam } from '../pieces/seam.ts';
import type { SeatGives, SeatKind, SeatOf } from './seat.ts';

/** A seat between walls of the body itself. */
type WalledSeat = SeatOf<{ [K in SeatKind]: SeatGives[K] extends { rings: unknown } ? K : never }[SeatKind]>;

/** The room between the body's own walls, for what stands in it as it is.
 * @param holds ids of the lines of contents in it */
export const seatRoom = (id: string, { rings }: Pick<WalledSeat, 'rings'>, holds: readonly string[]): Room => ({
  id: `holders/${id}/1`,
  holds,
  rings,
});

interface Parted {
  /** Id of the holder. */
  id: string;
  seat: Pick<WalledSeat, 'rings'>;
  /** The lines between the rooms, from the left; the front is their `a`. */
  seams: readonly Seam[];
  /** Ids of the lines of contents in each room. */
  holds: readonly (readonly string[])[];
}

/** The rooms of a front and a back of the body that are stitched together between things. */
export function partedRooms({ id, seat, seams, holds }: Parted): Room[] {
  if (seams.length === 0) return [seatRoom(id, seat, [...new Set(holds.flat())])];
  const stitched = seat.rings.filter(({ walls }) => walls[0]?.piece === seams[0]!.a.piece);
  const lines = seams.map((seam) => seam.id);
  return holds.map((lying, index) => ({
    id: `holders/${id}/${index + 1}`,
    holds: lying,
    rings: stitched.map((ring) => partedRings(ring, lines)[index]!),
  }));
}
