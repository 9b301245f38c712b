import { CoreError } from '../errors/core-error.ts';
import { phases, type OperationDraft, type Step } from '../pieces/contribution.ts';
import { piecesOf } from '../sewing/actions/pieces-of.ts';
import type { MaterialOf } from '../pieces/layers.ts';
import type { Making } from './assemble.ts';
import { firstSteps } from './first-steps.ts';
import { withTrimming } from './own-steps.ts';

/** A step in its place. */
export type OrderedStep = Step & { number: number };

/** The steps of a design in the order in which they are done, with those that every design begins with.
 * @throws CoreError `assemble.cycle` */
export function orderSteps({ pieces, seams, operations }: Making, materialOf: MaterialOf): OrderedStep[] {
  const joined = new Map(seams.map(({ id, a, b }) => [id, [a.piece, b.piece]]));
  const known = [...firstSteps(pieces, materialOf), ...operations].map((draft) => stepOf(draft, joined));
  const steps = ordered(known);
  return withTrimming(steps, seams, pieces).map((step, index) => ({ ...step, number: index + 1 }));
}

/** What is in hand and what is sewn in a step, from what is done in it; its words are made once all is ordered and called. */
function stepOf(draft: OperationDraft, joined: ReadonlyMap<string, readonly string[]>): Step {
  return {
    ...draft,
    uses: [...new Set(draft.actions.flatMap((action) => piecesOf(action, (id) => joined.get(id) ?? [])))],
    seams: draft.actions.flatMap((action) => ('seams' in action ? (action.seams ?? []) : [])),
  };
}

/** By phase, and within a phase every step after those it needs. */
function ordered(drafts: Step[]): Step[] {
  const waiting = [...drafts].sort((a, b) => phases.indexOf(a.phase) - phases.indexOf(b.phase));
  const known = new Set(drafts.map(({ id }) => id));
  const done = new Set<string>();
  const result: Step[] = [];
  while (waiting.length > 0) {
    const next = waiting.findIndex(({ needs, waitsFor = [] }) =>
      [...needs, ...waitsFor].every((id) => done.has(id) || !known.has(id)),
    );
    if (next < 0) throw new CoreError('assemble.cycle', 'some steps wait for one another', waiting[0]!.id);
    const [operation] = waiting.splice(next, 1);
    done.add(operation!.id);
    result.push(operation!);
  }
  return result;
}
