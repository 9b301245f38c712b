import type { HolderInputs } from '../holder-kind.ts';
import { overlapping } from './measure.ts';
import { easeCardAcross, easeCardDeep, foldLoss } from './rules.ts';
import {
  onePile,
  partedRings,
  patchRing,
  type Insets,
  type NamedLine,
  type Ring,
  type Room,
} from '../../pieces/room.ts';
import { ids, type Placed } from './fronts.ts';

/** Topstitching bites in at both sides, and below the last pocket. */
export const insetsOf = (isLast: boolean): Insets => ({
  left: 'topstitch.inset',
  right: 'topstitch.inset',
  ...(isLast && { base: 'topstitch.inset' }),
});

/** The rooms of one tier, from the left.
 * @param rings of its columns, each with a front and a back */
export function slotRooms(
  { id, detail }: Pick<Placed, 'id' | 'detail'>,
  index: number,
  rings: readonly Ring[],
  { rules }: Pick<HolderInputs, 'rules'>,
): Room[] {
  const roomId = (slot: number, column: number) =>
    `holders/${id}/${slot + 1}${detail.columns === 1 ? '' : `-${column + 1}`}`;
  return detail.slots[index]!.piles.map((pile, column) => ({
    id: roomId(index, column),
    holds: [pile.line],
    rings: [rings[column]!],
    stands: onePile([pile], { shows: pile.shows }),
    grips: true,
    behind: overlapping(detail, index).flatMap((slot) =>
      detail.slots[slot]!.piles[column] ? [roomId(slot, column)] : [],
    ),
    ease: { across: rules.length(easeCardAcross), deep: rules.length(easeCardDeep) },
  }));
}

/** A room for each pocket, or two beside each other. */
export function tierRooms(placed: Placed, inputs: HolderInputs): Room[] {
  const { detail } = placed;
  const { front, pocket } = ids(placed);
  return detail.slots.flatMap((_, index) => {
    if (detail.making === 'pleated') return slotRooms(placed, index, pleatRings(placed, index), inputs);
    const own = pocket(index);
    const seams = { left: `${own}#left`, right: `${own}#right`, base: `${own}#bottom` };
    const isLast = index === detail.slots.length - 1;
    const ring = patchRing({ piece: own, mouth: { edge: 'top' } }, front, seams, insetsOf(isLast));
    return slotRooms(placed, index, partedRings(ring, detail.columns === 1 ? [] : [`${own}#middle`]), inputs);
  });
}

/** Between two legs of the strip: the one that comes up from the pocket's bottom to its mouth, and the one that goes down
 * behind it. */
function pleatRings(placed: Placed, index: number): Ring[] {
  const { detail } = placed;
  const piece = ids(placed).front;
  const behind: NamedLine = index === 0 ? { edge: 'top' } : { fold: `fold-${2 * index}` };
  const { left: inset } = insetsOf(false);
  const ring = (left: NamedLine, right: NamedLine) => pleatRing(piece, index, behind, [left, right]);
  const [left, right] = [
    { edge: 'left', inset },
    { edge: 'right', inset },
  ] as [NamedLine, NamedLine];
  const middle: NamedLine = { line: 'middle' };
  return detail.columns === 1 ? [ring(left, right)] : [ring(left, middle), ring(middle, right)];
}

/** A pocket of a pleated strip, between two lines.
 * @param index of the pocket, from the top
 * @param behind the upper end of the leg behind it */
export function pleatRing(
  piece: string,
  index: number,
  behind: NamedLine,
  [left, right]: readonly [left: NamedLine, right: NamedLine],
): Ring {
  const [bottom, mouth] = [`fold-${2 * index + 1}`, `fold-${2 * index + 2}`];
  return {
    walls: [
      { piece, left, right, base: { fold: bottom, inset: foldLoss.id }, mouth: { fold: mouth }, double: true },
      // what stands in a pleat lies on the right side of what is behind it
      { piece, left: right, right: left, base: { fold: bottom }, mouth: behind, rightSide: true },
    ],
  };
}
