import { given } from '../../derived/derived.ts';
import type { Clearance, CutPieces, HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { clearanceOf } from '../sides.ts';
import { halfRound, type PackedRoom } from './ways.ts';

const directions = { across: 'across', thick: 'thick', up: 'deep' } as const;

/** What the room clears as cut, and whether each thing passes the opening. */
export function readBackRoom(
  cut: CutPieces,
  { id, seat, detail }: PlacedHolder<PackedRoom>,
  { rules }: HolderInputs,
): Clearance[] {
  const from = { kind: 'document', path: seat.host.piece } as const;
  const clear = seat.clear?.(cut);
  const opening = seat.opening?.(cut);
  const ease = { across: 'ease.cavity.across', thick: 'ease.cavity.across', up: 'ease.cavity.end' } as const;
  const firsts = detail.things.filter(({ line }, index, all) => all.findIndex((each) => each.line === line) === index);
  return firsts.flatMap((thing) => {
    const { line, name } = thing;
    const about = { holder: id, line, name };
    const inside = (['across', 'thick', 'up'] as const).map((side) =>
      clearanceOf({
        ...about,
        direction: directions[side],
        required: detail.together[side],
        available: given(`clear ${side}, as cut`, clear?.[side] ?? 0, from),
        ease: rules.length(ease[side]).value,
      }),
    );
    if (opening === undefined) return inside;
    const available = given('opening', opening, from);
    return [...inside, clearanceOf({ ...about, direction: 'through', required: halfRound(thing), available, ease: 0 })];
  });
}
