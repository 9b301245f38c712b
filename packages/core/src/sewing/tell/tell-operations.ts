import { say, wordingText, type Wording } from '../../errors/wording.ts';
import type { Step } from '../../pieces/contribution.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Action } from '../actions/action.ts';
import { minutesOf, type Minutes } from '../minutes/minutes-of.ts';
import { rowsOf } from '../rows/rows-of.ts';
import { stitchOf } from '../rows/stitch-of.ts';
import { hashOf } from '../../derived/hash.ts';
import { cautions as warned, sentenceOf } from './sentences.ts';
import { asSentence, type Work } from './words.ts';

/** An action with its sentence. */
export type ToldAction = Action & {
  sentence: Wording;
  /** How long its stitches are, mm. */
  stitch?: number;
  /** What its tick is kept under; the same while its operation is there and has such an action. */
  id: string;
  /** The same while it says the same, in whatever unit. */
  hash: string;
};

/** A step in its place, with its words. */
export interface Operation extends Step {
  number: number;
  actions: readonly ToldAction[];
  /** What is not safe for the hands or in use, in words. */
  warnings: readonly Wording[];
  /** What it takes of one piece of work, min. */
  minutes: Minutes;
  /** All of its words. */
  text: Wording;
}

/** What the words and the minutes of steps come from. */
export interface Telling {
  rules: Rules;
  /** What a material or something on the hardware shelf is called. */
  nameOf(id: string): string;
  /** Of a material or something on the hardware shelf, mm as it lies. */
  thicknessOf(id: string): number;
}

/** Ordered steps with their sentences, their stitches and their minutes.
 * @param pieces called by their letters */
export function tellOperations(
  steps: readonly (Step & { number: number })[],
  pieces: readonly Piece[],
  seams: readonly Seam[],
  { rules, nameOf, thicknessOf }: Telling,
): Operation[] {
  const pieceById = new Map(pieces.map((piece) => [piece.id, piece]));
  const seamById = new Map(seams.map((seam) => [seam.id, seam]));
  const work: Work = { piece: (id) => pieceById.get(id)!, seam: (id) => seamById.get(id)!, nameOf };
  return steps.map(({ actions, ...step }) => {
    const warnings = (step.cautions ?? []).map((code) => warned[code]);
    // said once of actions that follow each other in a step
    let before: number | undefined;
    const done = actions.map((action) => ({ action, rows: rowsOf(action, work) }));
    const told = done.map(({ action, rows }, at): ToldAction => {
      const sentence = asSentence(sentenceOf(action, work));
      const stitch = stitchOf(action, rows, work, rules, thicknessOf)?.value;
      const alike = actions.slice(0, at).filter(({ verb }) => verb === action.verb).length;
      const known = {
        id: `${step.id}#${action.verb}-${alike + 1}`,
        hash: hashOf(`${stitch ?? ''} ${wordingText(sentence, (length) => length.toFixed(2))}`),
      };
      if (stitch === undefined) return { ...action, ...known, sentence };
      const words = stitch === before ? [] : say` ${stitchWords(stitch, rows[0]!.sort === 'baste')}`;
      before = stitch;
      return { ...action, ...known, sentence: [...sentence, ...words], stitch };
    });
    return {
      ...step,
      actions: told,
      warnings,
      minutes: minutesOf(done, work, rules),
      text: [...warnings, ...told.map(({ sentence }) => sentence)].flatMap((each, at) =>
        at === 0 ? each : [' ', ...each],
      ),
    };
  });
}

/** The dial of a machine counts millimetres, whatever the maker measures in. */
const stitchWords = (stitch: number, basted: boolean): string =>
  basted ? `Stitch length ${stitch} mm, or by hand.` : `Stitch length ${stitch} mm.`;
