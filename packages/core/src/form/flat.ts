import type { Piece } from '../pieces/piece.ts';
import type { Seam } from '../pieces/seam.ts';

/** What the form looks at of a piece. */
export type FlatPiece = Pick<Piece, 'id' | 'stitch' | 'bends' | 'notches'>;

/** What it looks at of a seam. */
export interface FlatSeam extends Pick<Seam, 'id' | 'kind' | 'a' | 'b'> {
  ease?: Omit<NonNullable<Seam['ease']>, 'by'>;
}

/** What says which pieces belong together. */
export type SkinPiece = FlatPiece & Pick<Piece, 'role' | 'byRuler' | 'layerOf' | 'count'>;
