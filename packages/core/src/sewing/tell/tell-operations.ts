import type { Wording } from '../../errors/wording.ts';
import type { OperationDraft, Step } from '../../pieces/contribution.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Action } from '../actions/action.ts';
import { asSentence, sentenceOf } from './sentences.ts';
import type { Work } from './words.ts';

/** An action with its sentence. */
export type ToldAction = Action & { sentence: Wording };

/** A step in its place, with its words. */
export interface Operation extends OperationDraft {
  number: number;
  /** What it is called, where it is told as data. */
  title?: string;
  /** What is done in it; nothing where it is told in words. */
  actions: readonly ToldAction[];
}

/** Ordered steps with their sentences.
 * @param pieces called by their letters
 * @param nameOf what a material or something on the hardware shelf is called */
export function tellOperations(
  steps: readonly (Step & { number: number })[],
  pieces: readonly Piece[],
  seams: readonly Seam[],
  nameOf: (id: string) => string,
): Operation[] {
  const pieceById = new Map(pieces.map((piece) => [piece.id, piece]));
  const seamById = new Map(seams.map((seam) => [seam.id, seam]));
  const work: Work = { piece: (id) => pieceById.get(id)!, seam: (id) => seamById.get(id)!, nameOf };
  return steps.map(({ actions, ...step }) => {
    if (!actions) return { ...step, actions: [] };
    const told = actions.map((action) => ({ ...action, sentence: asSentence(sentenceOf(action, work)) }));
    return {
      ...step,
      actions: told,
      text: told.flatMap(({ sentence }, at) => (at === 0 ? sentence : [' ', ...sentence])),
    };
  });
}
