import { lower } from '../errors/first-letter.ts';
import type { OperationDraft } from '../pieces/contribution.ts';
import type { LayerUse, MaterialOf } from '../pieces/layers.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Action } from '../sewing/actions/action.ts';

/** What is done to every design before anything is sewn: its pieces are cut, and each layer is held to its cloth. */
export function firstSteps(pieces: readonly Piece[], materialOf: MaterialOf): OperationDraft[] {
  const all = pieces.map(({ id }) => id);
  const cut: OperationDraft = {
    id: 'cut',
    phase: 'cut',
    needs: [],
    title: 'Cut and mark the pieces',
    actions: [
      { verb: 'measure', what: 'scale' },
      { verb: 'cut', pieces: all },
      { verb: 'mark', pieces: all },
    ],
  };
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  return [
    cut,
    ...pieces.flatMap((piece) => onEachOther(piece, materialOf)),
    ...pieces.flatMap((piece) => inside(piece, byId, materialOf)),
  ];
}

const hold = (id: string, title: string, action: Action): OperationDraft => ({
  id,
  phase: 'interface',
  needs: ['cut'],
  title,
  actions: [action],
});

/** Layers that go into the seams together. */
function onEachOther({ id, name, layers, layerOf, byRuler }: Piece, materialOf: MaterialOf): OperationDraft[] {
  const full = layers.filter(({ coverage }) => coverage === 'full');
  if (layerOf !== undefined || byRuler || full.length < 2) return [];
  const inner = full.slice(1);
  const fused = inner.every(({ held }) => held === 'fused');
  return [
    hold(`${id}/layers`, `${fused ? 'Fuse' : 'Baste'} the layers of ${lower(name)}`, {
      verb: fused ? 'fuse' : 'basteLayer',
      to: id,
      materials: inner.map(({ material }) => material),
      ...(bearsNoHeat(inner, materialOf) && { noHeat: true }),
    }),
  ];
}

/** A layer that ends at the stitch line, which is a piece of its own. */
function inside(piece: Piece, byId: ReadonlyMap<string, Piece>, materialOf: MaterialOf): OperationDraft[] {
  const { id, layerOf, layers } = piece;
  const host = layerOf === undefined ? undefined : byId.get(layerOf);
  const [layer] = layers;
  if (!host || !layer) return [];
  const fused = layer.held === 'fused';
  return [
    hold(`${id}/${fused ? 'fuse' : 'baste'}`, `${fused ? 'Fuse' : 'Baste'} the inner layer of ${lower(host.name)}`, {
      verb: fused ? 'fuse' : 'basteLayer',
      to: host.id,
      layer: id,
      materials: [layer.material],
      ...(bearsNoHeat([layer], materialOf) && { noHeat: true }),
    }),
  ];
}

/** What could be ironed on is not. */
const bearsNoHeat = (layers: readonly LayerUse[], materialOf: MaterialOf): boolean =>
  layers.some(({ material, held }) => held === 'basted' && materialOf(material)?.fusible);
