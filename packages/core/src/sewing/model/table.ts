import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Table } from './facts.ts';

/** What the effects of actions are worked out from, of a whole design. */
export function tableOf(
  pieces: readonly Piece[],
  seams: readonly Seam[],
  operations: readonly Pick<OperationDraft, 'actions'>[],
): Table {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const seamById = new Map(seams.map((seam) => [seam.id, seam]));
  const inner = new Map<string, string[]>();
  for (const { id, layerOf } of pieces)
    if (layerOf !== undefined) inner.set(layerOf, [...(inner.get(layerOf) ?? []), id]);
  const verbs = new Map(
    operations
      .flatMap(({ actions }) => actions)
      .flatMap((action) => ('seams' in action ? (action.seams ?? []).map((id) => [id, action.verb] as const) : [])),
  );
  const around = aroundPieces(seams);
  return {
    piece: (id) => byId.get(id),
    seam: (id) => seamById.get(id),
    seams,
    seamsOf: (id) => around.get(id) ?? [],
    layersOf: (id) => [...(inner.get(id) ?? []), ...(fullLayers(byId.get(id)) ? [`${id}/layers`] : [])],
    verbOf: (id) => verbs.get(id),
  };
}

/** The seams that each piece lies in. */
function aroundPieces(seams: readonly Seam[]): Map<string, Seam[]> {
  const around = new Map<string, Seam[]>();
  for (const seam of seams)
    for (const id of new Set([seam.a.piece, seam.b.piece])) around.set(id, [...(around.get(id) ?? []), seam]);
  return around;
}

/** It has layers that go into its seams with it. */
const fullLayers = (piece: Piece | undefined): boolean =>
  piece !== undefined &&
  piece.layerOf === undefined &&
  !piece.byRuler &&
  piece.layers.filter(({ coverage }) => coverage === 'full').length > 1;
