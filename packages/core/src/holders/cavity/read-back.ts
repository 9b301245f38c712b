import { given, minus, sum, times } from '../../derived/derived.ts';
import { tubeAround } from '../../sizing/tube-width.ts';
import type { Clearance, HolderInputs, PlacedHolder } from '../holder-kind.ts';
import type { CutPieces } from '../seat.ts';
import { clearanceOf } from '../sides.ts';
import type { Cavity, CavitySeat } from './compartments.ts';
import { dividers } from './place.ts';
import { easeCavityAcross, easeCavityEnd } from './rules.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** What the rooms clear in the cut: between the stitch lines, and from the mouth to the base. */
export function readBackCavity(
  cut: CutPieces,
  { id, seat, detail }: PlacedHolder<Cavity, CavitySeat>,
  { rules }: HolderInputs,
): Clearance[] {
  const seam = rules.length(seamAllowance);
  const piece = cut(seat.host.piece);
  const from = { kind: 'cut', path: seat.host.piece } as const;
  const whole = sum('flat width', [given('cut width', piece.width, from), times(-2, seam)]);
  const stops = dividers(detail).map((at) => given('divider from the side', at, from));
  const none = sum('no ease', []);
  const room = given('mouth to base, as cut', seat.depthOf(cut), from);
  return detail.compartments.flatMap(({ things, halfGirth }, index) => {
    const [start, end] = [stops[index - 1], stops[index]];
    const available = sum('room, as cut', [end ?? whole, ...(start ? [minus(start)] : [])]);
    const required = tubeAround(halfGirth, detail.reach, none);
    const opening = seat.opening?.(cut);
    return things.flatMap(({ line, name, along, halfGirth: round }) => {
      const about = { holder: id, line, name };
      const needed = sum('inside the mouth', [along, minus(detail.visible)]);
      return [
        clearanceOf({
          ...about,
          direction: 'across',
          required,
          available,
          ease: rules.length(easeCavityAcross).value,
        }),
        clearanceOf({
          ...about,
          direction: 'deep',
          required: needed,
          available: room,
          ease: rules.length(easeCavityEnd).value,
        }),
        ...(opening === undefined
          ? []
          : [
              clearanceOf({
                ...about,
                direction: 'through',
                required: round,
                available: given('opening', opening, from),
                ease: 0,
              }),
            ]),
      ];
    });
  });
}
