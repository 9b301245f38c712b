import {
  CoreError,
  solveDesign,
  solveMemo,
  type DesignDocument,
  type Kinds,
  type Shelves,
  type Solution,
  type SolveMemo,
} from '@zindle/core';
import { pageKinds } from '../store/page-kinds.ts';
import { shelvesNow } from '../store/shelves.ts';

export type Solved = { ok: true; solution: Solution } | { ok: false; message: string };

/** While a design is worked on, what a change does not touch is not measured again. */
const known = new WeakMap<Kinds, { memo: SolveMemo; solved: WeakMap<Shelves, WeakMap<DesignDocument, Solved>> }>();

/** The solution of a document; solved once for each state of it and of the shelves, with the same families. */
export function solvedOf(document: DesignDocument, shelves: Shelves = shelvesNow(), kinds: Kinds = pageKinds): Solved {
  const ofKinds = known.get(kinds) ?? { memo: solveMemo(), solved: new WeakMap() };
  known.set(kinds, ofKinds);
  const ofShelves = ofKinds.solved.get(shelves) ?? new WeakMap<DesignDocument, Solved>();
  ofKinds.solved.set(shelves, ofShelves);
  const before = ofShelves.get(document);
  if (before) return before;
  const solved = solve(document, shelves, kinds, ofKinds.memo);
  ofShelves.set(document, solved);
  return solved;
}

function solve(document: DesignDocument, shelves: Shelves, kinds: Kinds, memo: SolveMemo): Solved {
  try {
    return { ok: true, solution: solveDesign(document, shelves, kinds, memo) };
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, message: error.message };
    // a fault of the program: what can be done without the solution (changing, undoing, saving) goes on
    globalThis.reportError?.(error);
    return {
      ok: false,
      message: `this version failed on it (${error instanceof Error ? error.message : String(error)})`,
    };
  }
}
