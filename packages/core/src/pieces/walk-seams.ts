import { CoreError } from '../errors/core-error.ts';
import type { Piece } from './piece.ts';
import type { EdgeRun, RunPart, Seam } from './seam.ts';
import { stretchOf, type Stretch } from './stretch.ts';

/** Largest difference of two walked edges that still counts as equal, mm. */
export const WALK_TOLERANCE = 0.5;

/** A seam with both edges measured along their stitch lines, mm. */
export interface WalkedSeam extends Seam {
  lengthA: number;
  lengthB: number;
  /** What is left after the declared ease; 0 is perfect. */
  mismatch: number;
  /** The worst distance between notches that should meet. */
  notchMismatch: number;
  walks: boolean;
}

interface WalkedRun {
  length: number;
  notches: ReadonlyMap<string, number>;
}

const NO_NOTCHES: ReadonlyMap<string, number> = new Map();

/** Walks every seam on the pieces' own stitch outlines.
 * @throws CoreError `seam.unknownPiece`, `seam.unknownEdge`, `seam.beyondEdge` */
export function walkSeams(pieces: readonly Piece[], seams: readonly Seam[]): WalkedSeam[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  return seams.map((seam) => walkSeam(seam, byId));
}

function walkSeam(seam: Seam, pieces: Map<string, Piece>): WalkedSeam {
  const notched = [seam.a, seam.b].every(({ piece }) => pieces.get(piece)?.notches.length);
  const a = walkRun(seam.a, pieces, seam.id, notched);
  const b = walkRun(seam.b, pieces, seam.id, notched);
  const mismatch = a.length - b.length - (seam.ease?.by.value ?? 0);
  const notchMismatch = worstNotch(seam, a, b);
  const walks = Math.abs(mismatch) <= WALK_TOLERANCE && notchMismatch <= WALK_TOLERANCE;
  return { ...seam, lengthA: a.length, lengthB: b.length, mismatch, notchMismatch, walks };
}

/** @param notched whether there is something to match at all */
function walkRun(run: EdgeRun, pieces: Map<string, Piece>, seam: string, notched: boolean): WalkedRun {
  const piece = pieces.get(run.piece);
  if (!piece) throw new CoreError('seam.unknownPiece', `seam ${seam} names no piece ${run.piece}`, seam);
  const notches = notched ? new Map<string, number>() : undefined;
  let length = 0;
  for (const part of run.parts) {
    const { whole, from, to } = measurePart(part, piece, seam);
    if (from < -1e-6 || to > whole + 1e-6 || to < from)
      throw new CoreError('seam.beyondEdge', `seam ${seam} runs beyond an edge of ${piece.id}`, seam);
    if (notches)
      for (const { id, at } of notchesOn(part, piece, from, to))
        notches.set(id, length + (part.reversed ? to - at : at - from));
    length += to - from;
  }
  return { length, notches: notches ?? NO_NOTCHES };
}

function notchesOn(part: RunPart, piece: Piece, from: number, to: number) {
  if ('line' in part) return [];
  return piece.notches.filter(({ edge, at }) => edge === part.edge && at >= from - 1e-9 && at <= to + 1e-9);
}

function measurePart(part: RunPart, piece: Piece, seam: string): Stretch {
  const found = stretchOf(piece, part);
  if (found) return found;
  const named = 'line' in part ? `line ${part.line}` : `edge ${part.edge}`;
  throw new CoreError('seam.unknownEdge', `seam ${seam} names no ${named} of ${piece.id}`, seam);
}

function worstNotch(seam: Seam, a: WalkedRun, b: WalkedRun): number {
  if (b.notches.size === 0) return 0;
  const ease = seam.ease?.by.value ?? 0;
  const [first, last] = (seam.ease?.between ?? []).map((id) => b.notches.get(id));
  const shareBefore = (at: number): number => {
    // what stands out at one end is no ease between the notches
    if (seam.ease?.at) return seam.ease.at === 'start' ? 1 : 0;
    if (first === undefined || last === undefined) return b.length === 0 ? 0 : at / b.length;
    const [from, to] = [Math.min(first, last), Math.max(first, last)];
    if (at <= from) return 0;
    return at >= to ? 1 : (at - from) / (to - from);
  };
  const misses = [...b.notches].flatMap(([id, at]) => {
    const other = a.notches.get(id);
    return other === undefined ? [] : [Math.abs(other - at - ease * shareBefore(at))];
  });
  return Math.max(0, ...misses);
}
