import type { DesignDocument } from '@zindle/core';

/** Changes that the server has not confirmed yet, kept in the browser. */
export interface LocalCopy {
  document: DesignDocument;
  /** The revision that was changed. */
  revision: number;
}

/** The part of the browser's storage that is used. */
export type CopyStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const keyOf = (id: string): string => `zindle:unsaved:${id}`;

export function keepCopy(storage: CopyStorage, copy: LocalCopy): void {
  try {
    storage.setItem(keyOf(copy.document.id), JSON.stringify(copy));
  } catch {
    // a full or forbidden storage only costs the spare copy
  }
}

export const dropCopy = (storage: CopyStorage, id: string): void => storage.removeItem(keyOf(id));

export function readCopy(storage: CopyStorage, id: string): LocalCopy | undefined {
  try {
    const copy = JSON.parse(storage.getItem(keyOf(id)) ?? 'null') as LocalCopy | null;
    return copy && copy.document.id === id && Number.isInteger(copy.revision) ? copy : undefined;
  } catch {
    return undefined;
  }
}
