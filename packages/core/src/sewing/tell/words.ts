import { capital, lower } from '../../errors/first-letter.ts';
import { listed } from '../../errors/listed.ts';
import type { Wording } from '../../errors/wording.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { EdgeId, Piece } from '../../pieces/piece.ts';
import { edgesOf, type EdgeRun } from '../../pieces/seam.ts';
import type { Lookup } from '../rows/lookup.ts';

/** What sentences about the work look things up in. */
export interface Work extends Lookup {
  /** What a material or something on the hardware shelf is called. */
  nameOf(id: string): string;
}

/** A piece in a sentence: its name, and the letter on its pattern. */
export function called({ name, letter }: Pick<Piece, 'name' | 'letter'>): string {
  return letter ? `${lower(name)} (${letter})` : lower(name);
}

/** Pieces in a sentence: all of a bag under its name, others one by one. */
export function piecesIn(ids: readonly string[], work: Work): string {
  const all = [...new Set(ids)];
  const bags = (['shell', 'lining'] as const).flatMap((layer) => {
    const own = all.filter((id) => isOf(layer, id));
    return own.length > 1 ? [{ own, name: `the ${layer} (${lettersOf(own, work)})` }] : [];
  });
  const inBags = new Set(bags.flatMap(({ own }) => own));
  const others = all.filter((id) => !inBags.has(id)).map((id) => called(work.piece(id)));
  return listed([...bags.map(({ name }) => name), ...new Set(others)]);
}

const isOf = (layer: 'shell' | 'lining', id: string): boolean => id.startsWith(`body/${layer}`);
const lettersOf = (ids: readonly string[], work: Work): string =>
  listed([...new Set(ids.flatMap((id) => work.piece(id).letter || []))]);

/** Where runs lie on their piece: its edges by name, or its lines by what they are called there. */
export function alongRuns(piece: Piece, runs: readonly EdgeRun[]): string {
  const lines = runs.flatMap(({ parts }) => parts.flatMap((part) => ('line' in part ? [part.line] : [])));
  const edges = along(piece, [...new Set(runs.flatMap(edgesOf))]);
  return listed([...(edges === '' ? [] : [edges]), ...(lines.length > 0 ? [alongLines(piece, lines)] : [])]);
}

/** Lines that are drawn on a piece, by what they are called there. */
export function alongLines(piece: Piece, lines: readonly string[]): string {
  const labels = [...new Set(lines.flatMap((id) => piece.lines.find((line) => line.id === id)?.label || []))];
  const words = labels.length > 0 ? ` ${listed(labels.map((label) => `“${label}”`))}` : '';
  return `along the marked ${lines.length > 1 ? 'lines' : 'line'}${words}`;
}

/** Edges of a piece by name; all of them are “all round”. */
export function along(piece: Piece, edges: readonly EdgeId[]): string {
  const all = piece.stitch.map(({ id }) => id);
  if (all.length > 1 && all.every((edge) => edges.includes(edge))) return 'all round';
  const named = edgesNamed(edges);
  return named === '' ? '' : `along the ${named}`;
}

/** Several edges: “left, right and bottom edges”. */
export function edgesNamed(edges: readonly EdgeId[]): string {
  // round corners belong to the sides beside them
  const sides = edges.filter((edge) => !edge.startsWith('corner-'));
  const named = sides.length > 0 ? sides : [...edges];
  // front and back of a folded piece
  if (named.length > 1 && named.every((edge) => edge.startsWith('mouth'))) return 'whole mouth';
  if (named.length > 1 && named.every((edge) => edgeName(edge) === `${edge} edge`)) return `${listed(named)} edges`;
  return listed([...new Set(named.map(edgeName))]);
}

/** A sentence that begins with a capital letter. */
export const asSentence = (wording: Wording): Wording => {
  const [first, ...rest] = wording;
  return typeof first === 'string' ? [capital(first), ...rest] : wording;
};
