import { lower } from '../../errors/first-letter.ts';
import { listed } from '../../errors/listed.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { EdgeId, Piece } from '../../pieces/piece.ts';
import type { EdgeRun, Seam } from '../../pieces/seam.ts';

/** What sentences about the work look things up in. */
export interface Work {
  piece(id: string): Piece;
  seam(id: string): Seam;
  /** What a material or something on the hardware shelf is called. */
  nameOf(id: string): string;
}

/** A piece in a sentence: its name, and the letter on its pattern. */
export function called({ name, letter }: Pick<Piece, 'name' | 'letter'>): string {
  return letter ? `${lower(name)} (${letter})` : lower(name);
}

export const piecesIn = (ids: readonly string[], work: Work): string =>
  listed([...new Set(ids)].map((id) => called(work.piece(id))));

/** Where runs lie on their piece: its edges by name, or its lines by what they are called there. */
export function alongRuns(piece: Piece, runs: readonly EdgeRun[]): string {
  const lines = runs.flatMap(({ parts }) => parts.flatMap((part) => ('line' in part ? [part.line] : [])));
  const labels = [...new Set(lines)].map((id) => `“${piece.lines.find((line) => line.id === id)?.label ?? id}”`);
  const edges = along(piece, [...new Set(runs.flatMap(edgesOf))]);
  const marked = labels.length > 1 ? `along the marked lines ${listed(labels)}` : `along the marked line ${labels[0]}`;
  return listed([...(edges === '' ? [] : [edges]), ...(labels.length > 0 ? [marked] : [])]);
}

/** The edges of a run, in its order. */
export const edgesOf = ({ parts }: EdgeRun): EdgeId[] => [
  ...new Set(parts.flatMap((part) => ('edge' in part ? [part.edge] : []))),
];

/** Edges of a piece by name; all of them are “all round”. */
export function along(piece: Piece, edges: readonly EdgeId[]): string {
  const all = piece.stitch.map(({ id }) => id);
  if (all.length > 1 && all.every((edge) => edges.includes(edge))) return 'all round';
  // round corners belong to the sides beside them
  const sides = edges.filter((edge) => !edge.startsWith('corner-'));
  const named = sides.length > 0 ? sides : edges;
  if (named.length === 0) return '';
  if (named.length > 1 && named.every((edge) => edgeName(edge) === `${edge} edge`))
    return `along the ${listed(named)} edges`;
  return `along the ${listed(named.map(edgeName))}`;
}
