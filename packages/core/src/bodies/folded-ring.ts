import type { Ring, RoomWall } from '../pieces/room.ts';

/** A piece folded at the bottom and sewn to itself at both sides: its front half, the `a` of the seams, and its back half.
 * @param corners seams that box it
 * @param sloped the mouth has three sides */
export function foldedRing(piece: string, corners: readonly string[] = [], sloped = false): Ring {
  const wall = (half: 'front' | 'back', left: string, right: string): RoomWall => {
    const side = half === 'front' ? 'a' : 'b';
    return {
      piece,
      left: { seam: `${piece}/${left}`, side },
      right: { seam: `${piece}/${right}`, side },
      base: { fold: 'bottom' },
      mouth: { edge: `mouth-${half}` },
      ...(sloped && { slopes: [{ edge: `mouth-left-${half}` }, { edge: `mouth-right-${half}` }] }),
    };
  };
  return { walls: [wall('front', 'left', 'right'), wall('back', 'right', 'left')], corners };
}
