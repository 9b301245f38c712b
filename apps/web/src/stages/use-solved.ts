import type { DesignDocument, Solution } from '@zindle/core';
import { solvedOf, type Solved } from '../derivations/solution.ts';
import { useKinds } from '../store/kinds-context.ts';
import { useShelves } from '../store/shelves.ts';
import { useDesign } from '../store/design-context.ts';

/** The open document with its solution; while something is dragged, as it was before. */
export function useSolved(): { document: DesignDocument; solved: Solved } {
  const document = useDesign((state) => state.held ?? state.document);
  const shelves = useShelves((state) => state.shelves);
  return { document, solved: solvedOf(document, shelves, useKinds()) };
}

export type WithSolution = { document: DesignDocument; solution: Solution };
