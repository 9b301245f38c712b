import type { DesignDocument, Solution } from '@zindle/core';
import { solvedOf, type Solved } from '../derivations/solution.ts';
import { useDesign } from '../store/design-context.ts';

/** The open document with its solution. */
export function useSolved(): { document: DesignDocument; solved: Solved } {
  const document = useDesign((state) => state.document);
  return { document, solved: solvedOf(document) };
}

export type WithSolution = { document: DesignDocument; solution: Solution };
