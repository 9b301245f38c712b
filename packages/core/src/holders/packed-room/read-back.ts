import { given, sum, times, type Derived } from '../../derived/derived.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import type { Clearance, HolderInputs, PlacedHolder } from '../holder-kind.ts';
import type { CutPieces, SeatOf } from '../seat.ts';
import { clearanceOf } from '../sides.ts';
import { halfRound, type Loose, type PackedRoom, type PackedSeat } from './ways.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
import { wallReach } from '../../stacks/reach.ts';

type Reading = Pick<Clearance, 'direction' | 'required' | 'available' | 'ease'>;
const none = given('no ease', 0, { kind: 'standard', path: 'nothing' });

/** What the room clears as cut, and whether each thing passes the opening. */
export function readBackRoom(
  cut: CutPieces,
  { id, seat, detail }: PlacedHolder<PackedRoom, PackedSeat>,
  inputs: HolderInputs,
): Clearance[] {
  const room = seat.kind === 'box' ? inRoom(cut, seat, detail, inputs) : betweenWalls(cut, seat, detail, inputs);
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

/** Between a front and a back the way round everything counts. */
function betweenWalls(
  cut: CutPieces,
  seat: SeatOf<'cavity' | 'walled'>,
  { together }: PackedRoom,
  inputs: HolderInputs,
): Reading[] {
  const from = { kind: 'cut', path: seat.host.piece } as const;
  const { rules } = inputs;
  const wall = wallReach(inputs);
  const { width } = cut(seat.host.piece);
  return [
    {
      direction: 'across',
      required: tubeAround(rectHalfGirth(together.across, together.thick), { front: wall, back: wall }, none),
      available: sum('flat width', [given('cut width', width, from), times(-2, rules.length(seamAllowance))]),
      ease: rules.length(easeCavityAcross).value,
    },
    {
      direction: 'deep',
      required: together.up,
      available: given('mouth to base, as cut', seat.depthOf(cut), from),
      ease: rules.length(easeCavityEnd).value,
    },
  ];
}
