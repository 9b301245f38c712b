import type { Wording } from '../../errors/wording.ts';
import type { Step } from '../../pieces/contribution.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Action } from '../actions/action.ts';
import { cautions as warned, sentenceOf } from './sentences.ts';
import { asSentence, type Work } from './words.ts';

/** An action with its sentence. */
export type ToldAction = Action & { sentence: Wording };

/** A step in its place, with its words. */
export interface Operation extends Step {
  number: number;
  actions: readonly ToldAction[];
  /** What is not safe for the hands or in use, in words. */
  warnings: readonly Wording[];
  /** All of its words. */
  text: Wording;
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
    const warnings = (step.cautions ?? []).map((code) => warned[code]);
    const told = actions.map((action) => ({ ...action, sentence: asSentence(sentenceOf(action, work)) }));
    return {
      ...step,
      actions: told,
      warnings,
      text: [...warnings, ...told.map(({ sentence }) => sentence)].flatMap((each, at) =>
        at === 0 ? each : [' ', ...each],
      ),
    };
  });
}
