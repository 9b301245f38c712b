import type { DesignDocument, Edit, Kinds } from '@zindle/core';
import { applyPatches, enablePatches, produceWithPatches, type Patch } from 'immer';

enablePatches();

/** One undoable step, kept as what changed and how to change it back. */
export interface Step {
  name: string;
  patches: Patch[];
  inverse: Patch[];
  /** Steps of one gesture (typing in one field) are one step. */
  gesture?: string;
}

export interface History {
  past: readonly Step[];
  future: readonly Step[];
}

export const emptyHistory: History = { past: [], future: [] };
const LONGEST = 1000;

/** Applies an edit.
 * @returns nothing if it changes nothing */
export function applyEdit(
  document: DesignDocument,
  history: History,
  edit: Edit,
  { gesture, kinds }: { gesture?: string | undefined; kinds?: Kinds } = {},
): { document: DesignDocument; history: History } | undefined {
  const after = edit.apply(document, kinds);
  const [next, patches, inverse] = produceWithPatches(document, (draft) => {
    const [target, source] = [draft as Record<string, unknown>, after as unknown as Record<string, unknown>];
    for (const key of Object.keys(source))
      if (!same(source[key], (document as unknown as Record<string, unknown>)[key])) target[key] = source[key];
    for (const key of Object.keys(document)) if (!(key in source)) delete target[key];
  });
  if (patches.length === 0) return undefined;
  const step: Step = { name: edit.name, patches, inverse, ...(gesture && { gesture }) };
  return { document: next, history: { past: withStep(history.past, step), future: [] } };
}

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

function withStep(past: readonly Step[], step: Step): Step[] {
  const last = past[past.length - 1];
  if (!last || !step.gesture || last.gesture !== step.gesture) return [...past.slice(1 - LONGEST), step];
  const merged = { ...step, patches: [...last.patches, ...step.patches], inverse: [...step.inverse, ...last.inverse] };
  return [...past.slice(0, -1), merged];
}

/** Takes the last step back. */
export function undoStep(document: DesignDocument, { past, future }: History) {
  const step = past[past.length - 1];
  if (!step) return undefined;
  return {
    document: applyPatches(document, step.inverse),
    history: { past: past.slice(0, -1), future: [step, ...future] },
  };
}

/** Does the last step that was taken back again. */
export function redoStep(document: DesignDocument, { past, future }: History) {
  const [step, ...rest] = future;
  if (!step) return undefined;
  return { document: applyPatches(document, step.patches), history: { past: [...past, step], future: rest } };
}
