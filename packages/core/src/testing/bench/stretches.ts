import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Verb } from '../../sewing/actions/action.ts';
import { overlap, type Stitched } from './cloth.ts';
import { ENDS, type Bench, type Say } from './state.ts';

/** A needle goes through a stretch of an edge. */
export function stretched(bench: Bench, stretch: Stitched, verb: Verb, say: Say): void {
  const piece = bench.cloth.piece(stretch.piece);
  const there = bench.cloth.of(piece.id).filter((each) => overlap(each, stretch));
  if (stretch.forGood && !isItself(stretch.seam)) {
    if (piece.byRuler) tapeEnd(bench, stretch, say);
    else onceForGood(bench, stretch, there, say);
  }
  const [over] = there.filter(({ forGood }) => forGood);
  if (stretch.seam.kind === 'caught' && verb !== 'bind' && !stretch.upper && over)
    say(`${stretch.seam.id} comes too late: ${over.seam.id} is sewn over its place`);
  bench.cloth.stitched.push(stretch);
}

const isItself = ({ a, b }: Seam): boolean => a.piece === b.piece;

/** A stretch goes into one seam for good; and what is sewn edge to edge, its own bag or its backing, comes before it is laid on. */
function onceForGood(bench: Bench, { piece, edge, seam }: Stitched, there: readonly Stitched[], say: Say): void {
  const { count }: Piece = bench.cloth.piece(piece);
  const other = there.find((each) => each.forGood && !isLayer(each.seam, seam));
  if (other && count === 1) say(`${seam.id} takes a stretch of ${piece} ${edge} that ${other.seam.id} has`);
  const laid = there.find((each) => each.upper && each.seam.kind === 'stitchedOn' && each.seam.id !== seam.id);
  if (laid) say(`${seam.id}: ${piece} lies on ${laid.seam.b.piece} already`);
}

/** What is sewn to the end of a tape comes before the tape lies in its long seams. */
function tapeEnd(bench: Bench, { piece, edge, seam }: Stitched, say: Say): void {
  const along = bench.cloth.of(piece).find((each) => each.forGood && !ENDS.includes(each.edge));
  if (along && along.seam.id !== seam.id && ENDS.includes(edge) && bench.plan.verbOf(seam.id) === 'sew')
    say(`${seam.id}: ${piece} lies in ${along.seam.id} already, its end is not reached`);
}

/** Two seams of one stretch that are one row in the end: its cloth lies in both with another layer. */
const isLayer = (one: Seam, other: Seam): boolean => one.a.piece !== other.a.piece || one.b.piece !== other.b.piece;
