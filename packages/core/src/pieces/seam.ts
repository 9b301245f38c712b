import type { Derived } from '../derived/derived.ts';

/** A stretch of an edge (mm from the edge's start, in its own direction; default all of it), or of a line on a face. */
export type RunPart =
  | { edge: string; from?: number; to?: number; reversed?: boolean }
  | { line: string; from?: number; to?: number; reversed?: boolean };

/** Consecutive stretches of one piece, in walking order. */
export interface EdgeRun {
  piece: string;
  parts: RunPart[];
}

/** Length by which `a` is longer than `b`, known from a rule before the seam is walked. */
export interface SeamEase {
  by: Derived;
  /** The ease lies between these notches; without them it is spread over the whole seam. */
  between?: [string, string];
  /** Where it lies if it does not stand: in folds that are pressed before, in small pleats, in the width of a zipper that shows there;
   * or the shorter edge is stretched. */
  lies?: 'folds' | 'pleats' | 'zipper' | 'stretch';
  /** Or it is what stands out at one end of the walk, where nothing is sewn on. */
  at?: 'start' | 'end';
}

/** `sewn`: two edges sewn together; `caught`: an edge lies in a seam of the body; `stitchedOn`: sewn onto a face; `fastened`: not sewn
 * at all, held onto each other by what can be opened. */
export type SeamKind = 'sewn' | 'caught' | 'stitchedOn' | 'fastened';

/** Two edges that must come out equally long along their stitch lines. */
export interface Seam {
  id: string;
  kind: SeamKind;
  a: EdgeRun;
  b: EdgeRun;
  ease?: SeamEase;
  /** The middles of both edges are matched. */
  centre?: boolean;
  /** The seam of the body that it lies in, if any. */
  within?: string;
}

/** Their ids. */
export const idsOf = (seams: readonly Seam[]): string[] => seams.map(({ id }) => id);

/** The edges of a run, in its order. */
export const edgesOf = ({ parts }: EdgeRun): string[] => [
  ...new Set(parts.flatMap((part) => ('edge' in part ? [part.edge] : []))),
];

/** It goes along lines on a face alone. */
export const isOnLines = ({ parts }: EdgeRun): boolean => parts.every((part) => 'line' in part);

/** A whole edge. */
export const wholeEdge = (piece: string, edge: string, reversed = false): EdgeRun => ({
  piece,
  parts: [reversed ? { edge, reversed } : { edge }],
});

/** Part of an edge, mm from its start. */
export const edgePart = (piece: string, edge: string, from: number, to: number, reversed = false): EdgeRun => ({
  piece,
  parts: [reversed ? { edge, from, to, reversed } : { edge, from, to }],
});

/** A line on the face of a piece. */
export const faceLine = (piece: string, id: string): EdgeRun => ({ piece, parts: [{ line: id }] });
