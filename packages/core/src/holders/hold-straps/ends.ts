import type { Point } from '../../geometry/perimeter.ts';
import type { HostRim, Seat, Side } from '../seat.ts';
import type { HoldStraps } from './params.ts';

/** The middle of both ends of a strap on its host. mm */
export type Ends = [from: Point, to: Point];

/** Where the middle of each strap lies. */
const MIDDLES = [0.28, 0.72];

/** The middle of each strap's ends on the host. */
export function straps({ way, span, load }: HoldStraps, { x, y, width, height }: Seat): Ends[] {
  const [cx, cy] = [x + width.value / 2, y + height.value / 2];
  const half = span.value / 2;
  if (way !== 'crossed')
    return MIDDLES.map((share): Ends => {
      const [atX, atY] = [x + share * width.value, y + share * height.value];
      if (way === 'upright')
        return [
          [atX, cy - half],
          [atX, cy + half],
        ];
      return [
        [cx - half, atY],
        [cx + half, atY],
      ];
    });
  // from corner to corner of the thing
  const angle = Math.atan2(load.deep.value, load.across.value);
  return [angle, Math.PI - angle].map((turn): Ends => {
    const [dx, dy] = [half * Math.cos(turn), half * Math.sin(turn)];
    return [
      [cx - dx, cy - dy],
      [cx + dx, cy + dy],
    ];
  });
}

/** Which sides of the host straps of a way run to, from their first end. */
export const sidesOf = (way: HoldStraps['way']): readonly [Side, Side] =>
  way === 'upright' ? ['bottom', 'top'] : ['left', 'right'];

/** The seams of the body that catch both ends of each strap, if they run from edge to edge of their host: it must lie alone there, and
 * each end on a straight stretch of an edge.
 * @returns nothing where they cannot */
export function caughtIn(detail: HoldStraps, seat: Seat): HoldStraps['within'] {
  const { rim } = seat.host;
  if (!rim || !seat.alone || detail.way === 'crossed') return undefined;
  const upright = detail.way === 'upright';
  const reach = detail.elastic.wide.value / 2;
  const seams = straps(detail, seat).map(([[x, y]]) =>
    sidesOf(detail.way).map((side) => seamAt(rim, side, upright ? x : y, reach)),
  );
  return seams.every((pair): pair is [string, string] => pair.every((seam) => seam !== undefined)) ? seams : undefined;
}

/** The seam that an end lies in: of two that meet beneath it, that of its middle. */
function seamAt({ stretches }: HostRim, side: Side, at: number, reach: number): string | undefined {
  const under = (place: number) =>
    stretches.find((each) => each.side === side && place >= each.from - 1e-6 && place <= each.to + 1e-6);
  return under(at - reach) && under(at + reach) && under(at)?.within;
}
