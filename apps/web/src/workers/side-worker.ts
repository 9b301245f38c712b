import { solveDesign, solveMemo, type DesignDocument, type Shelves } from '@zindle/core';
import { drawnSide, sidesOf, type DrawnSide } from '../derivations/drawn-side.ts';
import { pageKinds } from '../store/page-kinds.ts';

/** The state of a design while something is dragged. */
export interface SideTask {
  task: number;
  document: DesignDocument;
  /** Sent with the first state of a drag; kept for the others. */
  shelves?: Shelves;
  side: string;
  selection: string;
}
/** What to draw; nothing if it cannot be solved. */
export interface SideDone {
  task: number;
  drawn?: DrawnSide;
}

const memo = solveMemo();
let known: Shelves | undefined;

onmessage = ({ data: { task, document, shelves, side, selection } }: MessageEvent<SideTask>) => {
  known = shelves ?? known;
  const done: SideDone = { task };
  try {
    if (!known) return;
    const solution = solveDesign(document, known, pageKinds, memo);
    const board = sidesOf(document, solution, known, pageKinds).find(({ id }) => id === side);
    if (board) done.drawn = drawnSide(document, solution, board, selection, pageKinds);
  } finally {
    postMessage(done);
  }
};
