import { listed } from '../../errors/listed.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { ActionOf } from '../actions/action.ts';
import { along, alongLines, called, edgesNamed, piecesIn, type Work } from './words.ts';

const places = {
  mouth: 'round the mouth',
  zipper: 'beside the zipper, only as far as it is sewn in',
  bandEdge: 'above its lower edge',
  ring: 'as one ring: along one face, across the tab, along the other face, across the other tab',
  root: 'along its root, beside the seam',
  window: 'round the window',
  foldedEnd: 'round its folded end',
  tab: 'beside its seam, away from the teeth',
  freeEdge: 'along its free edge',
} as const;

/** A row that is seen. */
export function topstitched(action: ActionOf<'topstitch'>, work: Work): Wording {
  const { piece, along: edges, place, distance, noFurther, through, closesGap, mouthOf, within } = action;
  const on = work.piece(piece);
  const where = place ? places[place] : edges ? placesOn(on, edges) : 'all round';
  const what = through ? `through ${piecesIn([piece, ...through], work)}` : called(on);
  return [
    ...say`Topstitch ${what} ${where}, ${mm(distance)} from the ${place === 'root' ? 'seam' : 'edge'}`,
    ...(noFurther ? say`, no further in: what lies beside it is sized for that` : []),
    ...(within ? say`, never beyond ${piecesIn(within, work)}` : []),
    ...(closesGap ? say`. This closes the gap` : []),
    ...(mouthOf === undefined ? [] : say`. That edge is the mouth of the room ${mouthOf} behind it`),
    '.',
  ];
}

const placesOn = (piece: Piece, ids: readonly string[]): string =>
  ids.some((id) => piece.folds.some((fold) => fold.id === id)) ? `along ${foldsOf(piece, ids)}` : along(piece, ids);

/** “its fold”, or “folds 2 and 4”. */
export function foldsOf({ folds }: Piece, ids: readonly string[]): string {
  const orders = ids.map((id) => folds.find((fold) => fold.id === id)!.order);
  if (folds.length === 1) return 'its fold';
  return `${orders.length === 1 ? 'fold' : 'folds'} ${listed(orders.map(String))}`;
}

/** Along marked lines, through all layers there. */
export function stitched({ piece, lines, through = [], round, lining }: ActionOf<'stitch'>, work: Work): Wording {
  const on = work.piece(piece);
  const where = lines.some((id) => on.folds.some((fold) => fold.id === id))
    ? `along ${foldsOf(on, lines)}`
    : alongLines(on, lines);
  return say`Stitch ${called(on)} ${where}${round ? ', all round' : ''}${lining ? ', through the lining too' : ''}${
    through.length > 0 ? `, through ${piecesIn(through, work)} too` : ''
  }.`;
}

/** An edge folded in twice, or once for a cord. */
export function hemmed({ pieces, edges, rows = 1, round, channel }: ActionOf<'hem'>, work: Work): Wording {
  const [first] = pieces.map(work.piece);
  const where = edges === 'all' ? 'all four edges' : edgesNamed(edges);
  const what = `${edges === 'all' ? '' : 'the '}${where} of ${piecesIn(pieces, work)}`;
  const deep = first!.allowance[edges === 'all' ? first!.stitch[0]!.id : edges[0]!] ?? 0;
  const how = channel
    ? say`Turn in ${mm(channel.turn)} of ${what}, fold it to the inside along the mouth line and stitch it down ${mm(channel.deep)} from the fold: the cord runs in there.`
    : say`Hem ${what}: ${mm(deep / 2)} in, and again, and stitch it down ${rows > 1 ? `in ${rows} rows, along both its folds` : 'close to the inner fold'}.`;
  return round ? [...how, ...say` Round the mouth, one side at the needle only: do not sew it shut.`] : how;
}

export const zigzagged = ({ pieces, beside }: ActionOf<'zigzag'>, work: Work): Wording =>
  'edges' in beside
    ? say`Zigzag the raw ${edgesNamed(beside.edges)} of ${piecesIn(pieces, work)}.`
    : say`Zigzag the raw edges of ${piecesIn(pieces, work)} together.`;

const bindings = {
  tapeEnds: 'where both of its ends come together',
  cutCorners: 'at each corner that is cut off',
  allowances: 'all round, inside',
};

/** Folded over an edge or an end, and stitched. */
export function bound({ by, over, edge, place, lap, apart, deep }: ActionOf<'bind'>, work: Work): Wording {
  const tape = work.piece(by);
  const laps = { sideSeams: ', its ends lapped on the side seam', hinge: ', its ends lapped at the hinge' };
  const where = place ? bindings[place] : edge === undefined ? 'all round' : `along the ${edgeName(edge)}`;
  if (apart !== undefined)
    return say`Fold ${called(tape)}, raw ends to the crease, over each end of ${piecesIn(over, work)} and stitch it: ${mm(apart)} from one to the other.`;
  return [
    ...say`Fold ${called(tape)} over ${edge === undefined ? 'the raw edges of ' : ''}${piecesIn(over, work)} ${where} and stitch it through all layers`,
    ...(deep === undefined ? [] : say`, ${mm(deep)} from the end`),
    ...(lap ? say`${laps[lap]}` : []),
    '.',
  ];
}

const tacks: Record<ActionOf<'tack'>['how'], (what: string) => Wording> = {
  pinAway: (what) => say`Pin the ends of ${what} out of the way.`,
  tape: (what) => say`Tape ${what} so that it stays shut while the work is turned.`,
  whip: (what) => say`Whip the tape ends of ${what} together behind the teeth.`,
  baste: (what) => say`Lay ${what} on each other and baste them all round, inside the allowance.`,
  basteSides: (what) => say`Baste the open sides of ${what}, inside the allowance.`,
};

/** Held where no seam holds it. */
export const tacked = ({ pieces, how }: ActionOf<'tack'>, work: Work): Wording => tacks[how](piecesIn(pieces, work));
