import { line, type Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';

/** A closed outline from corners, each with the id of the edge that leaves it. */
const through = (corners: [string, Point][]): Outline =>
  corners.map(([id, from], index) => line(id, from, corners[(index + 1) % corners.length]![1]));

export interface PanelShape {
  /** At the mouth, mm. */
  width: number;
  /** Mouth to bottom line of one panel, mm. */
  height: number;
  /** Narrower at the bottom by, mm, half of it on each side. */
  taper: number;
  /** Side of the square that is taken out of each bottom corner; 0 of a flat one. */
  notch: number;
  /** Legs of the corner that is cut off at the bottom, on each side; 0 for whole corners. */
  cut?: number;
}

/** One panel, its mouth at the top. Edges, counter-clockwise: `bottom`, (`notch-right-up`, `notch-right-out` or
 * `cut-right`), `right`, `mouth`, `left`, (`notch-left-in`, `notch-left-down` or `cut-left`). */
export function panelOutline({ width, height, taper, notch, cut = 0 }: PanelShape): Outline {
  const inset = taper / 2;
  const [left, right] = [inset, width - inset];
  if (cut > 0)
    return through([
      ['bottom', [left + cut, 0]],
      ['cut-right', [right - cut, 0]],
      ['right', [right, cut]],
      ['mouth', [width, height]],
      ['left', [0, height]],
      ['cut-left', [left, cut]],
    ]);
  if (notch === 0)
    return through([
      ['bottom', [left, 0]],
      ['right', [right, 0]],
      ['mouth', [width, height]],
      ['left', [0, height]],
    ]);
  return through([
    ['bottom', [left + notch, 0]],
    ['notch-right-up', [right - notch, 0]],
    ['notch-right-out', [right - notch, notch]],
    ['right', [right, notch]],
    ['mouth', [width, height]],
    ['left', [0, height]],
    ['notch-left-in', [left, notch]],
    ['notch-left-down', [left + notch, notch]],
  ]);
}

/** Front and back in one piece, folded at half its height; the front is the upper half. Edges, counter-clockwise:
 * `mouth-back` at the bottom, `right-back`, (`notch-right-in`, `notch-right`, `notch-right-out`, or `cut-right-back`,
 * `cut-right-front`), `right-front`,
 * `mouth-front`, `left-front`, (...), `left-back`. */
export function foldedOutline({ width, height, taper, notch, cut = 0 }: PanelShape): Outline {
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
  return through([
    ['mouth-back', [0, 0]],
    ['right-back', [width, 0]],
    ...side('right'),
    ['mouth-front', [width, 2 * height]],
    ['left-front', [0, 2 * height]],
    ...side('left'),
  ]);
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
