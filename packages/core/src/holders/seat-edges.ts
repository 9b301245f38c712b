import type { HostEdit } from '../pieces/contribution.ts';
import { faceLine, type EdgeRun, type Seam, type SeamEase } from '../pieces/seam.ts';
import { hostRun, type SeatPlace, type Side } from './seat.ts';

interface SeatEdges {
  /** Id of the holder. */
  id: string;
  /** What it is called where its edges are marked; default its id. */
  called?: string;
  seat: SeatPlace;
  /** The edges of the holder's piece that come to lie on each side of the seat, walked upwards or rightwards. */
  runs: Partial<Record<Side, readonly EdgeRun[]>>;
  /** By how much a side of the piece is longer than the seat, by a rule. */
  ease?: Partial<Record<Side, SeamEase>>;
}

/** Sews a piece to its seat: sides that lie in a seam of the body are caught there, the others are stitched on lines
 * that are marked on the host. Free sides are left alone.
 * @returns `bounds`: the seam of each side, of a doubled front that of its outer layer */
export function seatEdges({ id, called = id, seat, runs, ease = {} }: SeatEdges): {
  joins: Seam[];
  edit: HostEdit;
  bounds: { left: string; right: string; base: string };
} {
  const { x, y, host } = seat;
  const [width, height] = [seat.width.value, seat.height.value];
  const corners = {
    left: { from: [x, y], to: [x, y + height], length: height },
    right: { from: [x + width, y], to: [x + width, y + height], length: height },
    bottom: { from: [x, y], to: [x + width, y], length: width },
    top: { from: [x, y + height], to: [x + width, y + height], length: width },
  } satisfies Record<Side, { from: [number, number]; to: [number, number]; length: number }>;
  const sides = (Object.keys(runs) as Side[]).filter((side) => seat.edges[side].kind !== 'free');
  const stitched = sides.filter((side) => seat.edges[side].kind === 'stitchedOn');
  const nameOf = (side: Side, index = 0) => {
    const doubled = (runs[side]?.length ?? 0) > 1;
    return `holders/${id}#${doubled ? `${side}-${index === 0 ? 'front' : 'back'}` : side}`;
  };
  const joins = sides.flatMap((side) =>
    runs[side]!.map((run, index): Seam => {
      const fate = seat.edges[side];
      const base = { id: nameOf(side, index), a: run, ...(ease[side] && { ease: ease[side] }) };
      return fate.kind === 'caught'
        ? { ...base, kind: 'caught', within: fate.within, b: hostRun(seat, side, 0, corners[side].length) }
        : { ...base, kind: 'stitchedOn', b: faceLine(host.piece, `${id}-${side}`) };
    }),
  );
  const lines = stitched.map((side) => ({
    id: `${id}-${side}`,
    from: corners[side].from,
    to: corners[side].to,
    label: `${side} of ${called}`,
  }));
  const bounds = { left: nameOf('left'), right: nameOf('right'), base: nameOf('bottom') };
  return { joins, edit: { piece: host.piece, lines }, bounds };
}
