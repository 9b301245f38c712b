import { CoreError } from '../errors/core-error.ts';
import { boundsOf } from '../geometry/outline.ts';
import type { CutPiece, CutPieces } from '../holders/seat.ts';
import type { Piece } from '../pieces/piece.ts';

/** Measures pieces between the stitch lines that are drawn on them.
 * @throws CoreError `piece.unknown` when asked for a piece that is not there */
export function cutPieces(pieces: readonly Piece[]): CutPieces {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const known = new Map<string, CutPiece>();
  return (id) => {
    const before = known.get(id);
    if (before) return before;
    const piece = byId.get(id);
    if (!piece) throw new CoreError('piece.unknown', `there is no piece ${id}`, id);
    const measured = measure(piece);
    known.set(id, measured);
    return measured;
  };
}

function measure({ stitch, folds }: Piece): CutPiece {
  const { width, height } = boundsOf(stitch);
  return {
    sewn: { width, height },
    folds: folds.filter(({ from, to }) => from[1] === to[1]).map(({ from }) => from[1]),
    foldsAcross: folds.filter(({ from, to }) => from[0] === to[0]).map(({ from }) => from[0]),
  };
}
