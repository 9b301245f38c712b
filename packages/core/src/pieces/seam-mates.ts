import type { Piece } from './piece.ts';
import type { Seam } from './seam.ts';

/** An edge of a piece, by their ids. */
export interface PieceEdge {
  piece: string;
  edge: string;
}

const keyOf = ({ piece, edge }: PieceEdge): string => `${piece}#${edge}`;

/** All edges that lie in one seam with an edge, itself first: what is sewn to it, what is caught between, and what those are sewn to in
 * turn. Their cut edges lie on each other, so that they have one allowance. Edges without any, such as those of a tape, keep to
 * themselves. */
export function seamMates(
  pieces: readonly Pick<Piece, 'id' | 'allowance'>[],
  seams: readonly Pick<Seam, 'kind' | 'a' | 'b'>[],
  from: PieceEdge,
): PieceEdge[] {
  const allowances = new Map(pieces.map(({ id, allowance }) => [id, allowance]));
  const sewn = seams
    .filter(({ kind }) => kind !== 'stitchedOn')
    .map(({ a, b }) =>
      [a, b].flatMap(({ piece, parts }) =>
        parts.flatMap((part) =>
          'edge' in part && (allowances.get(piece)?.[part.edge] ?? 0) > 0 ? [{ piece, edge: part.edge }] : [],
        ),
      ),
    );
  const found = new Map([[keyOf(from), from]]);
  const open = [from];
  for (let next = open.pop(); next; next = open.pop()) {
    const key = keyOf(next);
    const mates = sewn.filter((edges) => edges.some((each) => keyOf(each) === key)).flat();
    for (const mate of mates.filter((each) => !found.has(keyOf(each)))) {
      found.set(keyOf(mate), mate);
      open.push(mate);
    }
  }
  return [...found.values()];
}
