import type { Outline } from '../../geometry/outline.ts';
import { through, type PanelShape } from '../../geometry/panel.ts';
import type { Panels } from '../../holders/seat.ts';
import { BACK, crease } from '../../pieces/bend.ts';
import type { Bend } from '../../pieces/piece.ts';
import type { NamedLine, Ring, RoomWall } from '../../pieces/room.ts';
import { wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import type { Layer } from './params.ts';

// One piece folded at the right side of the bag, seen from outside: the left side and the foot are sewn.

type Half = 'front' | 'back';

/** Of a shell the left half is the front. A lining is drawn with its right side up as well, which is seen from inside the bag:
 * there the front is the right half. */
const leftHalf: Record<Layer, Half> = { shell: 'front', lining: 'back' };
const other: Record<Half, Half> = { front: 'back', back: 'front' };

/** Edges, counter-clockwise: `bottom` of the left half, of the right half, `right`, `mouth` of the right half, of the left half,
 * `left`. The fold runs up the middle. */
export function sideFoldedOutline({ width, height, taper }: PanelShape, layer: Layer): Outline {
  const [left, right] = [leftHalf[layer], other[leftHalf[layer]]];
  // all of the taper lies at the sewn side
  return through([
    [`bottom-${left}`, [taper, 0]],
    [`bottom-${right}`, [width, 0]],
    ['right', [2 * width - taper, 0]],
    [`mouth-${right}`, [2 * width, height]],
    [`mouth-${left}`, [width, height]],
    ['left', [0, height]],
  ]);
}

/** The fold, from the foot to the mouth. */
export const sideFold = ({ width, height }: PanelShape) => ({
  id: 'side',
  order: 1,
  kind: 'mountain' as const,
  from: [width, 0] as [number, number],
  to: [width, height] as [number, number],
});

export const sideFoldedBends = ({ width, height }: PanelShape): Bend[] => [crease([width, 0], [width, height], BACK)];

/** Where places on front and back lie on the shell, of a width and a height. mm */
export const sideFoldedPanels = (w: number, h: number): Panels => ({
  front: { piece: 'body/shell', at: (fromLeft, down) => [fromLeft, h - down] },
  back: { piece: 'body/shell', at: (fromLeft, down) => [2 * w - fromLeft, h - down] },
});

/** The sewn edge of a half. */
const sewnEdge = (layer: Layer, half: Half): string => (leftHalf[layer] === half ? 'left' : 'right');

/** The left side and the foot. */
export function sideFoldedSeams(layer: Layer): Seam[] {
  const piece = `body/${layer}`;
  const seam = (id: string, a: string, b: string): Seam => ({
    id: `${piece}/${id}`,
    kind: 'sewn',
    a: wholeEdge(piece, a),
    b: wholeEdge(piece, b, true),
  });
  return [
    seam('left', sewnEdge(layer, 'front'), sewnEdge(layer, 'back')),
    seam('bottom', 'bottom-front', 'bottom-back'),
  ];
}

export function sideFoldedRing(layer: Layer): Ring {
  const piece = `body/${layer}`;
  const fold: NamedLine = { fold: 'side' };
  const wall = (half: Half): RoomWall => {
    const on = (id: string): NamedLine => ({ seam: `${piece}/${id}`, side: half === 'front' ? 'a' : 'b' });
    const [left, right] = half === 'front' ? [on('left'), fold] : [fold, on('left')];
    return { piece, left, right, base: on('bottom'), mouth: { edge: `mouth-${half}` } };
  };
  return { walls: [wall('front'), wall('back')] };
}

/** The mouth of the shell in one run, round the fold. */
export const roundTheFold: EdgeRun = { piece: 'body/shell', parts: [{ edge: 'mouth-back' }, { edge: 'mouth-front' }] };
