import { boundsOf, lengthRound } from '../../geometry/outline.ts';
import { turningGapOf, type Piece } from '../../pieces/piece.ts';
import { edgesOf, isOnLines, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { stretchOf } from '../../pieces/stretch.ts';
import type { Action, ActionOf, Verb } from '../actions/action.ts';
import type { Lookup } from './lookup.ts';
import type { Sew } from '../actions/sew.ts';

/** Stitching of one sort that an action makes. */
export interface Row {
  /** `seam`: joins inside; `row`: lies on the face; `baste`: comes out again; `hand`: sewn by hand. */
  sort: 'seam' | 'row' | 'baste' | 'hand';
  /** Of all its rows together, mm. */
  length: number;
  /** How often it is begun anew. */
  begins: number;
  /** So much of an edge is pinned for it first, mm; default all of it, of what lies on the face nothing. */
  pinned?: number;
}

/** The stitching that an action makes; nothing where it makes none. Where a row lies on a place that no edge or line gives, it is reckoned
 * from the size of the piece. */
export function rowsOf(action: Action, lookup: Lookup): Row[] {
  const rows = byVerb[action.verb] as ((action: Action, lookup: Lookup) => Row[]) | undefined;
  return (rows?.(action, lookup) ?? []).filter(({ length }) => length > 0);
}

/** All round a box as wide as the end of a strap, and both its diagonals: so many times that width. */
const BOX_AND_CROSS = 4 + 2 * Math.SQRT2;

const longSide = ({ stitch }: Piece): number => Math.max(...sidesOf(stitch));
const shortSide = ({ stitch }: Piece): number => Math.min(...sidesOf(stitch));
const round = ({ stitch }: Piece): number => lengthRound(stitch);

function sidesOf(stitch: Piece['stitch']): [number, number] {
  const { width, height } = boundsOf(stitch);
  return [width, height];
}

/** Along edges, folds or marked lines of a piece, mm. */
function along(piece: Piece, ids: readonly string[]): number {
  return ids.reduce((sum, id) => {
    const fold = piece.folds.find((each) => each.id === id);
    if (fold) return sum + Math.hypot(fold.to[0] - fold.from[0], fold.to[1] - fold.from[1]);
    const found = stretchOf(piece, { edge: id }) ?? stretchOf(piece, { line: id });
    return sum + (found?.whole ?? 0);
  }, 0);
}

/** What is sewn of a seam: the longer of its edges, without what stays open. mm */
const lengthOf = ({ a, b }: Seam, { piece }: Lookup): number =>
  Math.max(...[a, b].map((run) => sewnOf(run, piece(run.piece)))) -
  Math.max(...[a, b].map((run) => openOf(run, piece(run.piece))));

const sewnOf = ({ parts }: EdgeRun, piece: Piece): number =>
  parts.reduce((sum, part) => {
    const found = stretchOf(piece, part);
    return sum + (found ? found.to - found.from : 0);
  }, 0);

function openOf(run: EdgeRun, { gaps }: Piece): number {
  const edges = edgesOf(run);
  return gaps.reduce((sum, { edge, from, to }) => sum + (edges.includes(edge) ? to - from : 0), 0);
}

/** Two pieces share one beginning; each line on a face has its own. */
function beginsOf(seams: readonly Seam[]): number {
  const lines = seams.filter(({ b }) => isOnLines(b)).length;
  const pairs = seams.flatMap(({ a, b }) => (isOnLines(b) ? [] : [`${a.piece} ${b.piece}`]));
  return lines + new Set(pairs).size;
}

/** All of it is gone over again. */
const twiceOver: ReadonlySet<Sew['twice']> = new Set(['weight', 'trues']);

const sorts = { sew: 'seam', edgestitch: 'row', baste: 'baste' } as const;

function sewn({ verb, seams, twice, backAndForth, cross, bothEdges }: Sew, lookup: Lookup): Row[] {
  const all = seams.map(lookup.seam);
  const passes = (twiceOver.has(twice) ? 2 : 1) * (backAndForth || bothEdges ? 2 : 1) * (cross ? BOX_AND_CROSS : 1);
  const length = all.reduce((sum, seam) => sum + lengthOf(seam, lookup), 0);
  return [{ sort: sorts[verb], length: length * passes, begins: beginsOf(all), pinned: length }];
}

function topstitched({ piece, along: ids, place, through = [] }: ActionOf<'topstitch'>, lookup: Lookup): Row[] {
  const on = lookup.piece(piece);
  const row = (length: number, begins = 1): Row[] => [{ sort: 'row', length, begins }];
  if (place === undefined)
    return ids ? row(along(on, ids), on.folds.some(({ id }) => ids.includes(id)) ? ids.length : 1) : row(round(on));
  if (place === 'mouth') {
    const walls = [on, ...through.map(lookup.piece).filter(({ role }) => role === on.role)];
    const mouths = walls.map((wall) => along(wall, edgesAt(wall, /^(mouth|top)/)));
    return row(mouths.reduce((sum, length) => sum + length, 0));
  }
  if (place === 'foldedEnd' || place === 'tab') return row(4 * shortSide(on));
  return row(place === 'ring' || place === 'freeEdge' || place === 'window' ? round(on) : longSide(on));
}

const edgesAt = ({ stitch }: Piece, name: RegExp): string[] => stitch.flatMap(({ id }) => (name.test(id) ? [id] : []));

function hemmed({ pieces, edges, rows = 1 }: ActionOf<'hem'>, { piece }: Lookup): Row[] {
  const all = pieces.map(piece).map((on) => {
    const ids = edges === 'all' ? on.stitch.map(({ id }) => id) : edges;
    return { length: along(on, ids) * on.count, begins: on.count };
  });
  const sum = (key: 'length' | 'begins') => rows * all.reduce((total, each) => total + each[key], 0);
  return [{ sort: 'row', length: sum('length'), begins: sum('begins') }];
}

const byVerb: { [V in Verb]?: (action: ActionOf<V>, lookup: Lookup) => Row[] } = {
  basteLayer: ({ to }, { piece }) => [{ sort: 'baste', length: round(piece(to)) * piece(to).count, begins: 1 }],
  sew: sewn,
  edgestitch: sewn,
  baste: sewn,
  box: ({ seams }, lookup) => [
    {
      sort: 'seam',
      length: seams.reduce((sum, id) => sum + lengthOf(lookup.seam(id), lookup), 0),
      begins: seams.length,
    },
  ],
  stitch: ({ piece, lines }, lookup) => [
    { sort: 'row', length: along(lookup.piece(piece), lines), begins: lines.length },
  ],
  topstitch: topstitched,
  bind: ({ by, apart, over }, { piece }) =>
    apart === undefined
      ? [{ sort: 'row', length: longSide(piece(by)), begins: 1 }]
      : [{ sort: 'row', length: 2 * over.length * longSide(piece(by)), begins: 2 * over.length }],
  hem: hemmed,
  zigzag: ({ pieces, beside }, lookup) => {
    const length =
      'edges' in beside
        ? pieces.reduce((sum, id) => sum + along(lookup.piece(id), beside.edges), 0)
        : beside.reduce((sum, id) => sum + lengthOf(lookup.seam(id), lookup), 0);
    return [{ sort: 'row', length, begins: 1 }];
  },
  closeGap({ piece }, lookup) {
    const gap = turningGapOf(lookup.piece(piece));
    return [{ sort: 'hand', length: gap ? gap.to - gap.from : 0, begins: 1 }];
  },
  handSew: ({ piece }, lookup) => [{ sort: 'hand', length: shortSide(lookup.piece(piece)), begins: 1 }],
  foldBand({ piece }, lookup) {
    const band = lookup.piece(piece);
    return [{ sort: 'row', length: 2 * longSide(band) * band.count, begins: 2 * band.count }];
  },
  loop({ piece, cross }, lookup) {
    if (!cross) return [];
    return [{ sort: 'row', length: 2 * 2 * BOX_AND_CROSS * shortSide(lookup.piece(piece)), begins: 2 }];
  },
  attach({ piece, how }, lookup) {
    const on = lookup.piece(piece);
    if (how === 'sink') return [];
    if (how === 'fold') return [{ sort: 'baste', length: shortSide(on) * on.count, begins: on.count }];
    return [{ sort: 'row', length: 2 * 2 * BOX_AND_CROSS * shortSide(on) * on.count, begins: 2 * on.count }];
  },
  hookAndLoop: ({ soft, rough }, { piece }) => [
    { sort: 'row', length: 6 * (shortSide(piece(soft)) + shortSide(piece(rough))), begins: 2 },
  ],
  tack: ({ pieces, how }, { piece }) => {
    const first = piece(pieces[0]!);
    if (how === 'whip') return [{ sort: 'hand', length: shortSide(first), begins: 1 }];
    if (how === 'baste') return [{ sort: 'baste', length: round(first), begins: 1 }];
    return how === 'basteSides' ? [{ sort: 'baste', length: 2 * first.cutHeight.value, begins: 2 }] : [];
  },
};
