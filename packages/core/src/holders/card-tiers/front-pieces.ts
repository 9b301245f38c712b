import { rectangle } from '../../geometry/outline.ts';
import type { Fold, PieceDraft, StitchLine } from '../../pieces/piece.ts';
import { asCut } from '../../pieces/strip.ts';
import type { HolderInputs } from '../holder-kind.ts';
import { ids, middleLines, type Placed } from './fronts.ts';
import { stripOf } from './place.ts';
import { tongue, tOutline } from './t-slot.ts';
import { pocketBottom } from './tiers.ts';
import { mouthHem, seamAllowance } from '../../shelves/rules/common-rules.ts';

const spans: PieceDraft['spans'] = { across: ['left', 'right'], up: ['bottom', 'top'] };

function allAround({ rules }: HolderInputs): PieceDraft['allowance'] {
  const seam = rules.length(seamAllowance);
  return { left: seam, right: seam, top: seam, bottom: seam };
}

export function stripPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, detail, id } = placed;
  const strip = stripOf(detail, inputs);
  const [width, length] = [seat.width.value, strip.stripLength.value];
  const folds = strip.foldAt.map((at, index): Fold => ({
    id: `fold-${index + 1}`,
    order: index + 1,
    kind: strip.foldKind[index]!,
    from: [0, length - at],
    to: [width, length - at],
  }));
  return {
    id: ids(placed).front,
    name: `Pleated card strip ${id}`,
    role: 'pocket',
    stitch: rectangle(width, length),
    width: seat.width,
    height: strip.stripLength,
    allowance: allAround(inputs),
    spans,
    topArrow: true,
    folds,
    lines: middleLines(placed, 'middle', length),
    note: 'Press the folds in order, top first.',
  };
}

export function panelPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, detail, id } = placed;
  const [width, height] = [seat.width.value, seat.height.value];
  const lines = detail.slots.slice(0, -1).map((_, index): StitchLine => {
    const y = pocketBottom(detail, index);
    const inset = tongue(detail, width, detail.slots[index]!.depth.value)?.inset ?? 0;
    const label = `bottom of pocket ${index + 1}`;
    return { id: `pocket-${index + 1}`, from: [inset, y], to: [width - inset, y], label };
  });
  return {
    id: ids(placed).front,
    name: `Card panel ${id}`,
    role: 'pocket',
    stitch: rectangle(width, height),
    width: seat.width,
    height: seat.height,
    allowance: allAround(inputs),
    spans,
    topArrow: true,
    lines: [...lines, ...middleLines(placed)],
  };
}

/** Pocket fronts of the stacked way; the last one goes down into the bottom seam. */
export function pocketPieces(placed: Placed, inputs: HolderInputs): PieceDraft[] {
  const { seat, detail, id } = placed;
  const hem = inputs.rules.length(mouthHem);
  return detail.slots.map(({ depth }, index) => {
    const isLast = index === detail.slots.length - 1;
    const height = isLast ? detail.last : depth;
    const shared = {
      id: ids(placed).pocket(index),
      name: `Card pocket ${id}${index + 1}`,
      role: 'pocket' as const,
      width: seat.width,
      height,
      spans,
      topArrow: true,
      lines: middleLines(placed, 'middle', height.value),
      note: 'Hem the top: half of it in, then again.',
    };
    const shape = isLast ? undefined : tongue(detail, seat.width.value, height.value);
    const stitch = shape ? tOutline(seat.width.value, height.value, shape) : rectangle(seat.width.value, height.value);
    // the tongue and the shoulders lie flat behind the next pocket: their edges are only neatened
    const raw = Object.fromEntries(stitch.map((edge) => [edge.id, asCut]));
    return { ...shared, stitch, allowance: { ...raw, ...allAround(inputs), top: hem } };
  });
}

/** Drawn right side up, so it mirrors the front that it is sewn to. */
export function backingPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, id } = placed;
  return {
    id: ids(placed).backing,
    name: `Card backing ${id}`,
    role: 'lining',
    stitch: rectangle(seat.width.value, seat.height.value),
    width: seat.width,
    height: seat.height,
    allowance: allAround(inputs),
    spans,
    lines: middleLines(placed),
  };
}
