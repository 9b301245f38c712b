import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Action, ActionOf, Verb } from '../../sewing/actions/action.ts';
import { piecesOf } from '../../sewing/actions/pieces-of.ts';
import { Cloth } from './cloth.ts';
import * as hands from './hands.ts';
import { Plan, type Doing } from './plan.ts';
import { bagSewn, byItself, face, finished, free, layersOf } from './questions.ts';
import { box, stitchLines, topstitch } from './rows.ts';
import { sew } from './seams.ts';
import { Bench, isBody, LASTING, type Say } from './state.ts';

interface Work {
  pieces: readonly Piece[];
  seams: readonly Seam[];
  operations: readonly Doing[];
}

/** Carries steps out on cloth with edges: knows nothing of what steps wait for, and nothing of the model of the work. Edges are intervals,
 * a fold can be made while nothing is stitched where it ends, a face is reached while nothing lies behind it. What is asked for is
 * common practice at the bench.
 * @returns what a maker would find wrong, in words */
export function interpret({ pieces, seams, operations }: Work): string[] {
  const wrong: string[] = [];
  const bench = new Bench(new Cloth(pieces, seams), new Plan(operations));
  for (const { step, action } of bench.plan.all) {
    perform(bench, action, (words) => wrong.push(`${step}: ${words}`));
    bench.plan.next();
  }
  atTheEnd(bench, (words) => wrong.push(`end: ${words}`));
  return wrong;
}

function perform(bench: Bench, action: Action, say: Say): void {
  inHand(bench, action, say);
  const own = musts[action.verb] as ((bench: Bench, action: Action, say: Say) => void) | undefined;
  own?.(bench, action, say);
  if ('seams' in action) for (const seam of bench.cloth.seamsOf(action.seams ?? [])) sew(bench, seam, action, say);
}

/** What needs no layers in it. */
const before: readonly Verb[] = ['measure', 'mark', 'fuse', 'basteLayer', 'inspect', 'tryIn', 'seal', 'turn'];

/** Nothing is done to what is not cut; and where it is sewn or folded, its layers lie in it. */
function inHand(bench: Bench, action: Action, say: Say): void {
  if (action.verb === 'cut') return;
  const joined = (id: string) => bench.cloth.seamsOf([id]).flatMap(({ a, b }) => [a.piece, b.piece]);
  const pieces = [...new Set(piecesOf(action, joined))];
  for (const id of pieces) if (!bench.cut.has(id)) say(`${id} is not cut`);
  if (before.includes(action.verb)) return;
  for (const layer of pieces.flatMap((id) => layersOf(bench, id)))
    if (!bench.held.has(layer)) say(`${layer} is not held yet`);
}

const musts: { [V in Verb]?: (bench: Bench, action: ActionOf<V>, say: Say) => void } = {
  cut: (bench, { pieces }) => pieces.forEach((id) => bench.cut.add(id)),
  mark: (bench, { pieces, what }) => (what ? undefined : pieces.forEach((id) => bench.marked.add(id))),
  fuse: hands.hold,
  basteLayer: hands.hold,
  fold: hands.fold,
  pleat: hands.pleat,
  hem: hands.hem,
  turnIn: (bench, { pieces, edges }, say) => free(bench, pieces, edges, say),
  trim: hands.trim,
  foldBand: (bench, { piece }, say) => byItself(bench, [piece], say),
  seal: (bench, { pieces }, say) => byItself(bench, pieces, say),
  loop: (bench, { piece }, say) => byItself(bench, [piece], say),
  hookAndLoop: (bench, { soft, rough }, say) => byItself(bench, [soft, rough], say),
  lay: (bench, { onto, at }, say) => (at === 'notches' ? undefined : face(bench, onto, say)),
  attach: hands.attach,
  bind: hands.bind,
  slit: (bench, { pieces }, say) =>
    pieces.forEach((id) => (pieces.includes(bench.on.get(id) ?? '') ? undefined : face(bench, id, say))),
  topstitch,
  stitch: stitchLines,
  box: (bench, { seams }, say) => box(bench, seams, say),
  nest: (bench, { inner, outer }, say) => [inner, outer].forEach((bag) => bagSewn(bench, bag, say)),
  turn: hands.turn,
  closeGap: (bench, { piece }, say) => hands.closeGap(bench, piece, say),
  insert: hands.insert,
  tack: hands.tack,
  thread: (bench, { piece }, say) => hands.thread(bench, piece, say),
  moveSlider: hands.moveSlider,
  setHardware: hands.fasten,
  tryIn: (bench, { holders, early, closed, fastener }, say) =>
    holders || early || closed || fastener ? undefined : finished(bench, 'tried', say),
};

/** Each piece done, each seam sewn, each gap closed; the work right side out. */
function atTheEnd(bench: Bench, say: Say): void {
  for (const piece of bench.cloth.pieces.values()) pieceDone(bench, piece, say);
  for (const { id, kind } of bench.cloth.seams.values())
    if ((kind === 'sewn' || kind === 'stitchedOn') && !bench.sewn.has(id)) say(`${id} is not sewn`);
  for (const id of bench.gapsOpen) say(`the gap of ${id} is open`);
  const turned = bench.plan.any('turn', ({ pieces }) => pieces.some(isBody));
  if ([...bench.insideOut].some(isBody) && !turned) say('it is inside out');
}

/** Cut and marked, folded and with its layers, its fasteners set. */
function pieceDone(bench: Bench, { id, marks, notches, lines, folds }: Piece, say: Say): void {
  if (!bench.cut.has(id)) say(`${id} is not cut`);
  const toMark = marks.length + notches.length + lines.length + folds.length;
  if (toMark > 0 && !bench.marked.has(id)) say(`${id} is not marked`);
  for (const fold of folds.filter((each) => LASTING.includes(each.id)))
    if (!bench.folded.has(`${id} ${fold.id}`)) say(`${id} is not folded`);
  for (const mark of marks.filter(({ hardware }) => hardware))
    if (!bench.set.has(`${id} ${mark.id}`)) say(`nothing is set at ${id} ${mark.id}`);
  for (const layer of layersOf(bench, id)) if (!bench.held.has(layer)) say(`nothing holds ${layer}`);
}
