import type { Outline } from '../../geometry/outline.ts';
import { through, type PanelShape } from '../../geometry/panel.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { BACK, crease, SQUARE } from '../../pieces/bend.ts';
import type { Bend } from '../../pieces/piece.ts';

/** Front and back in one piece, folded at half its height; the front is the upper half. Edges, counter-clockwise:
 * `mouth-back` at the bottom, (`mouth-right-back`), `right-back`, (`notch-right-in`, `notch-right`, `notch-right-out`,
 * or `cut-right-back`, `cut-right-front`), `right-front`, (`mouth-right-front`), `mouth-front`, (`mouth-left-front`),
 * `left-front`, (...), `left-back`, (`mouth-left-back`). */
export function foldedOutline({ width, height, taper, notch, cut = 0, slope = 0 }: PanelShape): Outline {
  const inset = taper / 2;
  const [left, right, fold] = [inset, width - inset, height];
  const side = (which: 'right' | 'left'): [string, Point][] => {
    const [x, inner] = which === 'right' ? [right, right - notch] : [left, left + notch];
    const [low, high] = [fold - notch, fold + notch];
    if (cut > 0) return cutSide(which, { x, fold, cut });
    if (which === 'right')
      return notch === 0
        ? [['right-front', [x, fold]]]
        : [
            ['notch-right-in', [x, low]],
            ['notch-right', [inner, low]],
            ['notch-right-out', [inner, high]],
            ['right-front', [x, high]],
          ];
    return notch === 0
      ? [['left-back', [x, fold]]]
      : [
          ['notch-left-in', [x, high]],
          ['notch-left', [inner, high]],
          ['notch-left-out', [inner, low]],
          ['left-back', [x, low]],
        ];
  };
  const corner = (id: string, at: Point): [string, Point][] => (slope > 0 ? [[`mouth-${id}`, at]] : []);
  return through([
    ['mouth-back', [slope, 0]],
    ...corner('right-back', [width - slope, 0]),
    ['right-back', [width, slope]],
    ...side('right'),
    ...corner('right-front', [width, 2 * height - slope]),
    ['mouth-front', [width - slope, 2 * height]],
    ...corner('left-front', [slope, 2 * height]),
    ['left-front', [0, 2 * height - slope]],
    ...side('left'),
    ...corner('left-back', [0, slope]),
  ]);
}

/** How a folded piece lies when it is full: boxed, a base between two walls; flat, folded back. */
export function foldedBends(shape: PanelShape): Bend[] {
  const { height, taper, notch } = shape;
  if (notch === 0) return [crease(...foldEnds(shape), BACK)];
  const free = taper !== 0;
  const [left, right] = [taper / 2 + notch, shape.width - taper / 2 - notch];
  const wall = (low: number, mouth: number): Bend[] => [
    crease([left, low], [right, low], SQUARE, free),
    crease([left, low], [notch, mouth], SQUARE, free),
    crease([right, low], [shape.width - notch, mouth], SQUARE, free),
  ];
  return [...wall(height - notch, 0), ...wall(height + notch, 2 * height)];
}

/** Where the fold at the bottom ends. */
export const foldEnds = ({ height, taper, width, notch, cut = 0 }: PanelShape): [Point, Point] => [
  [taper / 2 + notch + cut, height],
  [width - taper / 2 - notch - cut, height],
];

/** How one panel lies when it is full: boxed, half of the base and of both sides beside its wall. */
export function panelBends({ width, height, taper, notch }: PanelShape): Bend[] {
  if (notch === 0) return [];
  const free = taper !== 0;
  const [left, right] = [taper / 2 + notch, width - taper / 2 - notch];
  return [
    crease([left, notch], [right, notch], SQUARE, free),
    crease([left, notch], [notch, height], SQUARE, free),
    crease([right, notch], [width - notch, height], SQUARE, free),
  ];
}

/** A wedge taken out at the fold: folded, it is a corner cut off. */
function cutSide(
  which: 'right' | 'left',
  { x, fold, cut }: { x: number; fold: number; cut: number },
): [string, Point][] {
  if (which === 'right')
    return [
      ['cut-right-back', [x, fold - cut]],
      ['cut-right-front', [x - cut, fold]],
      ['right-front', [x, fold + cut]],
    ];
  return [
    ['cut-left-front', [x, fold + cut]],
    ['cut-left-back', [x + cut, fold]],
    ['left-back', [x, fold - cut]],
  ];
}
