import type { CutPieces } from '../../holders/seat.ts';
import { boxAsCut } from '../box/read-back.ts';
import type { Organizer } from './params.ts';

/** The box, its bands, and the depth of the outer pocket, as cut, mm. */
export function organizerAsCut({ outer }: Organizer, cut: CutPieces): Record<string, number> {
  const band = cut('body/shell-band-front');
  const read = {
    ...boxAsCut({ making: 'five' }, cut),
    band: band.sewn.height,
  };
  if (!outer) return read;
  const hinge = cut('body/outer/shell-hinge');
  const flap = cut('body/outer/shell-flap');
  return {
    ...read,
    outerDepth: hinge.sewn.height,
    outerWidth: flap.sewn.width,
    outerHeight: flap.sewn.height,
  };
}
