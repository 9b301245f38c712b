import { named, sum } from '../../derived/derived.ts';
import { pleatedStrip } from '../../sizing/pleated-strip.ts';
import type { HolderInputs, MeasuredHolder, PlacedHolder, Segment } from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { headerIn, tierSlabs } from './measure.ts';
import { columnAt, mouthAt, pocketBottom, type Tiers } from './tiers.ts';
import { foldLoss } from './rules.ts';

/** Puts measured tiers on their seat: mouths, stitching and cards as the board draws them. */
export function placeTiers(measured: MeasuredHolder<Tiers>, seat: Seat, inputs: HolderInputs): PlacedHolder<Tiers> {
  const header = headerIn(measured.detail, seat.height);
  const tiers: Tiers = { ...measured.detail, header };
  const { x, y } = seat;
  const width = seat.width.value;
  const slots = tiers.slots.map((slot, index) => {
    const [bottom, mouth] = [y + pocketBottom(tiers, index), y + mouthAt(tiers, index)];
    return { slot, id: `${inputs.id}${index + 1}`, bottom, mouth, isLast: index === tiers.slots.length - 1 };
  });
  const sizes = {
    ...measured.sizes,
    panelWidth: named('panel width', seat.width),
    panelHeight: named('panel height', seat.height),
    topToFirstMouth: header,
  };
  return {
    id: inputs.id,
    kind: 'card-tiers',
    seat,
    sizes: tiers.making === 'pleated' ? { ...sizes, stripLength: stripOf(tiers, inputs).stripLength } : sizes,
    mouths: slots.map(({ id, mouth, bottom, isLast }) => ({
      id,
      y: mouth,
      bottom: isLast ? y : bottom,
      x0: x,
      x1: x + width,
    })),
    stitching: [
      ...slots
        .filter(({ isLast }) => !isLast)
        .map(({ id, bottom }): Segment => ({ id, from: [x, bottom], to: [x + width, bottom], label: 'pocket bottom' })),
      ...middleOf(tiers, inputs.id, seat),
    ],
    things: slots.flatMap(({ slot, bottom }) =>
      slot.piles.map(({ line, name, across, deep, radius }, column) => {
        const bite = tiers.bite.value;
        const middle = x + bite + columnAt(tiers, column) * (width - 2 * bite);
        return { line, name, x: middle - across.value / 2, y: bottom, width: across.value, height: deep.value, radius };
      }),
    ),
    slabs: tierSlabs(tiers, width, seat.height.value, inputs),
    detail: tiers,
  };
}

/** The seam between two columns. */
function middleOf({ columns }: Tiers, id: string, { x, y, width, height }: Seat): Segment[] {
  const middle = x + width.value / 2;
  return columns === 1
    ? []
    : [{ id: `${id}-middle`, from: [middle, y], to: [middle, y + height.value], label: 'middle' }];
}

/** The strip that folds into these tiers. */
export const stripOf = (tiers: Tiers, { rules }: HolderInputs) =>
  pleatedStrip({
    topToFirstMouth: tiers.header,
    depths: tiers.slots.map(({ depth }) => depth),
    reveal: tiers.reveal,
    lastMouthToBottom: sum('last mouth to bottom', [tiers.last]),
    foldLoss: rules.length(foldLoss),
  });
