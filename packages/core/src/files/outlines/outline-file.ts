import { polygonArea } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { outlineItem, type OutlineRead } from '../../contents/outline-item.ts';

/** The closed lines of a drawing, in its own units. */
export interface Drawing {
  lines: Point[][];
  /** mm for one unit of the drawing; nothing if it does not say. */
  mmPerUnit?: number;
  /** What was left out, and how it was understood. */
  notes: string[];
}
export type DrawingRead = { ok: true; drawing: Drawing } | { ok: false; code: OutlineCode; message: string };
export type OutlineCode =
  | 'outline.unreadable'
  | 'outline.unsafe'
  | 'outline.nothing'
  | 'outline.noUnits'
  | Extract<OutlineRead, { ok: false }>['code'];

/** The thing that a drawing shows, or why there is none. */
export type OutlineFile =
  | { ok: true; outline: Point[]; length: number; width: number; notes: string[] }
  | { ok: false; code: OutlineCode; message: string };

/** Most points and letters of a drawing: what is larger is no outline of one thing. */
export const DRAWING = { points: 20_000, letters: 3_000_000 };

export const tooLarge: DrawingRead = {
  ok: false,
  code: 'outline.unreadable',
  message: 'The drawing is too large for the outline of one thing. Leave only its outer line, with fewer points.',
};

/** Takes the largest closed line of a drawing as the outline of a thing.
 * @param mmPerUnit what a unit of the drawing is, if the maker says so, mm */
export function outlineOf(read: DrawingRead, { mmPerUnit }: { mmPerUnit?: number } = {}): OutlineFile {
  if (!read.ok) return read;
  const { lines, notes } = read.drawing;
  const closed = lines.filter((line) => line.length >= 3);
  const [largest] = [...closed].sort((a, b) => Math.abs(polygonArea(b)) - Math.abs(polygonArea(a)));
  if (!largest) return { ok: false, code: 'outline.nothing', message: 'There is no closed line in this drawing.' };
  const scale = mmPerUnit ?? read.drawing.mmPerUnit;
  if (scale === undefined)
    return {
      ok: false,
      code: 'outline.noUnits',
      message: 'The drawing does not say how large its units are. Say what one unit is, or how long the thing is.',
    };
  const outline = outlineItem(largest.map(([x, y]): Point => [x * scale, y * scale]));
  if (!outline.ok) return outline;
  const others = closed.length - 1;
  const left = others > 0 ? [`The largest of ${closed.length} closed lines was taken.`] : [];
  return {
    ok: true,
    outline: outline.outline,
    length: outline.length,
    width: outline.width,
    notes: [...notes, ...left],
  };
}
