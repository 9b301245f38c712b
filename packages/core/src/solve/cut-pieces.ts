import { CoreError } from '../errors/core-error.ts';
import { boundsOf } from '../geometry/outline.ts';
import type { CutPieces } from '../holders/holder-kind.ts';
import type { Piece } from '../pieces/piece.ts';

/** Measures pieces as cut, on their outlines.
 * @throws CoreError `piece.unknown` when asked for a piece that is not there */
export function cutPieces(pieces: readonly Piece[]): CutPieces {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  return (id) => {
    const piece = byId.get(id);
    if (!piece) throw new CoreError('piece.unknown', `there is no piece ${id}`, id);
    const { width, height } = boundsOf(piece.cut);
    const folds = piece.folds.filter(({ from, to }) => from[1] === to[1]).map(({ from }) => from[1]);
    const foldsAcross = piece.folds.filter(({ from, to }) => from[0] === to[0]).map(({ from }) => from[0]);
    return { width, height, folds, foldsAcross };
  };
}
