import { sum, times, type Derived } from '../../derived/derived.ts';
import { crease, SQUARE } from '../../pieces/bend.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BoxPiece } from './outlines.ts';
import type { BoxLayer } from './params.ts';

export type Layer = 'shell' | 'lining';
export const layers = ['shell', 'lining'] as const;

export const pieceId = (layer: Layer, { id }: BoxPiece): string => (id ? `body/${layer}-${id}` : `body/${layer}`);

/** Every edge that names a neighbour is sewn to the neighbour's edge that names it. */
export function boxSeams(layer: Layer, pieces: readonly BoxPiece[]): Seam[] {
  const edges = new Map(pieces.flatMap((piece) => piece.stitch.map(({ id }) => [id, pieceId(layer, piece)] as const)));
  return [...edges].flatMap(([edge, piece]): Seam[] => {
    const mate = edge.split('/').reverse().join('/');
    const other = edges.get(mate);
    if (!other || edge > mate) return [];
    const id = `body/${layer}/${edge.replace('/', '-')}`;
    return [{ id, kind: 'sewn', a: wholeEdge(piece, edge), b: wholeEdge(other, mate, true) }];
  });
}

/** A seam beside the base, of a box whose base is a piece of its own. */
export const isBaseSeam = ({ id }: Seam): boolean => /\/(base-|[a-z]+-base)/.test(id);

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };

/** A piece of a layer as it is asked for. */
export function boxDraft(layer: Layer, piece: BoxPiece, from: BoxLayer, seam: Derived): PieceDraft {
  const along = (label: string, sides: BoxPiece['width']): Derived =>
    sum(
      label,
      (['width', 'depth', 'height', 'taper'] as const).map((side) => times(sides[side] ?? 0, from[side])),
    );
  return {
    id: pieceId(layer, piece),
    name: piece.id ? `${names[layer]}, ${piece.id}` : names[layer],
    role: layer === 'shell' ? 'exterior' : 'lining',
    stitch: piece.stitch,
    width: along('along the stitch lines, across', piece.width),
    height: along('along the stitch lines, up', piece.height),
    allowance: Object.fromEntries(piece.stitch.map(({ id }) => [id, seam])),
    spans: piece.spans,
    folds: piece.folds,
    // walls that stand up from one base
    ...(piece.folds.length > 0 && { printUp: 'turns' as const }),
    // a tapered wall leans: its seams say how far
    bends: piece.folds.map((fold) => crease(fold.from, fold.to, SQUARE, from.taper.value !== 0)),
  };
}
