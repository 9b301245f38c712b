import { through } from '../../geometry/panel.ts';
import type { Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { BACK, crease, SQUARE } from '../../pieces/bend.ts';
import type { Bend, StitchLine } from '../../pieces/piece.ts';

/** A panel round a tube, or part of it. All mm. */
export interface TubePanel {
  /** From end seam to end seam, and round the tube. */
  along: number;
  round: number;
  /** Heights at which the tube is folded when it lies flat. */
  folds: readonly number[];
  /** Height of the boxed ends; 0 leaves them flat. */
  boxing: number;
  /** The edges that run along the tube. */
  names: { bottom: string; top: string };
}

/** The outline, counter-clockwise: the bottom edge; up the right end in stretches `right-1`, `right-2`, ... between the
 * folds; the top edge; down the left end likewise.
 * @param cutOut whether a rectangle is cut out at each fold; its edges, upwards: `right-1-in`, `right-1-across`,
 *   `right-1-out` */
export function tubeOutline(panel: TubePanel, cutOut: boolean): Outline {
  const { along, round, names } = panel;
  const right = endOf(panel, 'right', cutOut);
  const left = endOf(panel, 'left', cutOut);
  // downwards each edge leaves from its upper corner, which is the lower one of the next
  const down = left.map(([id], index): [string, Point] => [id, left[index + 1]?.[1] ?? [0, round]]).reverse();
  return through([[names.bottom, [0, 0]], ...right, [names.top, [along, round]], ...down]);
}

/** An end from the bottom up: each edge with its lower corner. */
function endOf({ along, folds, boxing }: TubePanel, side: 'left' | 'right', cutOut: boolean): [string, Point][] {
  const x = side === 'right' ? along : 0;
  const inner = side === 'right' ? along - boxing / 2 : boxing / 2;
  const start: [string, Point] = [`${side}-1`, [x, 0]];
  const rest = folds.flatMap((fold, index): [string, Point][] => {
    const next: [string, Point] = [`${side}-${index + 2}`, [x, fold + (cutOut ? boxing / 2 : 0)]];
    if (!cutOut) return [next];
    const corner = `${side}-${index + 1}`;
    return [
      [`${corner}-in`, [x, fold - boxing / 2]],
      [`${corner}-across`, [inner, fold - boxing / 2]],
      [`${corner}-out`, [inner, fold + boxing / 2]],
      next,
    ];
  });
  return [start, ...rest];
}

/** How it lies when it is full: walls between the folds and across their ends; flat, folded back. Corners that are only
 * marked are not bent: what is sewn off there is no part of the solid. */
export function tubeBends({ along, round, folds, boxing }: TubePanel, cutOut: boolean): Bend[] {
  if (boxing === 0) return folds.map((at) => crease([0, at], [along, at], BACK));
  if (!cutOut) return [];
  const [left, right] = [boxing / 2, along - boxing / 2];
  const [low, high] = [folds.map((at) => at - boxing / 2), folds.map((at) => at + boxing / 2)];
  const level = [...low, ...high].map((at) => crease([left, at], [right, at], SQUARE));
  // the ends of each wall, between the cut-outs
  const ends = [0, ...high].flatMap((from, index) => {
    const to = low[index] ?? round;
    return [left, right].map((x) => crease([x, from], [x, to], SQUARE));
  });
  return [...level, ...ends];
}

/** The same corners as lines to be sewn, where nothing is cut out first. */
export function cornerLines({ along, folds, boxing }: TubePanel): StitchLine[] {
  return (['right', 'left'] as const).flatMap((side) => {
    const [x, inner] = side === 'right' ? [along, along - boxing / 2] : [0, boxing / 2];
    return folds.flatMap((fold, index) => {
      const [low, high] = [fold - boxing / 2, fold + boxing / 2];
      const line = (id: string, from: Point, to: Point): StitchLine => ({
        id: `${side}-${index + 1}-${id}`,
        from,
        to,
        label: 'sewn across',
      });
      return [
        line('in', [x, low], [inner, low]),
        line('across', [inner, low], [inner, high]),
        line('out', [inner, high], [x, high]),
      ];
    });
  });
}
