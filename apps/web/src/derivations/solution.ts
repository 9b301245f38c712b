import {
  builtInKinds,
  CoreError,
  solveDesign,
  solveMemo,
  standardShelves,
  type DesignDocument,
  type Solution,
} from '@zindle/core';

export type Solved = { ok: true; solution: Solution } | { ok: false; message: string };

/** While a design is worked on, what a change does not touch is not measured again. */
const memo = solveMemo();
const known = new WeakMap<DesignDocument, Solved>();

/** The solution of a document; solved once for each state of it. */
export function solvedOf(document: DesignDocument): Solved {
  const before = known.get(document);
  if (before) return before;
  const solved = solve(document);
  known.set(document, solved);
  return solved;
}

function solve(document: DesignDocument): Solved {
  try {
    return { ok: true, solution: solveDesign(document, standardShelves, builtInKinds, memo) };
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return { ok: false, message: error.message };
  }
}
