import type { Action } from '../actions/action.ts';
import { piecesOf } from '../actions/pieces-of.ts';
import { effects } from './effects.ts';
import type { Effects, Fact, Table } from './facts.ts';

const nothing: Effects = { reads: [], writes: [], wants: [], ends: [], habits: [] };

/** The effects of an action. */
export function effectsOf(action: Action, table: Table): Effects {
  const tell = effects[action.verb] as ((action: Action, table: Table) => Partial<Effects>) | undefined;
  const own = tell?.(action, table);
  if (action.verb === 'cut') return { ...nothing, ...own };
  const joined = (id: string) => {
    const seam = table.seam(id);
    return seam ? [seam.a.piece, seam.b.piece] : [];
  };
  const inHand = [...new Set(piecesOf(action, joined))];
  const preparing = ['mark', 'measure', 'fuse', 'basteLayer'].includes(action.verb);
  return {
    ...nothing,
    ...own,
    reads: [
      ...inHand.map((id): Fact => `cut:${id}`),
      ...(action.verb === 'mark' ? [] : inHand.filter((id) => isMarked(id, table)).map((id): Fact => `marked:${id}`)),
      ...(preparing ? [] : inHand.flatMap((id) => table.layersOf(id).map((layer): Fact => `held:${layer}`))),
      ...(own?.reads ?? []),
    ],
  };
}

/** There is something on it to be marked. */
function isMarked(id: string, table: Table): boolean {
  const piece = table.piece(id);
  return piece !== undefined && [piece.notches, piece.marks, piece.lines, piece.folds].some(({ length }) => length > 0);
}
