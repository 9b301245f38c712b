import { LASTING, type Bench, type Say } from './state.ts';
import { byItself, finished, liningIn, unsewn } from './questions.ts';
import { closeGap } from './hands.ts';
import type { ActionOf } from '../../sewing/actions/action.ts';

/** Rows that lie flat beside an edge once the work is right side out; beside a zipper the allowance is pressed away. */
const RIGHT_SIDE_OUT = [undefined, 'freeEdge', 'ring', 'mouth'] as const;

/** A row that is seen. */
export function topstitch(bench: Bench, action: ActionOf<'topstitch'>, say: Say): void {
  const { piece, place, through = [], closesGap } = action;
  if (RIGHT_SIDE_OUT.some((each) => each === place) && bench.insideOut.has(piece))
    say(`${piece} is inside out: the row would lie inside`);
  alongFolds(bench, action, say);
  if (place === 'mouth' || place === 'bandEdge') liningIn(bench, [piece, ...through], say);
  else if (place === 'root') finished(bench, 'stitched', say);
  else if (bench.on.has(piece) && through.length === 0)
    say(`${piece} is sewn to ${bench.on.get(piece)!}: the row would go through it`);
  if (closesGap) closeGap(bench, piece, say);
}

function alongFolds(bench: Bench, { piece, along = [] }: ActionOf<'topstitch'>, say: Say): void {
  const folds = bench.cloth.piece(piece).folds.flatMap(({ id }) => (along.includes(id) ? [id] : []));
  for (const fold of folds.filter((id) => LASTING.includes(id)))
    if (!bench.folded.has(`${piece} ${fold}`)) say(`${piece} is not folded yet`);
  const pleats = bench.plan.isToCome('pleat', (each) => each.piece === piece && each.pockets !== undefined);
  if (folds.length > 0 && pleats) say(`${piece} is not pleated yet`);
}

/** Rows along marked lines: of a piece by itself, or through the finished work. */
export function stitchLines(bench: Bench, { piece, round, lining, through = [] }: ActionOf<'stitch'>, say: Say): void {
  if (!round && !lining && through.length === 0) return byItself(bench, [piece], say);
  finished(bench, 'stitched', say);
}

/** A corner is opened when the seams that meet there are sewn. */
export function box(bench: Bench, seams: readonly string[], say: Say): void {
  const pieces = bench.cloth.seamsOf(seams).flatMap(({ a, b }) => [a.piece, b.piece]);
  const coming = unsewn(bench, pieces, 'all').filter((id) => bench.plan.verbOf(id) === 'sew');
  if (coming.length > 0) say(`${coming[0]!} is not sewn: there is no corner to open`);
}
