import type { CutPieces } from '../../holders/seat.ts';
import { boxAsCut } from '../box/read-back.ts';
import type { Organizer } from './params.ts';

/** The box, its bands, and the depth of the outer pocket, as cut, mm. */
export function organizerAsCut({ outer }: Organizer, cut: CutPieces): Record<string, number> {
  const band = cut('body/shell-band-front');
  const read = {
    ...boxAsCut({ making: 'five' }, cut),
    band: band.height - band.allowance.bottom! - band.allowance.top!,
  };
  if (!outer) return read;
  const hinge = cut('body/outer/shell-hinge');
  const flap = cut('body/outer/shell-flap');
  return {
    ...read,
    outerDepth: hinge.height - hinge.allowance.bottom! - hinge.allowance.top!,
    outerWidth: flap.width - flap.allowance.left! - flap.allowance.right!,
    outerHeight: flap.height - flap.allowance.bottom! - flap.allowance.top!,
  };
}
