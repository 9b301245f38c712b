import type { Accordion } from './params.ts';
import { turned, type NamedLine, type Ring, type RoomWall } from '../../pieces/room.ts';

type Side = 'left' | 'right';

/** A compartment: between two dividers, or between one and the front or the back, closed at both sides by the lining of the
 * gussets.
 * @param index of it, from the front */
export function compartmentRing(index: number, { dividers, making, school, foot }: Accordion): Ring {
  const first = index === 0;
  const last = index === dividers.length;
  const own = (divider: number) => `body/divider-${divider}`;
  // what is seen from the front stands with its own left on the left
  const dividerWall = (divider: number): RoomWall => ({
    piece: own(divider),
    left: { seam: `${own(divider)}#left`, side: 'a' },
    right: { seam: `${own(divider)}#right`, side: 'a' },
    base: { seam: `${own(divider)}#bottom`, side: 'a' },
    mouth: { edge: 'top' },
    shared: true,
    layers: [own(divider), ...(making === 'padded' ? [`${own(divider)}-padding`] : []), own(divider)],
  });
  const panel = (which: 'front' | 'back'): RoomWall => ({
    piece: `body/lining-${which}`,
    left: { edge: 'left' },
    right: { edge: 'right' },
    base: { seam: 'body/lining/bottom', side: which === 'front' ? 'a' : 'b' },
    mouth: { edge: 'top' },
  });
  const front = first ? panel('front') : dividerWall(index);
  const back = last ? panel('back') : turned(dividerWall(index + 1));
  const gusset = (side: Side): RoomWall => {
    const to = (divider: number, end: boolean, panel: 'front' | 'back'): NamedLine =>
      end ? { seam: `body/lining/${panel}-${side}`, side: 'b' } : { seam: `${own(divider)}#${side}`, side: 'b' };
    const pinch = (divider: number, end: boolean, way: 'before' | 'behind'): NamedLine | undefined =>
      end || school === 'joined' ? undefined : { line: `pinch-${divider}-${way}` };
    const [near, far] = [to(index, first, 'front'), to(index + 1, last, 'back')];
    const [nearPinch, farPinch] = [pinch(index, first, 'behind'), pinch(index + 1, last, 'before')];
    const onRight = side === 'right';
    const [left, right] = onRight ? [near, far] : [far, near];
    const [leftPinch, rightPinch] = onRight ? [nearPinch, farPinch] : [farPinch, nearPinch];
    return {
      piece: `body/lining-gusset-${side}`,
      left,
      right,
      base: { edge: 'bottom' },
      mouth: { edge: 'top' },
      pleated: true,
      pinched: { ...(leftPinch && { left: leftPinch }), ...(rightPinch && { right: rightPinch }) },
    };
  };
  return {
    walls: [front, gusset('right'), back, gusset('left')],
    ...(foot === 'fan' && { fans: true }),
  };
}

/** The flat bag that the dividers of a fan part: front and back of the lining, and round those of the shell. */
export const fanBag = (): Ring[] =>
  (['lining', 'shell'] as const).map((layer) => ({
    walls: (['front', 'back'] as const).map((which) => ({
      piece: `body/${layer}-${which}`,
      left: { edge: 'left' },
      right: { edge: 'right' },
      base: { seam: `body/${layer}/bottom`, side: which === 'front' ? 'a' : 'b' },
      mouth: { edge: 'top' },
    })),
  }));
