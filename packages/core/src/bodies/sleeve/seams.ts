import { wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import type { Layer, Sleeve } from './params.ts';
import { sideFoldedSeams } from './side-fold.ts';

export const pieceIds = ({ bottom }: Pick<Sleeve, 'bottom'>, layer: Layer): string[] =>
  bottom === 'seam' ? [`body/${layer}-front`, `body/${layer}-back`] : [`body/${layer}`];

/** The seams that make a bag of a layer. The right side of the front meets the left side of the back, seen from outside. */
export function bagSeams(detail: Sleeve, layer: Layer): Seam[] {
  const seam = (id: string, a: EdgeRun, b: EdgeRun): Seam => ({ id: `body/${layer}/${id}`, kind: 'sewn', a, b });
  const boxed = detail.form === 'boxed';
  if (detail.bottom === 'side') return sideFoldedSeams(layer);
  if (detail.bottom === 'fold') {
    const piece = `body/${layer}`;
    const edge = (id: string, reversed = false) => wholeEdge(piece, id, reversed);
    return [
      seam('right', edge('right-front'), edge('right-back', true)),
      seam('left', edge('left-front'), edge('left-back', true)),
      // both level cuts, meeting at the side seam, are sewn to the upright one
      ...(boxed ? (['right', 'left'] as const) : []).map((side) =>
        seam(
          `corner-${side}`,
          {
            piece,
            parts: [
              { edge: `notch-${side}-in`, reversed: true },
              { edge: `notch-${side}-out`, reversed: true },
            ],
          },
          edge(`notch-${side}`),
        ),
      ),
    ];
  }
  const [front, back] = [`body/${layer}-front`, `body/${layer}-back`];
  const corner = (piece: string, side: 'right' | 'left', which: string) =>
    side === 'right'
      ? seam(`corner-${which}-${side}`, wholeEdge(piece, 'notch-right-up'), wholeEdge(piece, 'notch-right-out', true))
      : seam(`corner-${which}-${side}`, wholeEdge(piece, 'notch-left-in'), wholeEdge(piece, 'notch-left-down', true));
  return [
    seam('right', wholeEdge(front, 'right'), wholeEdge(back, 'left', true)),
    seam('left', wholeEdge(front, 'left'), wholeEdge(back, 'right', true)),
    seam('bottom', wholeEdge(front, 'bottom'), wholeEdge(back, 'bottom', true)),
    ...(boxed
      ? [
          corner(front, 'right', 'front'),
          corner(front, 'left', 'front'),
          corner(back, 'right', 'back'),
          corner(back, 'left', 'back'),
        ]
      : []),
  ];
}

/** Shell and lining right sides together round the mouth, front to front. */
export function mouthSeams(detail: Sleeve): Seam[] {
  const seam = (id: string, shell: EdgeRun, lining: EdgeRun): Seam => ({
    id: `body/mouth-${id}`,
    kind: 'sewn',
    a: shell,
    b: lining,
  });
  const words = (...all: (string | undefined)[]) => all.filter((word) => word !== undefined).join('-');
  const corners = detail.slope.value > 0 ? [undefined, 'left', 'right'] : [undefined];
  return (['front', 'back'] as const).flatMap((side) => {
    // of one piece the edge tells which half it is on, of two the piece does
    const [onPiece, onEdge] = detail.bottom === 'seam' ? [side, undefined] : [undefined, side];
    return corners.map((corner) => {
      const edge = words('mouth', corner, onEdge);
      const [shell, lining] = [words('body/shell', onPiece), words('body/lining', onPiece)];
      return seam(words(corner, side), wholeEdge(shell, edge), wholeEdge(lining, edge, true));
    });
  });
}
