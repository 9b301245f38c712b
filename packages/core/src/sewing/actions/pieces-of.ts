import type { Action, ActionOf, Verb } from './action.ts';

/** Pieces that an action takes in hand.
 * @param joined the pieces that a seam joins */
export function piecesOf(action: Action, joined: (seam: string) => readonly string[]): string[] {
  const seams = 'seams' in action ? (action.seams ?? []) : [];
  const one = 'piece' in action ? [action.piece] : [];
  const several = 'pieces' in action ? (action.pieces ?? []) : [];
  const tell = others[action.verb] as ((action: Action) => readonly (string | undefined)[]) | undefined;
  const more = (tell?.(action) ?? []).filter((id) => id !== undefined);
  return [...seams.flatMap((id) => joined(id)), ...one, ...several, ...more];
}

const held = ({ to, layer }: ActionOf<'fuse'>) => [to, layer];
const sewn = ({ keepOut = [], between = [] }: ActionOf<'sew'>) => [...keepOut, ...(between === 'all' ? [] : between)];

/** What actions name besides their pieces and their seams. */
const others: { [V in Verb]?: (action: ActionOf<V>) => readonly (string | undefined)[] } = {
  fuse: held,
  basteLayer: held,
  lay: ({ onto }) => [onto],
  nest: ({ inner, outer }) => [...inner, ...outer],
  sew: sewn,
  baste: sewn,
  edgestitch: sewn,
  stitch: ({ through = [] }) => through,
  topstitch: ({ through = [], within = [] }) => [...through, ...within],
  bind: ({ by, over }) => [by, ...over],
  turn: ({ through }) => [through],
  insert: ({ into }) => [into],
  attach: ({ to }) => to,
  moveSlider: ({ zipper }) => [zipper],
  hookAndLoop: ({ soft, rough }) => [soft, rough],
  measure: ({ correctAt }) => [correctAt],
  tryIn: ({ fastener }) => [fastener?.over],
};
