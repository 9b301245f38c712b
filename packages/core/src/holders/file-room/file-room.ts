import { largest, sum, type Derived } from '../../derived/derived.ts';
import { nothing } from '../../derived/constants.ts';
import type { Params } from '../../document/design-document.ts';
import { contribution } from '../../pieces/contribution.ts';
import { linesOf, onePile } from '../../pieces/room.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder, PlacedHolder } from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { seatRoom } from '../seat-rooms.ts';
import { sheafOf, type Sheaf } from '../sides.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';

/** Flat things standing on their edges one behind another. */
export interface FileRoom {
  sheaves: Sheaf[];
  thick: Derived;
}

function measure(_params: Params, contents: HeldContents[], { rules }: HolderInputs): MeasuredHolder<FileRoom> {
  const sheaves = contents.map(sheafOf);
  const most = (label: string, key: 'across' | 'deep') =>
    largest(
      label,
      sheaves.map((sheaf) => sheaf[key]),
    );
  const thick = sum(
    'one behind another',
    sheaves.map(({ thickness }) => thickness),
  );
  const across = sum('clear across', [most('the widest', 'across'), rules.length(easeCavityAcross)]);
  const up = sum('clear upwards', [most('the highest', 'deep'), rules.length(easeCavityEnd)]);
  return {
    width: across,
    height: up,
    slabs: sheaves.map(({ line, name, across: wide, deep, thickness }) => ({
      of: { line },
      label: name,
      x0: (across.value - wide.value) / 2,
      x1: (across.value + wide.value) / 2,
      y0: 0,
      y1: deep.value,
      thickness,
    })),
    loaded: thick,
    stretches: { width: true, height: true },
    sizes: { across, thick, up },
    detail: { sheaves, thick },
    findings: [],
  };
}

type Placed = PlacedHolder<FileRoom, 'file'>;

function place({ detail, sizes, slabs }: MeasuredHolder<FileRoom>, seat: SeatOf<'file'>, { id }: HolderInputs): Placed {
  const { x, y, width, height } = seat;
  return {
    id,
    kind: 'file-room',
    seat,
    sizes,
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: [],
    things: detail.sheaves.map(({ line, name, across, deep, radius }) => ({
      line,
      name,
      x: x + (width.value - across.value) / 2,
      y,
      width: across.value,
      height: deep.value,
      radius,
    })),
    slabs,
    detail,
  };
}

/** A compartment between two dividers: papers and booklets stand in it on their edges. */
export const fileRoom: HolderKind<FileRoom, 'file'> = {
  title: 'Compartment',
  params: {},
  rules: [easeCavityAcross, easeCavityEnd],
  seats: ['file'],
  suits: ({ thickness }) => ({
    score: thickness > 40 ? 0.3 : thickness > 12 ? 0.5 : 0.8,
    why: 'Flat things stand on their edges; thick ones spread the pleats.',
  }),
  measure,
  place,
  contribute: ({ id, seat, detail }, { rules }) =>
    contribution({
      rooms: [
        seatRoom(id, seat, linesOf(detail.sheaves), {
          stands: onePile(detail.sheaves),
          ease: { across: rules.length(easeCavityAcross), deep: rules.length(easeCavityEnd), thick: nothing },
        }),
      ],
    }),
};
