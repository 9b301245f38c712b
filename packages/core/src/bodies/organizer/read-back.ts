import type { CutPieces } from '../../holders/seat.ts';
import { boxAsCut } from '../box/read-back.ts';
import { outerNames, type Organizer } from './params.ts';

/** The box, its bands, and the depth of the outer pocket, as cut, mm. */
export function organizerAsCut({ outers }: Organizer, cut: CutPieces): Record<string, number> {
  const band = cut('body/shell-band-front');
  const read = {
    ...boxAsCut({ making: 'five' }, cut),
    band: band.sewn.height,
  };
  return outers.reduce((all, { own, wall }) => {
    const { key } = outerNames[wall];
    const [hinge, flap] = [cut(`${own}/shell-hinge`), cut(`${own}/shell-flap`)];
    return {
      ...all,
      [`${key}Depth`]: hinge.sewn.height,
      [`${key}Width`]: flap.sewn.width,
      [`${key}Height`]: flap.sewn.height,
    };
  }, read);
}
