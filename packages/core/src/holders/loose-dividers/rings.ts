import { turned, type NamedLine, type Ring, type RoomWall } from '../../pieces/room.ts';
import type { SeatOf } from '../seat.ts';
import type { DividedRoom, LooseDividers } from './rooms.ts';

type Side = LooseDividers['sides'][number];

/** A divider as a wall: it hangs in the side seams, clear of the base. Left and right are those of the bag. */
function dividerWall(id: string, side: Side): RoomWall {
  const piece = `holders/${id}/divider-${side}`;
  const at = (which: 'left' | 'right'): NamedLine => ({ seam: `${piece}#${which}-lower`, side: 'a' });
  return { piece, left: at('left'), right: at('right'), mouth: { fold: 'top' }, double: true };
}

/** The walls of a room beside the dividers: half of the bag's front or back with the divider on it, or what is left between.
 * @param seat its innermost ring comes first */
export function dividedRings(
  id: string,
  room: DividedRoom['id'],
  sides: readonly Side[],
  { rings }: Pick<SeatOf<'walled'>, 'rings'>,
): Ring[] {
  const [front, back] = rings[0]?.walls ?? [];
  if (!front || !back) return [];
  const [side, half] = room.split('-') as [Side | 'middle', 'left' | 'right'];
  if (side === 'middle') {
    const near = sides.includes('front') ? dividerWall(id, 'front') : front;
    return [{ walls: [near, turned(dividerWall(id, 'back'))], parts: true }, ...rings];
  }
  const centre = (of: 'a' | 'b'): NamedLine => ({ seam: `holders/${id}/divider-${side}#centre`, side: of });
  // seen from the front: the divider of the back lies before its wall, that of the front behind it
  const divider = dividerWall(id, side);
  const [near, far] = side === 'back' ? [divider, turned(back)] : [front, divider];
  const [nearCentre, farCentre] = side === 'back' ? [centre('a'), centre('b')] : [centre('b'), centre('a')];
  const mate = half === 'left' ? 'right' : 'left';
  return [{ walls: [{ ...near, [mate]: nearCentre }, turned({ ...far, [mate]: farCentre })] }];
}
