import type { Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { ontoFace } from './onto-face.ts';
import { LASTING, type Bench, type Say } from './state.ts';
import { stretched } from './stretches.ts';
import { waysAsked } from './ways.ts';

/** A seam is sewn: what it asks for, the stretches that it takes, and how its pieces lie after it. */
export function sew(bench: Bench, seam: Seam, action: Action, say: Say): void {
  const { id, kind, a, b } = seam;
  if (bench.sewn.has(id)) say(`${id} is sewn twice`);
  if (kind !== 'sewn') shaped(bench, a.piece, id, say);
  if (seam.ease?.lies === 'folds' && ![a, b].some(({ piece }) => bench.folded.has(`${piece} pleats`)))
    say(`${id}: nothing is pleated, one edge is longer`);
  if (kind === 'stitchedOn') ontoFace(bench, seam, action, say);
  if (kind === 'caught' && action.verb !== 'bind') inTime(bench, seam, say);
  if (isRightSides(seam, action)) rightSides(bench, seam, say);
  waysAsked(bench, seam, action, say);
  for (const side of [a, b])
    for (const interval of bench.cloth.intervals(side))
      stretched(bench, { ...interval, seam, upper: side === a, forGood: kind === 'sewn' }, action.verb, say);
  lies(bench, seam, action);
}

const isRightSides = ({ kind }: Seam, { verb }: Action): boolean =>
  kind === 'sewn' && (verb === 'sew' || verb === 'box');

/** How the pieces lie after it. */
function lies(bench: Bench, seam: Seam, action: Action): void {
  const { id, kind, a, b } = seam;
  bench.sewn.add(id);
  caught(bench, id);
  if (kind !== 'sewn' && a.piece !== b.piece && !edgeToEdge(bench, seam)) bench.on.set(a.piece, b.piece);
  const facing = action.verb === 'sew' ? (action.facing ?? 'rightToRight') : undefined;
  if (kind === 'sewn' && facing === 'rightToRight' && facesIn(bench, seam))
    for (const { piece } of [a, b]) bench.insideOut.add(piece);
}

/** Two layers held along most of one edge of both, beside a tape, and nowhere else: neither lies on the other. */
function edgeToEdge(bench: Bench, { kind, a, b, within }: Seam): boolean {
  const row = bench.cloth.seams.get(within ?? '');
  const taped = row !== undefined && [row.a, row.b].some(({ piece }) => bench.cloth.piece(piece).byRuler);
  const among = [...bench.cloth.seams.values()].filter(
    (each) => each.kind !== 'fastened' && each.a.piece === a.piece && each.b.piece === b.piece,
  );
  const most = [a, b].every((run) => {
    const [first, ...rest] = bench.cloth.intervals(run);
    return first && rest.length === 0 && first.to - first.from > bench.cloth.edgeLength(first) / 2;
  });
  return kind === 'caught' && taped && among.length === 1 && most;
}

/** What lies in a seam without being basted there is held by it. */
function caught(bench: Bench, id: string): void {
  for (const seam of bench.cloth.seams.values())
    if (seam.within === id && bench.plan.verbOf(seam.id) === undefined)
      for (const interval of bench.cloth.intervals(seam.a))
        bench.cloth.stitched.push({ ...interval, seam, upper: true, forGood: true });
}

/** Right sides are inside after it: of two cloths, or of the two of a piece that is cut twice with a tape between them. */
function facesIn(bench: Bench, { a, b }: Seam): boolean {
  const pieces = [a, b].map(({ piece }) => bench.cloth.piece(piece));
  return pieces.every(({ byRuler }) => !byRuler) || pieces.some(({ count }) => count > 1);
}

/** What is sewn has its shape: doubled fronts are folded, strips are pleated, bands are folded, ends are bound. */
function shaped(bench: Bench, id: string, seam: string, say: Say): void {
  const own = (words: string) => say(`${seam}: ${id} is not ${words} yet`);
  if (bench.plan.isToCome('pleat', ({ piece }) => piece === id)) own('pleated');
  if (bench.plan.isToCome('fold', ({ piece, fold, opened }) => piece === id && !opened && LASTING.includes(fold)))
    own('folded');
}

/** What lies in a seam is there before that is sewn. */
function inTime(bench: Bench, { id, within }: Seam, say: Say): void {
  if (within !== undefined && bench.sewn.has(within)) say(`${id} comes too late: ${within} is sewn over its place`);
}

/** Right sides are laid together while both can be turned to each other. */
function rightSides(bench: Bench, { id, a, b }: Seam, say: Say): void {
  if (a.piece === b.piece) return;
  if ([a, b].every(({ piece }) => bench.turned.has(piece))) say(`${id}: both are right side out already`);
  for (const { piece } of [a, b]) {
    const on = bench.on.get(piece);
    if (on !== undefined && !bench.cloth.piece(piece).byRuler && on !== a.piece && on !== b.piece)
      say(`${id}: ${piece} lies on ${on} already`);
  }
}
