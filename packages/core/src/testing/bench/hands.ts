import { isBody, ENDS, LASTING, type Bench, type Say } from './state.ts';
import { byItself, edgestitched, face, finished, free, isToSew, unsewn } from './questions.ts';
import { turningGapOf } from '../../pieces/piece.ts';
import type { ActionOf } from '../../sewing/actions/action.ts';

/** An inner layer lies on the wrong side: it is reached while the piece is sewn to nothing. */
export function hold(bench: Bench, { to, layer }: ActionOf<'fuse'>, say: Say): void {
  if (bench.cloth.of(to).some(({ forGood }) => forGood)) say(`${to} is sewn, no layer goes in`);
  bench.held.add(layer ?? to);
}

/** A front that is doubled is folded while nothing is stitched where its fold ends. */
export function fold(bench: Bench, { piece, fold, opened }: ActionOf<'fold'>, say: Say): void {
  const line = bench.cloth.piece(piece).folds.find(({ id }) => id === fold);
  if (opened || !line || !LASTING.includes(fold)) return;
  // a ring is folded all round
  const there = bench.cloth
    .stitchedAtEnds(piece, [line.from, line.to])
    .filter(({ seam: { a, b } }) => a.piece !== b.piece);
  if (there.length > 0) say(`${piece} cannot be folded: ${there[0]!.seam.id} holds it`);
  bench.folded.add(`${piece} ${fold}`);
}

/** A strip is pleated while nothing holds it; a doubled front is folded before its pleats. */
export function pleat(bench: Bench, { piece, pockets }: ActionOf<'pleat'>, say: Say): void {
  const on = bench.cloth.piece(piece);
  for (const { id, from, to } of on.folds) {
    // of a doubled front the fold comes before its pleats
    if (pockets === undefined) {
      if (LASTING.includes(id) && !bench.folded.has(`${piece} ${id}`)) say(`${piece} is pleated before it is folded`);
      continue;
    }
    const there = bench.cloth.stitchedAtEnds(piece, [from, to]);
    if (there.length > 0) say(`${piece} cannot be pleated: ${there[0]!.seam.id} holds it`);
  }
  if (bench.cloth.of(piece).length > 0) say(`${piece} cannot be pleated: it is sewn`);
  bench.folded.add(`${piece} pleats`);
}

/** A hem takes in its ends: the edges beside it are free, unless it goes round a mouth. */
export function hem(bench: Bench, { pieces, edges, round, channel }: ActionOf<'hem'>, say: Say): void {
  if (channel) {
    if (edges !== 'all') free(bench, pieces, edges, say);
    return finished(bench, 'hemmed', say);
  }
  if (edges !== 'all') takesIn(bench, pieces, edges, say);
  if (round) return;
  for (const id of pieces)
    if (bench.cloth.of(id).some(({ forGood }) => forGood)) say(`${id} is sewn and cannot be hemmed flat`);
}

/** What is to be caught in a hem lies there before it is turned in; nothing else is sewn along it. */
function takesIn(bench: Bench, pieces: readonly string[], edges: readonly string[], say: Say): void {
  const along = (intervals: readonly { piece: string; edge: string }[]) =>
    intervals.some(({ piece, edge }) => pieces.includes(piece) && edges.includes(edge));
  const there = bench.cloth.stitched.find((each) => each.seam.kind !== 'caught' && along([each]));
  if (there) say(`${there.edge} of ${there.piece} is sewn`);
  const coming = [...bench.cloth.seams.values()].find(
    ({ id, kind, b }) => kind === 'caught' && along(bench.cloth.intervals(b)) && isToSew(bench, id),
  );
  if (coming) say(`${coming.id} is not caught in the hem`);
}

/** What is cut away must not hold anything. */
export function trim(bench: Bench, { pieces, to }: ActionOf<'trim'>, say: Say): void {
  if (to === 'length' || to === 'tape') byItself(bench, pieces, say);
  if (to !== 'size') return;
  for (const id of pieces) free(bench, [id], bench.cloth.piece(id).trim?.at ?? [], say);
}

/** Ends sink in while the mouth is open; others are sewn onto a face. */
export function attach(bench: Bench, { piece, to, how }: ActionOf<'attach'>, say: Say): void {
  if (how === 'sink') {
    if (!bench.plan.any('nest') || bench.plan.isToCome('nest'))
      say(`nothing lies in the bag that ${piece} could sink between`);
    const mouth = edgestitched(bench, to);
    if (mouth) say(`${mouth.id} is sewn: ${piece} cannot sink in`);
    return;
  }
  for (const id of to) face(bench, id, say);
  bench.on.set(piece, to[0]!);
}

/** An edge by itself is bound before its piece is sewn on; ends that come together when the work is right side out. */
export function bind(bench: Bench, { over, edge, apart, place, by }: ActionOf<'bind'>, say: Say): void {
  if (bench.on.has(by)) say(`${by} is sewn already`);
  if (apart !== undefined) byItself(bench, over, say);
  else if (edge !== undefined)
    for (const id of over) if (bench.on.has(id)) say(`${id} is sewn on: its ${edge} cannot be bound`);
  if (place === 'tapeEnds') finished(bench, 'bound', say);
  const outer = over.filter((id) => bench.cloth.piece(id).role === 'exterior');
  if (place === 'cutCorners' && bench.plan.isToCome('turn', ({ pieces }) => outer.some((id) => pieces.includes(id))))
    say('the corners are bound inside out');
  const [coming] = place === 'allowances' ? unsewn(bench, over) : [];
  if (coming) say(`${coming} is not sewn: nothing is there to bind`);
  if (place !== 'tapeEnds' && apart === undefined) bench.on.set(by, over[0]!);
}

/** Turned when all is sewn that turning shows, through a gap that is there. */
export function turn(bench: Bench, { pieces, through, out, window }: ActionOf<'turn'>, say: Say): void {
  if (out === 'wrong' || window) return;
  if (!pieces.some((id) => bench.insideOut.has(id)))
    say('nothing is sewn with right sides together that could be turned');
  const coming = unsewn(bench, pieces);
  if (coming.length > 0) say(`${coming[0]!} is still to be sewn with right sides together`);
  for (const id of pieces) {
    if (bench.on.has(id)) say(`${id} is sewn on and cannot be turned`);
    bench.insideOut.delete(id);
    bench.turned.add(id);
  }
  if (through === undefined) return;
  const gap = turningGapOf(bench.cloth.piece(through));
  if (!gap) return;
  // a gap is one only when the edge beside it is sewn
  const beside = bench.cloth.of(through).some(({ edge, forGood }) => edge === gap.edge && forGood);
  if (!beside) say(`the edge ${gap.edge} of ${through} is not sewn: there is no gap yet`);
  bench.gapsOpen.add(through);
}

/** A gap is closed when the work was turned through it. */
export function closeGap(bench: Bench, piece: string, say: Say): void {
  // of the body there is one gap, in one or two of its layers
  const own = [...bench.gapsOpen].filter((id) => id === piece || (isBody(id) && isBody(piece)));
  if (own.length === 0) say(`${piece}: nothing was turned through a gap`);
  for (const id of own) bench.gapsOpen.delete(id);
}

/** What is put in: through a gap that is open, or when it is turned. */
export function insert(bench: Bench, { pieces, into, way }: ActionOf<'insert'>, say: Say): void {
  if (way === 'throughGap' && ![...bench.gapsOpen].some(isBody))
    say(`${pieces.join(', ')} cannot get in: no gap is open`);
  const isIn = (way === 'pushed' || way === 'ownMouth') && isBody(into);
  if (isIn && bench.plan.isToCome('turn', (each) => each.pieces.some((id) => pieces.includes(id))))
    say(`${pieces.join(', ')} is pushed in before it is turned`);
}

/** Laid on another while neither is sewn. */
export function tack(bench: Bench, { pieces, how }: ActionOf<'tack'>, say: Say): void {
  if (how !== 'baste') return;
  for (const id of pieces)
    if (bench.cloth.of(id).some(({ forGood }) => forGood)) say(`${id} is sewn: nothing can be laid behind it`);
  pieces.forEach((id, at) => bench.tacked.set(id, pieces[at === 0 ? 1 : 0] ?? id));
}

/** A cord is drawn in when its casing is there, and the work is right side out. */
export function thread(bench: Bench, piece: string, say: Say): void {
  const casing =
    bench.plan.isToCome('stitch', ({ round }) => round === true) ||
    bench.plan.isToCome('hem', ({ channel }) => channel !== undefined);
  if (casing) say(`there is no casing yet for ${piece}`);
  finished(bench, 'threaded', say);
}

/** A slider is moved when something holds the tape. */
export function moveSlider(bench: Bench, { zipper, to }: ActionOf<'moveSlider'>, say: Say): void {
  const isSewn = bench.cloth.of(zipper).some(({ edge }) => !ENDS.includes(edge));
  if (to === 'onOne' || to === 'onBoth') return byItself(bench, [zipper], say);
  if (to !== 'inside' && to !== 'middle' && !isSewn) say(`nothing holds ${zipper} yet`);
}

/** Half of a fastener in one layer: its back must be reached. Through finished layers: they are not turned after that. */
export function fasten(
  bench: Bench,
  { piece, mark, backed, single, pockets }: ActionOf<'setHardware'>,
  say: Say,
): void {
  for (const id of [mark].flat()) {
    if (bench.set.has(`${piece} ${id}`)) say(`${piece} ${id} is set twice`);
    bench.set.add(`${piece} ${id}`);
  }
  if (pockets) return;
  if (!(backed || single)) {
    if (bench.insideOut.has(piece) || unsewn(bench, [piece]).length > 0)
      say(`${piece} is not turned yet: the fastener would lie inside`);
    if (isBody(piece)) finished(bench, 'set', say);
    return;
  }
  const role = bench.cloth.piece(piece).role;
  for (const other of bench.cloth.joinedTo(piece))
    if (other !== piece && bench.cloth.piece(other).role !== role) say(`the back of ${piece} is covered by ${other}`);
}
