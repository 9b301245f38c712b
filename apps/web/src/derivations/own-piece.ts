import {
  alikePieces,
  edgeName,
  lower,
  seamMates,
  type DesignDocument,
  type Layer,
  type OwnPiece,
  type Piece,
  type PieceEdge,
  type Solution,
} from '@zindle/core';

/** What the maker has decided about a piece; nothing if it is as its role and the rules have it. */
export const ownOf = ({ pieces = [] }: DesignDocument, id: string): OwnPiece | undefined =>
  pieces.find((own) => own.id === id);

/** The pieces that are cut from one pattern with a piece, itself among them. */
export const cutAlike = ({ pieces }: Solution, { letter }: Piece): Piece[] =>
  alikePieces(pieces).find(([first]) => first!.letter === letter) ?? [];

/** The same edge of the mirror image. */
const turned = (edge: string): string => edge.replace(/left|right/g, (side) => (side === 'left' ? 'right' : 'left'));

/** The same edge of all pieces that are cut alike. */
export function sameEdges(alike: readonly Piece[], piece: Piece, edge: string): PieceEdge[] {
  return alike.flatMap(({ id, mirrored, stitch }) => {
    const own = (mirrored ?? false) === (piece.mirrored ?? false) ? edge : turned(edge);
    return stitch.some((each) => each.id === own) ? [{ piece: id, edge: own }] : [];
  });
}

/** An edge as it is told and set. */
export interface EdgeInHand {
  name: string;
  /** mm */
  allowance: number;
  rough: number;
  /** The maker has set its allowance. */
  own: boolean;
  /** Of all pieces that are cut alike. */
  alone: PieceEdge[];
  /** With all that lies in one seam with it. */
  seam: PieceEdge[];
}

export function edgeInHand(document: DesignDocument, solution: Solution, piece: Piece, edge: string): EdgeInHand {
  const alone = sameEdges(cutAlike(solution, piece), piece, edge);
  const { pieces, seams } = solution;
  const seam = new Map(
    alone
      .flatMap((each) => seamMates(pieces, seams, each))
      .map((mate) => [`${mate.piece}#${mate.edge}`, mate] as const),
  );
  return {
    name: edgeName(edge),
    allowance: piece.allowance[edge] ?? 0,
    rough: ownOf(document, piece.id)?.rough?.[edge] ?? 0,
    own: piece.ownEdges?.includes(edge) ?? false,
    alone,
    seam: [...seam.values()],
  };
}

/** The layers that a piece has, as they are set. */
export const layersOf = ({ layers }: Piece): Layer[] =>
  layers.map(({ material, coverage }) => ({ material, coverage }));

/** What an edit is called after: “the left edge of the shell”. */
export const edgeTitle = (piece: Piece, edge: string): string => `the ${edgeName(edge)} of ${lower(piece.name)}`;
