import type { Action } from '../actions/action.ts';
import { piecesOf } from '../actions/pieces-of.ts';
import { effects } from './effects.ts';
import type { Effects, Fact, Table } from './facts.ts';

const nothing: Effects = { reads: [], writes: [], wants: [], ends: [] };

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
  const preparing = action.verb === 'mark' || action.verb === 'fuse' || action.verb === 'basteLayer';
  return {
    ...nothing,
    ...own,
    reads: [
      ...inHand.map((id): Fact => `cut:${id}`),
      ...(action.verb === 'mark' ? [] : inHand.map((id): Fact => `marked:${id}`)),
      ...(preparing ? [] : inHand.flatMap((id) => table.layersOf(id).map((layer): Fact => `held:${layer}`))),
      ...(own?.reads ?? []),
    ],
  };
}
