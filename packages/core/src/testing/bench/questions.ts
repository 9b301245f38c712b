import { isBody, type Bench, type Say } from './state.ts';
import type { Seam } from '../../pieces/seam.ts';

/** Nothing is stitched along these edges yet. */
export function free(bench: Bench, pieces: readonly string[], edges: readonly string[], say: Say): void {
  for (const id of pieces) {
    const there = bench.cloth.of(id).find(({ edge }) => edges.includes(edge));
    if (there) say(`${there.edge} of ${id} is sewn`);
  }
}

/** A piece that is still by itself, sewn to nothing. */
export function byItself(bench: Bench, pieces: readonly string[], say: Say): void {
  for (const id of pieces) if (bench.cloth.of(id).length > 0 || bench.on.has(id)) say(`${id} is sewn on already`);
}

/** A face is sewn on while it lies flat, nothing behind it. */
export function face(bench: Bench, id: string, say: Say): void {
  const under = bench.on.get(id) ?? bench.tacked.get(id);
  if (under !== undefined) return say(`${id} is sewn to ${under}: the needle would go through it`);
  const [other] = bench.cloth.joinedTo(id);
  if (other !== undefined) say(other === id ? `${id} is closed and does not lie flat` : `${other} lies behind ${id}`);
}

/** A seam of these pieces, edge to edge, that is edge-stitched already. */
export const edgestitched = (bench: Bench, ids: readonly string[]): Seam | undefined =>
  bench.cloth
    .seamsOf([...bench.sewn])
    .find(
      ({ id, kind, a, b }) =>
        kind === 'sewn' &&
        a.piece !== b.piece &&
        bench.plan.verbOf(id) === 'edgestitch' &&
        [a, b].some(({ piece }) => ids.includes(piece)),
    );

/** A seam that something sews, and that is not sewn yet. */
export const isToSew = (bench: Bench, id: string): boolean =>
  bench.plan.verbOf(id) !== undefined && !bench.sewn.has(id);

/** Seams that turning shows, of these pieces, that are still to come. */
export function unsewn(bench: Bench, pieces: readonly string[], among: 'all' | 'some' = 'some'): string[] {
  return [...bench.cloth.seams.values()].flatMap(({ id, kind, a, b }) => {
    const verb = bench.plan.verbOf(id);
    const own = [a.piece, b.piece].map((piece) => pieces.includes(piece));
    const counts = among === 'all' ? own.every(Boolean) : own.some(Boolean);
    return kind === 'sewn' && (verb === 'sew' || verb === 'box') && counts && !bench.sewn.has(id) ? [id] : [];
  });
}

/** The work is right side out and its lining lies in it: nothing of that is still to come. */
export function finished(bench: Bench, done: string, say: Say): void {
  if (bench.plan.isToCome('turn', ({ pieces, window }) => !window && pieces.some(isBody)))
    say(`it is ${done} before it is turned`);
  liningIn(bench, undefined, say);
}

/** What is pushed in lies in its place; of these pieces, or all of it. */
export function liningIn(bench: Bench, pieces: readonly string[] | undefined, say: Say): void {
  const coming = bench.plan.toCome(
    'insert',
    ({ way, pieces: put, into }) => (way === 'pushed' || way === 'ownMouth') && isBody(into) && put.some(isBody),
  );
  const own = coming.find(
    ({ pieces: put, into }) => pieces === undefined || [...put, into].some((id) => pieces.includes(id)),
  );
  if (own) say(`${own.pieces.join(', ')} is not in its place`);
}

/** All seams among the pieces of a bag are sewn. */
export function bagSewn(bench: Bench, bag: readonly string[], say: Say): void {
  const coming = unsewn(bench, bag, 'all');
  if (coming.length > 0) say(`${coming[0]!} is not sewn: that is no bag yet`);
}

/** Inner layers of a piece, and the piece itself where its layers go into the seams. */
export function layersOf(bench: Bench, id: string): string[] {
  const piece = bench.cloth.piece(id);
  const inner = [...bench.cloth.pieces.values()].flatMap((each) => (each.layerOf === id ? [each.id] : []));
  const whole = piece.layers.filter(({ coverage }) => coverage === 'full').length > 1;
  return !piece.byRuler && piece.layerOf === undefined && whole ? [...inner, id] : inner;
}
