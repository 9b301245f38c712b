import type { HolderInputs, MeasuredHolder, PlacedHolder } from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { linesBetween } from '../panel-lines.ts';
import type { Cavity, CavitySeat } from './compartments.ts';
import { placedAcross, slabsOf } from './measure.ts';
import { roomsOnBase } from './on-base.ts';

/** Puts the things into the room: the board shows it from the front, its mouth at the top. */
export function placeCavity(
  measured: MeasuredHolder<Cavity>,
  seat: SeatOf<CavitySeat>,
  inputs: HolderInputs,
): PlacedHolder<Cavity, CavitySeat> {
  const { id } = inputs;
  const base = seat.kind === 'walled' && measured.detail.compartments.length > 1 ? seat.inner.base : undefined;
  const detail: Cavity = base
    ? { ...measured.detail, compartments: roomsOnBase(measured.detail.compartments, base, inputs) }
    : measured.detail;
  const slabs = slabsOf(detail.compartments, measured.sizes.depth!.value);
  const widths = detail.compartments.map(({ width }, index) => [`room${index + 1}`, width] as const);
  const sizes = { ...measured.sizes, ...Object.fromEntries(widths) };
  const { x, y, width, height } = seat;
  return {
    id,
    kind: 'cavity',
    seat,
    sizes,
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: dividers(detail).map((at, index) => ({
      id: `${id}-divider-${index + 1}`,
      from: [x + at, y + height.value],
      to: [x + at, y + clearOfBase(seat)],
      label: 'stitched together',
    })),
    things: placedAcross(detail.compartments).map(({ thing, x0, x1 }) => ({
      line: thing.line,
      name: thing.name,
      x: x + x0,
      y,
      width: x1 - x0,
      height: thing.along.value,
      radius: thing.round ? 0 : thing.radius,
    })),
    slabs,
    detail,
  };
}

/** Common practice: a line that parts two rooms goes down at least this share of their height. */
const PARTS = 0.25;

/** What a base takes to either side of the line that parts two rooms, mm. */
export const besideBase = (seat: SeatOf<CavitySeat>): number =>
  seat.kind === 'walled' ? (seat.inner.base?.value ?? 0) / 2 : 0;

/** A line of stitching would pinch the base flat: it ends as far above it as the base reaches to either side, but parts the rooms at
 * all. mm */
export const clearOfBase = (seat: SeatOf<CavitySeat>): number =>
  Math.min(besideBase(seat), (1 - PARTS) * seat.height.value);

/** Distances of the dividing lines from the left stitch line, mm. */
export const dividers = ({ compartments }: Cavity): number[] =>
  linesBetween(compartments.map(({ width }) => width.value));
