import type { Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { isToSew, unsewn } from './questions.ts';
import { ENDS, type Bench, type Say } from './state.ts';

/** What the way of sewing a seam asks for. */
export function waysAsked(bench: Bench, seam: Seam, action: Action, say: Say): void {
  if (action.verb !== 'sew' && action.verb !== 'edgestitch' && action.verb !== 'baste') return;
  const { seams, twice, between: ids, oneLayer, meet, stopsAt, keepOut = [] } = action;
  if (twice === 'zipper' && Array.isArray(ids)) between(bench, ids as readonly string[], seams, seam.id, say);
  if (oneLayer || meet === 'corners') rings(bench, seam, seams, say);
  if (stopsAt === 'seam') mouthSewn(bench, seam, keepOut, say);
}

/** A zipper lies in its long seams before its ends are sewn over. */
function between(bench: Bench, ids: readonly string[], own: readonly string[], seam: string, say: Say): void {
  for (const id of ids) {
    const along = unsewnAlong(bench, id);
    if (along && !own.includes(along)) say(`${seam}: ${id} lies in no seam yet`);
  }
}

/** A seam along a tape that is still to be sewn. */
function unsewnAlong(bench: Bench, tape: string): string | undefined {
  if (!bench.cloth.piece(tape).byRuler) return undefined;
  return [...bench.cloth.seams.values()].find(({ id, kind, a, within }) => {
    // one that only lies in a seam is sewn with it
    const row = kind === 'caught' && bench.plan.verbOf(id) === undefined ? within : id;
    const isAlong = a.piece === tape && bench.cloth.intervals(a).some(({ edge }) => !ENDS.includes(edge));
    return kind !== 'fastened' && isAlong && row !== undefined && isToSew(bench, row);
  })?.id;
}

/** Round a mouth, or a rim with corners, what meets is a ring or a bag. */
function rings(bench: Bench, { id, a, b }: Seam, own: readonly string[], say: Say): void {
  for (const { piece } of [a, b]) {
    const { role } = bench.cloth.piece(piece);
    const coming = unsewn(bench, [piece]).find((each) => {
      const seam = bench.cloth.seams.get(each)!;
      return !own.includes(each) && [seam.a, seam.b].every((run) => bench.cloth.piece(run.piece).role === role);
    });
    if (coming) say(`${id}: ${coming} is not sewn, ${piece} is no ring yet`);
  }
}

/** A row that begins where the stitching of the mouth ends comes after that. */
function mouthSewn(bench: Bench, { id, a, b }: Seam, keptOut: readonly string[], say: Say): void {
  const coming = [...bench.cloth.seams.values()].find(
    (each) =>
      each.kind === 'sewn' &&
      bench.plan.verbOf(each.id) === 'sew' &&
      !bench.sewn.has(each.id) &&
      [a.piece, b.piece].some((one) => [each.a.piece, each.b.piece].includes(one)) &&
      keptOut.some((other) => [each.a.piece, each.b.piece].includes(other)),
  );
  if (coming) say(`${id}: ${coming.id} is not sewn, there is no place to begin`);
}
