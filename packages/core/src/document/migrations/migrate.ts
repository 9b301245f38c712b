import { DOCUMENT_VERSION } from '../design-document.ts';

/** Lifts a document of one version to the next; takes and returns plain JSON. */
export interface Migration {
  from: number;
  name: string;
  apply(document: Record<string, unknown>): Record<string, unknown>;
}

/** All migrations in order. Version 1 is the first, so there is none yet; each one added needs a frozen sample. */
export const migrations: readonly Migration[] = [];

/** Lifts a document to the current version.
 * @param from version that the document says it has
 * @returns the lifted document and the names of the migrations that were applied */
export function migrate(
  document: Record<string, unknown>,
  from: number,
  steps: readonly Migration[] = migrations,
  to: number = DOCUMENT_VERSION,
): { document: Record<string, unknown>; applied: string[] } {
  let current = document;
  const applied: string[] = [];
  for (let version = from; version < to; version++) {
    const step = steps.find((each) => each.from === version);
    if (!step) throw new Error(`no migration leads from version ${version}`);
    current = { ...step.apply(current), version: version + 1 };
    applied.push(step.name);
  }
  return { document: current, applied };
}
