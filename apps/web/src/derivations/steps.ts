import { byPhase, lettersOf, wordingText, type Solution } from '@zindle/core';

/** A step as it is shown: its words in the maker's unit, and the letters of what is in hand. */
export interface Step {
  id: string;
  number: number;
  phase: string;
  title: string;
  /** What is done, one after the other. */
  sentences: readonly string[];
  /** What is not safe, before it is done. */
  warnings: readonly string[];
  letters: string[];
  pieces: ReadonlySet<string>;
  seams: ReadonlySet<string>;
  /** What its tick is kept under: a step that says something else is not done yet. */
  key: string;
}

/** The order of work by phase.
 * @param say writes a length with its unit */
export function stepsOf(
  { operations, pieces }: Pick<Solution, 'operations' | 'pieces'>,
  say: (mm: number) => string,
): { title: string; steps: Step[] }[] {
  const letters = lettersOf(pieces);
  return byPhase(operations).map(({ title, steps }) => ({
    title,
    steps: steps.map(({ id, number, text, uses, seams, actions, warnings, title: own }) => ({
      id,
      number,
      phase: title,
      title: own,
      sentences: actions.map(({ sentence }) => wordingText(sentence, say)),
      warnings: warnings.map((warning) => wordingText(warning, say)),
      letters: letters(uses),
      pieces: new Set(uses),
      seams: new Set(seams),
      // by the lengths themselves, so that another unit takes no tick away
      key: `${id} ${hashOf(wordingText(text, (mm) => mm.toFixed(2)))}`,
    })),
  }));
}

/** A short word that is the same for the same text (FNV-1a, 32 bits). */
function hashOf(text: string): string {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(36);
}
