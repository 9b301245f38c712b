import { line, type Outline } from './outline.ts';
import type { Point } from './perimeter.ts';

/** A closed outline from corners, each with the id of the edge that leaves it. */
export const through = (corners: [string, Point][]): Outline =>
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
  /** The same at the mouth. */
  slope?: number;
}

/** One panel, its mouth at the top. Edges, counter-clockwise: `bottom`, (`notch-right-up`, `notch-right-out` or
 * `cut-right`), `right`, (`mouth-right`), `mouth`, (`mouth-left`), `left`, (`notch-left-in`, `notch-left-down` or
 * `cut-left`). */
export function panelOutline({ width, height, taper, notch, cut = 0, slope = 0 }: PanelShape): Outline {
  const inset = taper / 2;
  const [left, right] = [inset, width - inset];
  if (slope > 0)
    return through([
      ['bottom', [left, 0]],
      ['right', [right, 0]],
      ['mouth-right', [width, height - slope]],
      ['mouth', [width - slope, height]],
      ['mouth-left', [slope, height]],
      ['left', [0, height - slope]],
    ]);
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
