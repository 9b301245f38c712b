import { CoreError } from '../errors/core-error.ts';
import { phases, type OperationDraft, type Step } from '../pieces/contribution.ts';
import { piecesOf } from '../sewing/actions/pieces-of.ts';
import { needsOf } from '../sewing/model/needs.ts';
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
  const drafts = [...firstSteps(pieces, materialOf), ...operations];
  const before = needsOf({ pieces, seams, operations: drafts });
  const known = drafts.map((draft) => stepOf(draft, joined, before.get(draft.id)!));
  const steps = ordered(known, new Map(drafts.map(({ id, needs }) => [id, needs])));
  return withTrimming(steps, seams, pieces).map((step, index) => ({ ...step, number: index + 1 }));
}

/** What a step waits for, has in hand and sews, from what is done in it; its words are made once all is ordered and called. */
function stepOf(
  draft: OperationDraft,
  joined: ReadonlyMap<string, readonly string[]>,
  before: ReadonlySet<string>,
): Step {
  return {
    ...draft,
    needs: [...new Set([...draft.needs, ...before])],
    uses: [...new Set(draft.actions.flatMap((action) => piecesOf(action, (id) => joined.get(id) ?? [])))],
    seams: draft.actions.flatMap((action) => ('seams' in action ? (action.seams ?? []) : [])),
  };
}

/** By phase, and within a phase every step after those it needs.
 * @param told what the families themselves ask for */
function ordered(drafts: Step[], told: ReadonlyMap<string, readonly string[]>): Step[] {
  const waiting = [...drafts].sort((a, b) => phases.indexOf(a.phase) - phases.indexOf(b.phase));
  const known = new Set(drafts.map(({ id }) => id));
  const done = new Set<string>();
  const result: Step[] = [];
  while (waiting.length > 0) {
    const ready = (asked: readonly string[]) => asked.every((id) => done.has(id) || !known.has(id));
    const all = waiting.findIndex(({ needs, waitsFor = [] }) => ready([...needs, ...waitsFor]));
    // what its actions ask for may be impossible: what its family asks for still holds, and the model tells what does not come out
    const next =
      all >= 0 ? all : waiting.findIndex(({ id, waitsFor = [] }) => ready([...(told.get(id) ?? []), ...waitsFor]));
    if (next < 0) throw new CoreError('assemble.cycle', 'some steps wait for one another', waiting[0]!.id);
    const [operation] = waiting.splice(next, 1);
    done.add(operation!.id);
    result.push(operation!);
  }
  return result;
}
