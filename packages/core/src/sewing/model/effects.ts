import { edgesOf, type Seam } from '../../pieces/seam.ts';
import type { ActionOf, Verb } from '../actions/action.ts';
import type { Effects, Fact, Table } from './facts.ts';
import { byMachine, flat, loose, made, onFace, open, seamsOfTape, sewing, sewn, turned } from './sewing.ts';

type Of<V extends Verb> = (action: ActionOf<V>, table: Table) => Partial<Effects>;

const isBody = (id: string): boolean => id.startsWith('body/');

/** Of the body there is one gap, in one or two of its layers. */
const withGap = (piece: string): string => (isBody(piece) ? 'body' : piece);
export const gapOf = (piece: string): Fact => `gap:${withGap(piece)}`;
const passed = (piece: string): Fact => `passed:${withGap(piece)}`;

/** Own work of a piece, done before it is sewn to what it lies on. */
const own = (pieces: readonly string[]): Partial<Effects> => ({ writes: made(pieces), wants: loose(pieces) });
const ofOne = ({ piece }: { piece: string }): Partial<Effects> => own([piece]);

/** An inner layer lies on the wrong side of cloth that is flat, and single. */
const layer = ({ to, layer: id }: ActionOf<'fuse'>): Partial<Effects> => ({
  reads: id ? [`cut:${id}`] : [],
  writes: [`held:${id ?? `${to}/layers`}`],
  wants: [...flat([to]), `single:${to}`, ...loose([to])],
});

/** Seams of pieces that are sewn by machine before those are turned.
 * @param both only those with both of their pieces among them */
const sewnAmong = (pieces: readonly string[], table: Table, both: boolean): Fact[] =>
  sewn(
    table.seams.filter((seam) => {
      const among = [seam.a.piece, seam.b.piece].map((piece) => pieces.includes(piece));
      return byMachine(seam, table) && (both ? among.every(Boolean) : among.some(Boolean));
    }),
  );

/** Rows that are sewn while the work is flat. */
const flatRows = new Set(['zipper', 'tab', 'ring', 'window', 'foldedEnd']);
/** Rows that are sewn when the lining is in its place. */
const lastRows = new Set(['mouth', 'bandEdge']);

const topstitched: Of<'topstitch'> = ({ piece, place, closesGap, along = [] }, table) => {
  const folds = along.filter((id) => table.piece(piece)?.folds.some((fold) => fold.id === id));
  const isFlat = place === undefined ? folds.length > 0 : flatRows.has(place);
  const based = table.seamsOf(piece).filter(({ kind, a }) => kind === 'caught' && a.piece === piece);
  return {
    reads: [
      ...(isFlat ? [] : turned([piece])),
      ...(place !== undefined && lastRows.has(place) ? (['settled:body'] as const) : []),
      ...(place === 'root' ? (['out:body', ...sewn(based)] as const) : []),
      ...folds.map((fold): Fact => `folded:${piece}/${fold}`),
      ...(closesGap ? [passed(piece)] : []),
    ],
    wants: place === 'root' || (place !== undefined && lastRows.has(place)) ? [] : loose([piece]),
    ends: closesGap ? [gapOf(piece)] : [],
  };
};

/** Folded over an edge, before that piece is sewn on; over ends or allowances, when those are there. */
const bound: Of<'bind'> = ({ by, over, seams = [], edge, place, apart }, table) => {
  const all = sewing({ verb: 'edgestitch', seams }, table);
  const held = open(seams.flatMap((id) => table.seam(id) ?? []));
  // an edge or an end is bound before its piece is sewn on
  const isOwn = edge !== undefined || apart !== undefined;
  return {
    reads: [
      ...(all.reads ?? []),
      ...(place === 'tapeEnds' ? (['out:body'] as const) : []),
      ...(place === 'allowances' ? sewnAmong(over, table, false) : []),
      // a lining that is dropped in stays as it is
      ...(place === 'cutCorners' ? turned(over.filter((id) => table.piece(id)?.role === 'exterior')) : []),
    ],
    writes: [...(all.writes ?? []), ...(isOwn ? made(over) : [])],
    wants: [...held, ...loose([by]), ...(isOwn ? loose(over) : [])],
    // through all layers: what lies behind is covered
    ends: [
      ...held,
      ...(all.ends ?? []).filter((fact) => fact.startsWith('single:')),
      ...(apart === undefined ? loose([by]) : []),
    ],
  };
};

/** Edges are turned in before anything is sewn there. */
const openAt: Of<'turnIn'> = ({ pieces, edges }, table) => ({ wants: openAlong(pieces, edges, table) });

/** Nothing is sewn along edges. */
const openAlong = (pieces: readonly string[], edges: readonly string[], table: Table): Fact[] =>
  open(seamsAlong(pieces, edges, table));

/** Seams that lie along edges of pieces. */
const seamsAlong = (pieces: readonly string[], edges: readonly string[], { seams }: Table): Seam[] =>
  seams.filter(({ a, b }) =>
    [a, b].some((run) => pieces.includes(run.piece) && edgesOf(run).some((edge) => edges.includes(edge))),
  );

/** What is tried before it is too late, and what is done to the whole when it is right side out. */
const finished = ['out:body', 'settled:body'] as const;

export const effects: { [V in Verb]?: Of<V> } = {
  cut: ({ pieces }) => ({ writes: pieces.map((id): Fact => `cut:${id}`) }),
  mark: ({ pieces, what }) => ({ writes: what ? made(pieces) : pieces.map((id): Fact => `marked:${id}`) }),
  fuse: layer,
  basteLayer: layer,
  lay: ({ onto, at }) => (at === 'notches' ? {} : { wants: [...flat([onto]), `single:${onto}`] }),
  nest: ({ inner, outer }, table) => ({
    reads: [...sewnAmong(inner, table, true), ...sewnAmong(outer, table, true)],
    writes: ['nested:body'],
  }),
  sew: sewing,
  baste: sewing,
  edgestitch: sewing,
  box: ({ seams }, table) => {
    const all = sewing({ verb: 'sew', seams }, table);
    const pieces = [...new Set(seams.flatMap((id) => table.seam(id) ?? []).flatMap(({ a, b }) => [a.piece, b.piece]))];
    const sides = table.seams.filter(
      (seam) =>
        table.verbOf(seam.id) === 'sew' &&
        seam.kind === 'sewn' &&
        [seam.a, seam.b].every((run) => pieces.includes(run.piece)),
    );
    return { ...all, reads: [...(all.reads ?? []), ...sewn(sides)] };
  },
  bind: bound,
  stitch: ({ piece, through = [], round, lining }) => {
    if (!round && !lining && through.length === 0) return ofOne({ piece });
    return { reads: [...turned([piece]), ...finished], writes: round || lining ? ['cased:body'] : [] };
  },
  topstitch: topstitched,
  // of a plate there are two, one in each stack
  tack: ({ pieces, how }, table) => {
    if (how !== 'baste') return {};
    const cloth = pieces.filter((id) => table.piece(id)?.role !== 'base');
    const alone = cloth.map((id): Fact => `single:${id}`);
    return { writes: made(cloth), wants: alone, ends: alone };
  },
  fold: ({ piece, fold, opened }) => ({ writes: opened ? [] : [`folded:${piece}/${fold}`] }),
  turnIn: openAt,
  pleat: ({ piece, pockets }, table) => ({
    writes: [...made([piece]), `folded:${piece}/pleats`],
    wants: [...flat([piece]), ...loose([piece])],
    // a front that is doubled is folded first
    reads:
      pockets === undefined ? (table.piece(piece)?.folds ?? []).map(({ id }): Fact => `folded:${piece}/${id}`) : [],
  }),
  hem: ({ pieces, edges, round, channel }, table) => {
    if (channel)
      return {
        reads: [...turned(pieces), ...finished],
        writes: ['cased:body'],
        wants: openAlong(pieces, edges === 'all' ? [] : edges, table),
      };
    // what is sewn along it comes after, and what is caught in it before
    const along = edges === 'all' ? [] : seamsAlong(pieces, edges, table);
    const free = open(along.filter(({ kind }) => kind !== 'caught'));
    const caught = sewn(along.filter(({ kind, b }) => kind === 'caught' && pieces.includes(b.piece)));
    return round
      ? { reads: [...turned(pieces), ...caught], wants: free }
      : { ...own(pieces), reads: caught, wants: [...flat(pieces), ...loose(pieces), ...free] };
  },
  trim: ({ pieces, to }, table) => {
    if (to === 'length' || to === 'tape') return own(pieces);
    if (to !== 'size') return {};
    return { wants: pieces.flatMap((id) => openAlong([id], table.piece(id)?.trim?.at ?? [], table)) };
  },
  seal: ({ pieces }) => own(pieces),
  foldBand: ofOne,
  loop: ofOne,
  hookAndLoop: ({ soft, rough }) => own([soft, rough]),
  attach: ({ piece, to, how }, table) => {
    if (how !== 'sink')
      return { reads: made([piece]), wants: [...loose([piece]), ...to.flatMap(onFace)], ends: loose([piece]) };
    // the mouth is still open above it
    const mouth = to
      .flatMap((id) => table.seamsOf(id))
      .filter(({ kind, a, b }) => kind === 'sewn' && a.piece !== b.piece);
    return {
      reads: [...made([piece]), 'nested:body'],
      wants: open(mouth.filter(({ id }) => table.verbOf(id) === 'edgestitch')),
    };
  },
  slit: ({ pieces }) => ({ writes: pieces.map((id): Fact => `slit:${id}`), wants: flat(pieces) }),
  turn: ({ pieces, out, window, through }, table) => {
    if (out === 'wrong' || window) return {};
    const body = pieces.some(isBody) ? (['out:body'] as const) : [];
    return {
      reads: sewnAmong(pieces, table, false),
      writes: [...turned(pieces), ...body, ...(through === undefined ? [] : [passed(through)])],
      wants: loose(pieces),
    };
  },
  closeGap: ({ piece }) => ({ reads: [...turned([piece]), passed(piece)], ends: [gapOf(piece)] }),
  insert: ({ pieces, into, way }) => {
    if (way === 'throughGap') return { reads: ['out:body'], wants: ['gap:body'] };
    const settles = (way === 'pushed' || way === 'ownMouth') && isBody(into);
    return { reads: settles ? turned(pieces) : [], writes: settles ? ['settled:body'] : [] };
  },
  thread: () => ({ reads: ['cased:body', ...finished] }),
  press: ({ pieces, what, allowances }) => ({ reads: what || allowances === 'in' ? turned(pieces) : [] }),
  moveSlider: ({ zipper, to }, table) => {
    if (to === 'onOne' || to === 'onBoth') return { writes: made([zipper]) };
    if (to === 'on') return { reads: sewn(table.seamsOf(zipper).filter(({ a }) => a.piece === zipper)) };
    return to === 'half' || to === 'open' || to === 'closed' ? { reads: sewn(alongTape(zipper, table)) } : {};
  },
  setHardware: ({ piece, mark, backed, single, pockets = [] }, table) => {
    const alone = backed || single;
    const held = table.seamsOf(piece).filter(({ a, b }) => a.piece === piece && b.piece !== piece);
    return {
      writes: [mark].flat().map((id): Fact => `set:${piece}/${id}`),
      reads: pockets.length > 0 || alone ? [] : [...turned([piece]), ...(isBody(piece) ? finished : [])],
      wants: alone && pockets.length === 0 ? [`single:${piece}`, ...loose([piece])] : [],
      // a free end is set while it lies on the table, a pocket when it is in its place
      habits: pockets.length > 0 ? sewn(held) : loose([piece]),
    };
  },
  tryIn: ({ holders, closed, early, fastener }) => (holders || closed || early || fastener ? {} : { reads: finished }),
};

/** The first of the seams along a zipper: it is moved when that holds it. */
function alongTape(zipper: string, table: Table) {
  return seamsOfTape(zipper, table).slice(0, 1);
}
