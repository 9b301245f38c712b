import { sum, times, type Derived } from '../../derived/derived.ts';
import { through } from '../../geometry/panel.ts';
import { rectangle } from '../../geometry/outline.ts';
import { BACK, crease } from '../../pieces/bend.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import type { Ring } from '../../pieces/room.ts';
import { edgePart, wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { DoubleTube, End } from './params.ts';

export type TubeSide = 'front' | 'back';
const SHELL = 'body/shell';
const panel = (side: TubeSide) => `${SHELL}-${side}`;
const sides = ['front', 'back'] as const;

/** The piece that the pocket on the front is sewn to, and how wide that is. mm */
export const frontOf = ({ making, width }: DoubleTube): { piece: string; width: number } =>
  making === 'panels' ? { piece: panel('front'), width: width.value } : { piece: SHELL, width: 2 * width.value };

/** Ids of its pieces. */
export const shellIds = ({ making }: DoubleTube): string[] => (making === 'panels' ? sides.map(panel) : [SHELL]);

/** What one side of an end opens along. Walked round from the side seam, the front of end B is what the back of end A is. */
export function mouthOf({ making, width }: DoubleTube, end: End, side: TubeSide, reversed = false): EdgeRun {
  const w = width.value;
  if (making === 'panels')
    return wholeEdge(panel((end === 'a') === (side === 'front') ? 'front' : 'back'), `mouth-${end}`, reversed);
  return side === 'front'
    ? edgePart(SHELL, `mouth-${end}`, 0, w, reversed)
    : edgePart(SHELL, `mouth-${end}`, w, 2 * w, reversed);
}

/** One piece folded along one side, or a front and a back. */
export function shellPieces(detail: DoubleTube, { rules }: BodyInputs): PieceDraft[] {
  const { width, length, making } = detail;
  const [seam, zip] = [rules.length(seamAllowance), rules.length(zipSeam)];
  const [w, l] = [width.value, length.value];
  const alike = { role: 'exterior', height: length, topArrow: true } as const;
  if (making === 'panels') {
    const named = { bottom: 'mouth-a', right: 'right', top: 'mouth-b', left: 'left' } as const;
    const allowance: Record<string, Derived> = { 'mouth-a': zip, right: seam, 'mouth-b': zip, left: seam };
    return sides.map((side) => ({
      ...alike,
      id: panel(side),
      name: `Shell, ${side}`,
      stitch: rectangle(w, l).map((edge) => ({ ...edge, id: named[edge.id as keyof typeof named] })),
      width,
      allowance,
      spans: { across: ['left', 'right'], up: ['mouth-a', 'mouth-b'] },
      note: 'Both ends look alike: mark which is which.',
    }));
  }
  return [
    {
      ...alike,
      id: SHELL,
      name: 'Shell',
      stitch: through([
        ['mouth-a', [0, 0]],
        ['side-back', [2 * w, 0]],
        ['mouth-b', [2 * w, l]],
        ['side-front', [0, l]],
      ]),
      width: sum('front and back', [times(2, width)]),
      allowance: { 'mouth-a': zip, 'side-back': seam, 'mouth-b': zip, 'side-front': seam },
      spans: { across: ['side-front', 'side-back'], up: ['mouth-a', 'mouth-b'] },
      folds: [{ id: 'side', order: 1, kind: 'mountain', from: [w, 0], to: [w, l] }],
      bends: [crease([w, 0], [w, l], BACK)],
      note: 'Both ends look alike: mark which is which.',
    },
  ];
}

/** The seams along its sides. */
export const shellSeams = ({ making }: DoubleTube): Seam[] =>
  making === 'panels'
    ? (['right', 'left'] as const).map((side) => ({
        id: `${SHELL}/${side}`,
        kind: 'sewn',
        a: wholeEdge(panel('front'), side),
        b: wholeEdge(panel('back'), side === 'right' ? 'left' : 'right', true),
      }))
    : [
        {
          id: `${SHELL}/side`,
          kind: 'sewn',
          a: wholeEdge(SHELL, 'side-front'),
          b: wholeEdge(SHELL, 'side-back', true),
        },
      ];

/** Its walls, which are open at an end. */
export const shellRing = ({ making }: DoubleTube, end: End): Ring => ({
  walls:
    making === 'panels'
      ? sides.map((side) => ({
          piece: panel(side),
          left: { edge: 'left' },
          right: { edge: 'right' },
          mouth: { edge: `mouth-${end}` },
        }))
      : [
          {
            piece: SHELL,
            left: { seam: `${SHELL}/side`, side: 'b' },
            right: { seam: `${SHELL}/side`, side: 'a' },
            mouth: { edge: `mouth-${end}` },
          },
        ],
});
