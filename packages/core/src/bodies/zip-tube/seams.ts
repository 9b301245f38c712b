import { half } from '../../derived/constants.ts';
import { minus, product, sum } from '../../derived/derived.ts';
import { wholeEdge, type EdgeRun, type RunPart, type Seam } from '../../pieces/seam.ts';
import type { ZipTube } from './params.ts';

export type TubePiece = 'body/shell' | 'body/lining-front' | 'body/lining-back';
export const tubePieces: readonly TubePiece[] = ['body/shell', 'body/lining-front', 'body/lining-back'];
const sides = ['left', 'right'] as const;

/** Shell and lining along both edges of the zipper, their middles meeting: the lining ends sooner at both ends. */
export function zipSeams({ shell, lining }: ZipTube): Seam[] {
  const by = sum('lining ends sooner, both ends', [shell.along, minus(lining.along)]);
  return (['front', 'back'] as const).map((which) => ({
    id: `body/zip-${which}`,
    kind: 'sewn',
    centre: true,
    a: wholeEdge('body/shell', `zip-${which}`),
    b: wholeEdge(`body/lining-${which}`, 'zip', true),
    ease: { by },
  }));
}

/** The lower half of each end on the upper half of it; in the middle of the upper one the zipper shows. */
export function endSeams({ exposed }: ZipTube): Seam[] {
  const onHalf = product('half of what shows', [exposed, half]);
  const run = (piece: string, parts: RunPart[]): EdgeRun => ({ piece, parts });
  const up = (edge: string): RunPart => ({ edge });
  const down = (edge: string): RunPart => ({ edge, reversed: true });
  return sides.flatMap((side): Seam[] => [
    {
      id: `body/shell/${side}`,
      kind: 'sewn',
      a: run('body/shell', [up(`${side}-2`)]),
      // a left end is walked downwards
      b: run(
        'body/shell',
        (side === 'left' ? [3, 1] : [1, 3]).map((part) => down(`${side}-${part}`)),
      ),
      ease: { by: exposed, lies: 'zipper' },
    },
    ...(['front', 'back'] as const).map((which): Seam => ({
      id: `body/lining/${side}-${which}`,
      kind: 'sewn',
      a: run(`body/lining-${which}`, [up(`${side}-2`)]),
      b: run(`body/lining-${which}`, [down(`${side}-1`)]),
      // from the bottom of the lining, or towards it: there the zipper shows
      ease: { by: onHalf, at: side === 'left' ? 'start' : 'end' },
    })),
  ]);
}

/** The bottom of the lining, through which it is turned. */
export const bottomSeam: Seam = {
  id: 'body/lining/bottom',
  kind: 'sewn',
  a: wholeEdge('body/lining-front', 'bottom'),
  b: wholeEdge('body/lining-back', 'bottom', true),
};

/** Every corner: the two edges that meet in the end seam, sewn to the one that lies across the fold. */
export function cornerSeams({ form, corners }: ZipTube): Seam[] {
  if (form === 'flat') return [];
  const part = (id: string, reversed = false): RunPart =>
    corners === 'cut' ? { edge: id, ...(reversed && { reversed }) } : { line: id };
  // from one inner corner out to the end seam, and back in to the other; a left end runs downwards
  const order = { right: ['in', 'out'], left: ['out', 'in'] } as const;
  return tubePieces.flatMap((piece) =>
    (piece === 'body/shell' ? [1, 2] : [1]).flatMap((fold) =>
      sides.map((side) => ({
        id: `${piece}/corner-${side}-${fold}`,
        kind: 'sewn' as const,
        a: { piece, parts: order[side].map((end) => part(`${side}-${fold}-${end}`, true)) },
        b: { piece, parts: [part(`${side}-${fold}-across`)] },
      })),
    ),
  );
}
