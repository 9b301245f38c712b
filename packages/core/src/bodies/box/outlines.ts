import { through } from '../../geometry/panel.ts';
import type { Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Fold } from '../../pieces/piece.ts';
import type { BoxLayer, BoxMaking, Wall } from './params.ts';

/** A piece of a box: one wall, the base, or several of them in one. Each edge is named by its panel and the neighbour that
 * it meets: `front/left` is sewn to `left/front`; `front/top` is a part of the mouth. */
export interface BoxPiece {
  id: string;
  stitch: Outline;
  folds: Fold[];
  /** Size along the stitch lines, and the edges whose allowances are added to it. */
  width: Sides;
  height: Sides;
  spans: { across: [string, string]; up: [string, string] };
}

/** How often each size of the layer enters a size of a piece. */
type Sides = Partial<Record<keyof BoxLayer, number>>;

/** Sizes of a layer as plain numbers, mm. */
interface Sizes {
  /** Of the mouth. */
  w: number;
  d: number;
  h: number;
  /** Half of the taper. */
  t: number;
}

const fold = (id: string, order: number, from: Point, to: Point): Fold => ({ id, order, kind: 'mountain', from, to });

/** A wall, its mouth at the top, narrower at the base. */
function wallPiece(wall: Wall, side: 'width' | 'depth', { w, d, h, t }: Sizes, [left, right]: [Wall, Wall]): BoxPiece {
  const across = side === 'width' ? w : d;
  return {
    id: wall,
    stitch: through([
      [`${wall}/base`, [t, 0]],
      [`${wall}/${right}`, [across - t, 0]],
      [`${wall}/top`, [across, h]],
      [`${wall}/${left}`, [0, h]],
    ]),
    folds: [],
    width: { [side]: 1 },
    height: { height: 1 },
    spans: { across: [`${wall}/${left}`, `${wall}/${right}`], up: [`${wall}/base`, `${wall}/top`] },
  };
}

const sides = (sizes: Sizes): BoxPiece[] => [
  wallPiece('left', 'depth', sizes, ['back', 'front']),
  wallPiece('right', 'depth', sizes, ['front', 'back']),
];

function fivePanels(sizes: Sizes): BoxPiece[] {
  const { w, d, t } = sizes;
  const [wide, deep] = [w - 2 * t, d - 2 * t];
  return [
    wallPiece('front', 'width', sizes, ['left', 'right']),
    wallPiece('back', 'width', sizes, ['right', 'left']),
    ...sides(sizes),
    {
      id: 'base',
      stitch: through([
        // seen from below: left is on the right
        ['base/front', [0, 0]],
        ['base/left', [wide, 0]],
        ['base/back', [wide, deep]],
        ['base/right', [0, deep]],
      ]),
      folds: [],
      width: { width: 1, taper: -1 },
      height: { depth: 1, taper: -1 },
      spans: { across: ['base/right', 'base/left'], up: ['base/front', 'base/back'] },
    },
  ];
}

/** Front (its mouth at the bottom), base and back in one, seen from outside; its right hand edge is that of the front. */
function stripPieces(sizes: Sizes): BoxPiece[] {
  const { w, d, h, t } = sizes;
  const [near, far, top] = [h, h + d - 2 * t, 2 * h + d - 2 * t];
  return [
    {
      id: 'strip',
      stitch: through([
        ['front/top', [0, 0]],
        ['front/left', [w, 0]],
        ['base/left', [w - t, near]],
        ['back/left', [w - t, far]],
        ['back/top', [w, top]],
        ['back/right', [0, top]],
        ['base/right', [t, far]],
        ['front/right', [t, near]],
      ]),
      folds: [fold('base-front', 1, [t, near], [w - t, near]), fold('base-back', 2, [t, far], [w - t, far])],
      width: { width: 1 },
      height: { height: 2, depth: 1, taper: -1 },
      spans: { across: ['front/right', 'front/left'], up: ['front/top', 'back/top'] },
    },
    ...sides(sizes),
  ];
}

/** All five in one, the base in the middle, seen from outside with the back at the top: left is on the right. */
function crossPiece({ w, d, h, t }: Sizes): BoxPiece[] {
  const [wide, deep] = [w - 2 * t, d - 2 * t];
  const [x0, x1, y0, y1] = [h, h + wide, h, h + deep];
  return [
    {
      id: '',
      stitch: through([
        ['front/top', [x0 - t, 0]],
        ['front/left', [x1 + t, 0]],
        ['left/front', [x1, y0]],
        ['left/top', [x1 + h, y0 - t]],
        ['left/back', [x1 + h, y1 + t]],
        ['back/left', [x1, y1]],
        ['back/top', [x1 + t, y1 + h]],
        ['back/right', [x0 - t, y1 + h]],
        ['right/back', [x0, y1]],
        ['right/top', [0, y1 + t]],
        ['right/front', [0, y0 - t]],
        ['front/right', [x0, y0]],
      ]),
      folds: [
        fold('base-front', 1, [x0, y0], [x1, y0]),
        fold('base-back', 2, [x0, y1], [x1, y1]),
        fold('base-right', 3, [x0, y0], [x0, y1]),
        fold('base-left', 4, [x1, y0], [x1, y1]),
      ],
      width: { width: 1, height: 2, taper: -1 },
      height: { depth: 1, height: 2, taper: -1 },
      spans: { across: ['right/top', 'left/top'], up: ['front/top', 'back/top'] },
    },
  ];
}

const makings: Record<BoxMaking, (sizes: Sizes) => BoxPiece[]> = {
  cross: crossPiece,
  strip: stripPieces,
  five: fivePanels,
};

/** The pieces of a layer of the box. */
export const boxPieces = ({ width, depth, height, taper }: BoxLayer, making: BoxMaking): BoxPiece[] =>
  makings[making]({ w: width.value, d: depth.value, h: height.value, t: taper.value / 2 });
