import type { StitchLine } from '../../pieces/piece.ts';
import type { PlacedHolder } from '../holder-kind.ts';
import type { Side } from '../seat.ts';
import type { Tiers, TiersMaking } from './tiers.ts';

/** Tiers whose front, a strip or a panel with pockets, is bagged out with a backing. */
export type Placed = PlacedHolder<Tiers>;

export const ids = ({ id, detail }: Placed) => idsOf(id, detail.making);
export const idsOf = (id: string, making: TiersMaking) => ({
  front: `holders/${id}/${making === 'pleated' ? 'strip' : 'panel'}`,
  backing: `holders/${id}/backing`,
  pocket: (index: number) => `holders/${id}/pocket-${index + 1}`,
});

/** Its inner edge is the mouth of a room behind it: sewn to nothing. */
export const opensBehind = (placed: Placed): boolean => placed.seat.edges[sides(placed).inner].kind === 'free';

/** The panel's side that lies in a seam of the body, and the one towards the fold. */
export function sides({ seat }: Placed): { outer: Side; inner: Side } {
  return seat.edges.right.kind === 'caught' ? { outer: 'right', inner: 'left' } : { outer: 'left', inner: 'right' };
}
export const mirrored: Record<Side, Side> = { left: 'right', right: 'left', top: 'top', bottom: 'bottom' };

/** The seam between two columns, from the bottom to the top of the panel. */
export function middleLines({ detail, seat }: Placed, id = 'middle', length = seat.height.value): StitchLine[] {
  const x = seat.width.value / 2;
  return detail.columns === 1 ? [] : [{ id, from: [x, 0], to: [x, length], label: 'middle' }];
}
