import { lower } from '../errors/first-letter.ts';
import { say } from '../errors/wording.ts';
import type { OperationDraft } from '../pieces/contribution.ts';
import type { LayerUse, MaterialOf } from '../pieces/layers.ts';
import type { Piece } from '../pieces/piece.ts';

/** What is done to every design before anything is sewn: its pieces are cut, and each layer is held to its cloth. */
export function firstSteps(pieces: readonly Piece[], materialOf: MaterialOf): OperationDraft[] {
  const cut: OperationDraft = {
    id: 'cut',
    phase: 'cut',
    needs: [],
    uses: pieces.map(({ id }) => id),
    seams: [],
    text: say`Measure the printed test square. Cut every piece, keep its letter on the wrong side, and mark notches, folds and places.`,
  };
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  return [
    cut,
    ...pieces.flatMap((piece) => onEachOther(piece, materialOf)),
    ...pieces.flatMap((piece) => inside(piece, byId, materialOf)),
  ];
}

const nameOf = (material: string, materialOf: MaterialOf): string => materialOf(material)?.name ?? material;

/** Layers that go into the seams together. */
function onEachOther({ id, name, layers, layerOf, byRuler }: Piece, materialOf: MaterialOf): OperationDraft[] {
  const full = layers.filter(({ coverage }) => coverage === 'full');
  if (layerOf !== undefined || byRuler || full.length < 2) return [];
  const inner = full.slice(1);
  const names = inner.map(({ material }) => lower(nameOf(material, materialOf))).join(' and ');
  const fused = inner.every(({ held }) => held === 'fused');
  const text = fused
    ? say`${name}: fuse ${names} to the wrong side of its cloth.`
    : say`${name}: lay ${names} on the wrong side of its cloth and baste all round inside the allowance${reason(inner, materialOf)}.`;
  return [{ id: `${id}/layers`, phase: 'interface', needs: ['cut'], uses: [id], seams: [], text }];
}

/** A layer that ends at the stitch line, which is a piece of its own. */
function inside(piece: Piece, byId: ReadonlyMap<string, Piece>, materialOf: MaterialOf): OperationDraft[] {
  const { id, name, layerOf, layers } = piece;
  const host = layerOf === undefined ? undefined : byId.get(layerOf);
  const [layer] = layers;
  if (!host || !layer) return [];
  const material = nameOf(layer.material, materialOf);
  const text =
    layer.held === 'fused'
      ? say`Fuse ${lower(name)}, ${lower(material)}, to the wrong side of ${lower(host.name)}, inside the stitch lines.`
      : say`Baste or glue ${lower(name)}, ${lower(material)}, to the wrong side of ${lower(host.name)}, inside the stitch lines${reason([layer], materialOf)}.`;
  const way = layer.held === 'fused' ? 'fuse' : 'baste';
  return [{ id: `${id}/${way}`, phase: 'interface', needs: ['cut'], uses: [id, host.id], seams: [], text }];
}

/** Why what could be ironed on is not. */
const reason = (layers: readonly LayerUse[], materialOf: MaterialOf): string =>
  layers.some(({ material, held }) => held === 'basted' && materialOf(material)?.fusible)
    ? '; do not iron it on, its cloth does not bear the heat'
    : '';
