import { rectPacker } from './rect-packer.ts';

export interface PaperSize {
  title: string;
  /** mm */
  width: number;
  height: number;
}

/** ISO 216 and ANSI paper, mm. */
export const papers = {
  a4: { title: 'A4', width: 210, height: 297 },
  letter: { title: 'Letter', width: 215.9, height: 279.4 },
  a3: { title: 'A3', width: 297, height: 420 },
} as const satisfies Record<string, PaperSize>;
export const paperIds = ['a4', 'letter', 'a3', 'sheet'] as const;
export type PaperId = (typeof paperIds)[number];

/** Margin that printers leave white, and the overlap of tiles, mm. */
export const PAGE_MARGIN = 10;
export const TILE_OVERLAP = 10;
const GAP = 3;

/** Something of a size to be put on paper, mm. */
export interface Placeable {
  id: string;
  width: number;
  height: number;
}

/** A thing on a page: its upper left corner from the upper left of the printable area, mm; turned by a quarter or not. */
export interface Placed {
  id: string;
  x: number;
  y: number;
  turned: boolean;
}

/** A page: things that lie on it whole, or one tile of a larger thing. */
export type PaperPage =
  | { kind: 'whole'; placed: Placed[] }
  | { kind: 'tile'; id: string; column: number; row: number; columns: number; rows: number; x: number; y: number };

/** Puts things on pages: those that fit on one are packed together, larger ones are tiled with overlaps.
 * @param area printable area of a page, mm */
export function placeOnPages(things: readonly Placeable[], area: { width: number; height: number }): PaperPage[] {
  const fits = ({ width, height }: Placeable) =>
    (width <= area.width && height <= area.height) || (height <= area.width && width <= area.height);
  const packer = rectPacker(area.width, area.height, { gap: GAP, turn: true, shrink: false });
  // the largest first: small ones find room beside them
  const bySize = things.filter(fits).sort((a, b) => b.width * b.height - a.width * a.height);
  for (const { id, width, height } of bySize) packer.add(width, height, id);
  const whole = packer.bins.map((bin): PaperPage => ({
    kind: 'whole',
    placed: bin.rects.map(({ x, y, rot, data }) => ({ id: data, x, y, turned: rot })),
  }));
  return [...whole, ...things.filter((thing) => !fits(thing)).flatMap((thing) => tiles(thing, area))];
}

function tiles({ id, width, height }: Placeable, area: { width: number; height: number }): PaperPage[] {
  const step = { x: area.width - TILE_OVERLAP, y: area.height - TILE_OVERLAP };
  const columns = Math.max(1, Math.ceil((width - TILE_OVERLAP) / step.x));
  const rows = Math.max(1, Math.ceil((height - TILE_OVERLAP) / step.y));
  return Array.from({ length: columns * rows }, (_, index): PaperPage => {
    const [column, row] = [index % columns, Math.floor(index / columns)];
    return { kind: 'tile', id, column, row, columns, rows, x: column * step.x, y: row * step.y };
  });
}

/** Puts everything on one sheet of a given width.
 * @returns the places and the sheet's size, mm */
export function placeOnSheet(
  things: readonly Placeable[],
  width: number,
): { placed: Placed[]; width: number; height: number } {
  const widest = Math.max(width, ...things.map((thing) => thing.width));
  const packer = rectPacker(widest, 100_000, { gap: GAP, turn: false, shrink: true });
  for (const { id, width: across, height } of things) packer.add(across, height, id);
  const [bin] = packer.bins;
  if (!bin) return { placed: [], width: 0, height: 0 };
  const placed = bin.rects.map(({ x, y, data }) => ({ id: data, x, y, turned: false }));
  return { placed, width: bin.width, height: bin.height };
}
