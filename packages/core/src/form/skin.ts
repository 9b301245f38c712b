import type { Role } from '../document/design-document.ts';
import { boundsOf } from '../geometry/outline.ts';
import type { FlatPiece, FlatSeam, SkinPiece } from './flat.ts';

/** Pieces that are sewn together along their edges, and the seams that join them. */
export interface Skin {
  pieces: SkinPiece[];
  seams: FlatSeam[];
}

/** The first piece of some roles, and all that are sewn to it edge to edge; the largest comes first. Strips cut with the ruler
 * and layers inside do not count. */
export function skinOf(pieces: readonly SkinPiece[], seams: readonly FlatSeam[], roles: readonly Role[]): Skin {
  const cloth = pieces.filter(
    ({ role, byRuler, layerOf, count, id }) =>
      roles.includes(role) && !byRuler && !layerOf && count === 1 && id.startsWith('body/'),
  );
  const ids = new Set(cloth.map(({ id }) => id));
  const joining = seams.filter(
    ({ kind, a, b }) =>
      kind === 'sewn' && [a, b].every(({ piece, parts }) => ids.has(piece) && parts.every((part) => 'edge' in part)),
  );
  const sizes = new Map(cloth.map((piece) => [piece.id, areaOf(piece)]));
  const bySize = [...cloth].sort((a, b) => sizes.get(b.id)! - sizes.get(a.id)!);
  const [first] = cloth;
  const reached = new Set(first ? [first.id] : []);
  for (let grew = true; grew;) {
    grew = false;
    for (const { a, b } of joining) {
      if (reached.has(a.piece) === reached.has(b.piece)) continue;
      reached.add(a.piece).add(b.piece);
      grew = true;
    }
  }
  return {
    pieces: bySize.filter(({ id }) => reached.has(id)),
    seams: joining.filter(({ a }) => reached.has(a.piece)),
  };
}

function areaOf({ stitch }: FlatPiece): number {
  const { width, height } = boundsOf(stitch);
  return width * height;
}
