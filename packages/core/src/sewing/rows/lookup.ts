import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';

/** What the ids of actions are looked up in. */
export interface Lookup {
  piece(id: string): Piece;
  seam(id: string): Seam;
}
