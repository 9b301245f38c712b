import { boundsOf, type Piece } from '@zindle/core';

/** Where a piece is drawn, mm from the upper left corner of the table. */
export interface PlacedPiece {
  piece: Piece;
  x: number;
  y: number;
  width: number;
  height: number;
}

const GAP = 8;

/** Lays pieces out in rows, the highest first.
 * @param width of the table, mm
 * @param words room under each piece for its name, mm; default 9 */
export function piecesView(
  pieces: readonly Piece[],
  width: number,
  words = 9,
): { placed: PlacedPiece[]; width: number; height: number } {
  const sized = pieces
    .filter(({ byRuler }) => !byRuler)
    .map((piece) => ({ piece, ...boundsOf(piece.cut) }))
    .sort((a, b) => b.height - a.height || b.width - a.width);
  let [x, y, row, widest] = [0, 0, 0, 0];
  const placed = sized.map(({ piece, width: across, height }): PlacedPiece => {
    if (x > 0 && x + across > width) [x, y, row] = [0, y + row + GAP + words, 0];
    const at = { piece, x, y, width: across, height };
    x += across + GAP;
    row = Math.max(row, height);
    widest = Math.max(widest, x - GAP);
    return at;
  });
  return { placed, width: widest, height: y + row + words };
}
