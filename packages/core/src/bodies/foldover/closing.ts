import type { Derived } from '../../derived/derived.ts';
import { edgePart, type EdgeRun } from '../../pieces/seam.ts';
import type { ClosingEdge } from '../body-kind.ts';
import type { Foldover } from './params.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';

/** Where a bifold is closed: at the outer edge of its back leaf, or with a tape round its edges.
 * @param thick closed, full and empty, mm */
export function closingOf(detail: Foldover, thick: Record<'full' | 'empty', Derived>): ClosingEdge {
  const { leafWidth, shellWidth, height, radius } = detail;
  return {
    kind: 'edge',
    outer: { piece: SHELL, edge: 'left' },
    inner: { piece: LINING, edge: 'right' },
    length: height.value - 2 * radius.value,
    within: 'body/right',
    back: 'the back leaf of the shell',
    // the shell is drawn right side up: its right edge is the outer edge of the front (left) leaf
    front: {
      piece: SHELL,
      edge: 'right',
      name: 'the front leaf of the shell',
      at: (distance, aside) => [shellWidth.value - distance, height.value / 2 + aside],
    },
    around: { round: zipPath(detail), upper: upperPath(detail) },
    radius,
    leaf: leafWidth,
    along: height,
    plate: { width: leafWidth, height },
    thick,
    beside: (from, to) =>
      (['top', 'bottom'] as const).map((side) => ({
        run: backEdge(detail, side, from, to),
        within: `body/${side}`,
      })),
  };
}

/** The way of a tape round the lining, from the fold at the bottom of the right leaf to that of the left one. */
function zipPath({ leafWidth, liningWidth, radius }: Foldover): EdgeRun {
  const [leaf, width, r] = [leafWidth.value, liningWidth.value, radius.value];
  return {
    piece: LINING,
    parts: [
      { edge: 'bottom', from: width - leaf - r, to: width - 2 * r },
      ...cornerOf('bottom-right', r),
      ...upperParts(r),
      ...cornerOf('bottom-left', r),
      { edge: 'bottom', from: 0, to: leaf - r },
    ],
  };
}

const cornerOf = (id: string, radius: number) => (radius > 0 ? [{ edge: `corner-${id}` }] : []);
const upperParts = (radius: number): EdgeRun['parts'] => [
  { edge: 'right' },
  ...cornerOf('top-right', radius),
  { edge: 'top' },
  ...cornerOf('top-left', radius),
  { edge: 'left' },
];

/** Up one outer edge, across the top, and down the other. */
const upperPath = ({ radius }: Foldover): EdgeRun => ({ piece: LINING, parts: upperParts(radius.value) });

/** The back leaf lies on the left of the shell, which is drawn right side up. */
function backEdge({ shellWidth, radius }: Foldover, side: 'top' | 'bottom', from: number, to: number): EdgeRun {
  const r = radius.value;
  const w = shellWidth.value;
  return side === 'bottom'
    ? edgePart(SHELL, 'bottom', from - r, to - r)
    : edgePart(SHELL, 'top', w - to - r, w - from - r);
}
