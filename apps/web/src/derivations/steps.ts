import {
  byPhase,
  lettersOf,
  minuteWords,
  piecesOf,
  placeWords,
  totalOf,
  wordingText,
  type Solution,
} from '@zindle/core';

/** Pieces and seams that are lit on the board. */
export interface InHand {
  pieces: ReadonlySet<string>;
  seams: ReadonlySet<string>;
}

/** What is done in a step, as it is shown. */
export interface StepAction extends InHand {
  id: string;
  hash: string;
  sentence: string;
}

/** A step as it is shown: its words in the maker's unit, and the letters of what is in hand. */
export interface Step extends InHand {
  id: string;
  number: number;
  phase: string;
  title: string;
  /** What is done, one after the other. */
  actions: readonly StepAction[];
  /** What is not safe, before it is done. */
  warnings: readonly string[];
  letters: string[];
  /** What it takes, and whether that is by machine or by hand. */
  minutes: string;
  by: string;
}

/** The order of work by phase.
 * @param say writes a length with its unit */
export function stepsOf(
  { operations, pieces, seams }: Pick<Solution, 'operations' | 'pieces' | 'seams'>,
  say: (mm: number) => string,
): { title: string; steps: Step[] }[] {
  const letters = lettersOf(pieces);
  const joined = new Map(seams.map(({ id, a, b }) => [id, [a.piece, b.piece]]));
  return byPhase(operations).map(({ title, steps }) => ({
    title,
    steps: steps.map(({ id, number, uses, seams: sewn, actions, warnings, minutes, title: own }) => ({
      id,
      number,
      phase: title,
      title: own,
      actions: actions.map((action) => ({
        id: action.id,
        hash: action.hash,
        sentence: wordingText(action.sentence, say),
        pieces: new Set(piecesOf(action, (seam) => joined.get(seam) ?? [])),
        seams: new Set('seams' in action ? action.seams : []),
      })),
      warnings: warnings.map((warning) => wordingText(warning, say)),
      letters: letters(uses),
      pieces: new Set(uses),
      seams: new Set(sewn),
      minutes: minuteWords(totalOf(minutes)),
      by: placeWords(minutes),
    })),
  }));
}

/** Whether an action is done; `changed`: it was, and says something else now. */
export type Doneness = 'open' | 'changed' | 'done';

export const donenessOf = (
  { id, hash }: Pick<StepAction, 'id' | 'hash'>,
  done: ReadonlyMap<string, string>,
): Doneness => (done.get(id) === hash ? 'done' : done.has(id) ? 'changed' : 'open');

/** Whether all of a step is done; `part`: some of it. */
export function stepDoneness({ actions }: Pick<Step, 'actions'>, done: ReadonlyMap<string, string>): Doneness | 'part' {
  const all = actions.map((action) => donenessOf(action, done));
  if (all.every((each) => each === 'done')) return 'done';
  if (all.includes('changed')) return 'changed';
  return all.includes('done') ? 'part' : 'open';
}
