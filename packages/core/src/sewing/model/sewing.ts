import { edgesOf, isOnLines, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import type { ActionOf, Sew } from '../actions/action.ts';
import type { Effects, Fact, Table } from './facts.ts';

export const loose = (pieces: readonly string[]): Fact[] => pieces.map((id): Fact => `loose:${id}`);
export const flat = (pieces: readonly string[]): Fact[] => pieces.map((id): Fact => `flat:${id}`);
export const turned = (pieces: readonly string[]): Fact[] => pieces.map((id): Fact => `turned:${id}`);
export const made = (pieces: readonly string[]): Fact[] => pieces.map((id): Fact => `made:${id}`);
export const sewn = (seams: readonly Seam[]): Fact[] => seams.map(({ id }): Fact => `sewn:${id}`);
export const open = (seams: readonly Seam[]): Fact[] => seams.map(({ id }): Fact => `open:${id}`);

/** What lies on a face is sewn to it while that is flat, single, and not sewn to what it lies on itself. */
export const onFace = (host: string): Fact[] => [...flat([host]), `single:${host}`, ...loose([host])];

/** Sewn by machine before the work is turned. */
export const byMachine = ({ id, kind }: Seam, table: Table): boolean => {
  const verb = table.verbOf(id);
  return kind === 'sewn' && (verb === 'sew' || verb === 'box');
};
const isSelf = ({ a, b }: Seam): boolean => a.piece === b.piece;
const roleOf = (id: string, table: Table) => table.piece(id)?.role;
const byRuler = (id: string, table: Table): boolean => table.piece(id)?.byRuler === true;

/** Seams that a tape lies in: those that it is sewn in itself, or that it is caught in. */
export const seamsOfTape = (tape: string, table: Table): Seam[] =>
  table
    .seamsOf(tape)
    .filter(({ a, b }) => !isTab(a.piece === tape ? b.piece : a.piece))
    .flatMap((seam) =>
      seam.kind === 'caught' && table.verbOf(seam.id) === undefined ? (table.seam(seam.within ?? '') ?? []) : [seam],
    );
const isTab = (id: string): boolean => id.endsWith('/tab');

/** What an action of one or several seams asks and does. */
export function sewing(action: Pick<ActionOf<'sew'>, 'verb' | 'seams'> & Partial<Sew>, table: Table): Partial<Effects> {
  const own = new Set(action.seams);
  const known = action.seams.flatMap((id) => table.seam(id) ?? []);
  const each = known.map((seam) => seamEffects(seam, action, table));
  const folded = known.flatMap(({ ease, a, b }): Fact[] =>
    ease?.lies === 'folds' ? [`folded:${(ease.by.value > 0 ? a : b).piece}/pleats`] : [],
  );
  const reads = [...each.flatMap((one) => one.reads ?? []), ...waysRead(action, known, table), ...folded];
  return {
    reads: reads.filter((fact) => !(fact.startsWith('sewn:') && own.has(fact.slice(5)))),
    writes: [...sewn(known), ...(action.verb === 'sew' ? facedBy(action, known, table) : [])],
    wants: [...open(known), ...each.flatMap((one) => one.wants ?? [])],
    ends: [...open(known), ...each.flatMap((one) => one.ends ?? [])],
  };
}

/** Pieces whose right sides are inside after it. */
const facedBy = ({ facing }: Partial<Sew>, known: readonly Seam[], table: Table): Fact[] =>
  facing !== undefined && facing !== 'rightToRight'
    ? []
    : known
        .filter((seam) => seam.kind === 'sewn' && facesIn(seam, table))
        .flatMap(({ a, b }) => [a, b].map(({ piece }): Fact => `faced:${piece}`));

/** Two cloths meet in it, or the two of a piece that is cut twice, a tape between them. */
const facesIn = ({ a, b }: Seam, table: Table): boolean =>
  ![a, b].some(({ piece }) => byRuler(piece, table)) ||
  [a, b].some(({ piece }) => (table.piece(piece)?.count ?? 1) > 1);

/** What the way of sewing asks for. */
function waysRead(
  { between, oneLayer, meet, stopsAt, from, facing, twice, keepOut = [] }: Partial<Sew>,
  known: readonly Seam[],
  table: Table,
): Fact[] {
  const pieces = [...new Set(known.flatMap(({ a, b }) => [a.piece, b.piece]))];
  const inside = between === undefined || between === 'all' ? [] : between;
  return [
    ...made(inside),
    // a zipper lies in its long seams before its ends are sewn over
    ...inside.flatMap((id) => {
      const along = seamsOfTape(id, table);
      return twice === 'zipper' && !along.some((seam) => known.includes(seam)) ? sewn(along) : [];
    }),
    // round a mouth, or a rim with corners: its bag is sewn
    ...(oneLayer || meet === 'corners' ? sewn(pieces.flatMap((id) => ofBag(id, table))) : []),
    // it begins where the stitching of the mouth ends
    ...(stopsAt === 'seam' ? sewn(pieces.flatMap((id) => joining(id, keepOut, table))) : []),
    ...(from === 'middleDivider' ? (['settled:body'] as const) : []),
    ...(facing === 'rightToWrong' ? known.map(({ b }): Fact => `slit:${b.piece}`) : []),
  ];
}

/** Seams that make a bag of a piece with others of its role, or of it alone. */
const ofBag = (id: string, table: Table): Seam[] =>
  table
    .seamsOf(id)
    .filter((seam) => byMachine(seam, table) && roleOf(seam.a.piece, table) === roleOf(seam.b.piece, table));

const joining = (id: string, others: readonly string[], table: Table): Seam[] =>
  table
    .seamsOf(id)
    .filter((seam) => byMachine(seam, table) && others.includes(seam.a.piece === id ? seam.b.piece : seam.a.piece));

function seamEffects(seam: Seam, how: Partial<Sew>, table: Table): Partial<Effects> {
  const { a, b, within } = seam;
  switch (seam.kind) {
    case 'caught':
      // a lining on the other side of a tape
      if (byRuler(table.seam(within ?? '')?.a.piece ?? '', table)) return { wants: [`open:${within!}`] };
      // what lies in a seam is basted before that is sewn
      return {
        reads: [...ready(a, table)],
        wants: [...(within ? [`open:${within}` as const] : []), ...open(acrossOf(seam, table)), ...loose([b.piece])],
        ends: loose([a.piece]),
      };
    case 'stitchedOn':
      return isSelf(seam) ? foldedOn(seam, table) : laidOn(seam, how, table);
    default:
      return {
        reads: isSelf(seam) ? [] : made([a.piece, b.piece]),
        wants: isSelf(seam) ? [] : loose([a.piece, b.piece]),
        ends: joinedBy(seam, table),
      };
  }
}

/** Seams edge to edge of what it lies on, along the same edges: sewn over its place, or turned there. */
const acrossOf = ({ b }: Seam, table: Table): Seam[] =>
  table
    .seamsOf(b.piece)
    .filter(
      ({ kind, a, b: other }) =>
        kind === 'sewn' &&
        [a, other].some((run) => run.piece === b.piece && edgesOf(run).some((edge) => edgesOf(b).includes(edge))),
    );

/** Part of a piece that is folded onto itself, once that is turned; lines after the edges. */
const foldedOn = (seam: Seam, table: Table): Partial<Effects> => ({
  reads: [...turned([seam.a.piece]), ...(isOnLines(seam.a) ? sewn(alike(seam, table)) : [])],
});

/** A piece on the face of another. */
function laidOn(seam: Seam, how: Partial<Sew>, table: Table): Partial<Effects> {
  const { a, b } = seam;
  return {
    reads: [
      ...ready(a, table),
      ...(reachesIn(how) ? (['settled:body'] as const) : []),
      // lines are stitched when the edges hold
      ...(isOnLines(a) && !byRuler(a.piece, table) && !how.throughPanel ? sewn(alike(seam, table)) : []),
    ],
    wants: [
      ...(reachesIn(how) || how.oneLayer || how.throughPanel || how.from === 'mouth' ? [] : onFace(b.piece)),
      // only the layer of it that lies there is sewn, while it can be reached
      ...(isOnLines(a) && !reachesIn(how) && !how.throughPanel ? open(ownSeams(a.piece, table)) : []),
      ...(byRuler(a.piece, table) ? open(behind(seam, table)) : []),
    ],
    ends: loose([a.piece]),
  };
}

/** It is sewn where the work is a bag already: through all layers, or from inside. */
const reachesIn = ({ allLayers, from }: Partial<Sew>): boolean => allLayers === true || from === 'middleDivider';

/** What is laid on is made, and folded where it is doubled. */
const ready = ({ piece: id }: EdgeRun, table: Table): Fact[] => [
  ...made([id]),
  ...(table.piece(id)?.folds ?? [])
    .filter((fold) => fold.id === 'mouth')
    .map((fold): Fact => `folded:${id}/${fold.id}`),
];

/** The edges of what is sewn on along lines, on the same piece. */
const alike = ({ a, b }: Seam, table: Table): Seam[] =>
  table
    .seamsOf(a.piece)
    .filter(
      (each) => each.kind !== 'sewn' && each.a.piece === a.piece && each.b.piece === b.piece && !isOnLines(each.a),
    );

/** Seams by which a piece is closed on itself. */
const ownSeams = (id: string, table: Table): Seam[] =>
  table.seamsOf(id).filter((each) => each.kind === 'sewn' && isSelf(each));

/** A zipper on a line of a window is reached until the bag behind that is closed. */
function behind({ id, b }: Seam, table: Table): Seam[] {
  const lines = b.parts.flatMap((part) => ('line' in part ? [part.line] : []));
  return table
    .seamsOf(b.piece)
    .filter((each) => each.id !== id && each.b.parts.some((part) => 'line' in part && lines.includes(part.line)))
    .flatMap((each) => ownSeams(each.a.piece, table));
}

/** Two pieces are flat no more once they are sewn to each other, and single no more where their cloths are of two roles. Tape keeps both. */
function joinedBy({ a, b }: Seam, table: Table): Fact[] {
  const [one, other] = [a.piece, b.piece];
  if (byRuler(one, table) || byRuler(other, table)) return [];
  const apart = roleOf(one, table) !== roleOf(other, table);
  return [...flat([one, other]), ...(apart ? ([`single:${one}`, `single:${other}`] as const) : [])];
}
