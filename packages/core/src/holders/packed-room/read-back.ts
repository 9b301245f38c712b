import { given, type Derived } from '../../derived/derived.ts';
import type { Clearance, HolderInputs, PlacedHolder } from '../holder-kind.ts';
import type { CutPieces, SeatOf } from '../seat.ts';
import { clearanceOf } from '../../pieces/clearance.ts';
import { halfRound, type Loose, type PackedRoom, type PackedSeat } from './ways.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';

type Reading = Pick<Clearance, 'direction' | 'required' | 'available' | 'ease'>;

/** What the room clears as cut, and whether each thing passes the opening. */
export function readBackRoom(
  cut: CutPieces,
  { id, seat, detail }: PlacedHolder<PackedRoom, PackedSeat>,
  inputs: HolderInputs,
): Clearance[] {
  // between a front and a back the fitting reads it
  if (seat.kind !== 'box') return [];
  const room = inRoom(cut, seat, detail, inputs);
  const opening = seat.opening?.(cut);
  const firsts = detail.things.filter(({ line }, index, all) => all.findIndex((each) => each.line === line) === index);
  return firsts.flatMap((thing: Loose) => {
    const about = { holder: id, line: thing.line, name: thing.name };
    const inside = room.map((reading) => clearanceOf({ ...about, ...reading }));
    if (opening === undefined) return inside;
    const available = given('opening', opening, { kind: 'cut', path: seat.host.piece });
    return [...inside, clearanceOf({ ...about, direction: 'through', required: halfRound(thing), available, ease: 0 })];
  });
}

/** In a room with walls all round each size is there for itself. */
function inRoom(cut: CutPieces, seat: SeatOf<'box'>, { together }: PackedRoom, { rules }: HolderInputs): Reading[] {
  const clear = seat.clear(cut);
  const from = { kind: 'cut', path: seat.host.piece } as const;
  const reading = (side: keyof typeof clear, direction: Reading['direction'], ease: Derived): Reading => ({
    direction,
    required: together[side],
    available: given(`clear ${side}, as cut`, clear[side], from),
    ease: ease.value,
  });
  return [
    reading('across', 'across', rules.length(easeCavityAcross)),
    reading('thick', 'thick', rules.length(easeCavityAcross)),
    reading('up', 'deep', rules.length(easeCavityEnd)),
  ];
}
