import type { OperationDraft, Phase } from './contribution.ts';
import type { Piece } from './piece.ts';

/** What a phase of the work is called. */
export const phaseTitles: Readonly<Record<Phase, string>> = {
  cut: 'Print and cut',
  interface: 'Interface',
  prepare: 'Prepare',
  pockets: 'Pockets',
  layers: 'Outer and lining',
  closures: 'Fasteners and straps',
  join: 'Join',
  turn: 'Turn',
  finish: 'Finish',
};

/** Steps in their order, those of a phase together. */
export function byPhase<Step extends Pick<OperationDraft, 'phase'>>(
  steps: readonly Step[],
): { phase: Phase; title: string; steps: Step[] }[] {
  const groups: { phase: Phase; title: string; steps: Step[] }[] = [];
  for (const step of steps) {
    const last = groups.at(-1);
    if (last?.phase === step.phase) last.steps.push(step);
    else groups.push({ phase: step.phase, title: phaseTitles[step.phase], steps: [step] });
  }
  return groups;
}

/** The letters of pieces that are in hand together, each once. */
export function lettersOf(pieces: readonly Pick<Piece, 'id' | 'letter'>[]): (ids: readonly string[]) => string[] {
  const letters = new Map(pieces.map(({ id, letter }) => [id, letter]));
  return (ids) => [...new Set(ids.flatMap((id) => letters.get(id) ?? []))];
}
