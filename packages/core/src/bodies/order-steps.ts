import { CoreError } from '../errors/core-error.ts';
import { phases, type OperationDraft } from '../pieces/contribution.ts';
import type { MaterialOf } from '../pieces/layers.ts';
import type { Making } from './assemble.ts';
import { firstSteps } from './first-steps.ts';
import { tellingGaps } from './open-gaps.ts';
import { tellingAllowances, withTrimming } from './own-steps.ts';

export interface Operation extends OperationDraft {
  number: number;
}

/** The steps of a design in the order in which they are done, with those that every design begins with.
 * @throws CoreError `assemble.cycle` */
export function orderSteps({ pieces, seams, operations }: Making, materialOf: MaterialOf): Operation[] {
  const drafts = tellingGaps([...firstSteps(pieces, materialOf), ...operations], seams, pieces);
  const steps = ordered(tellingAllowances(drafts, seams, pieces));
  return withTrimming(steps, seams, pieces).map((step, index) => ({ ...step, number: index + 1 }));
}

/** By phase, and within a phase every step after those it needs. */
function ordered(drafts: OperationDraft[]): OperationDraft[] {
  const waiting = [...drafts].sort((a, b) => phases.indexOf(a.phase) - phases.indexOf(b.phase));
  const known = new Set(drafts.map(({ id }) => id));
  const done = new Set<string>();
  const result: OperationDraft[] = [];
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
