import type { Kinds } from '@zindle/core';
import type { Api } from '../api/client.ts';
import { autosave, type Autosave } from './autosave.ts';
import { createDesignStore, type DesignStore } from './design-store.ts';
import { readCopy, type CopyStorage } from './local-copy.ts';

export interface OpenDesign {
  store: DesignStore;
  saving: Autosave;
}

/** Opens a design with the changes that were not stored when it was left; if it was changed elsewhere meanwhile, the
 * maker will be asked. */
export async function openDesign(
  id: string,
  api: Pick<Api, 'design' | 'store'>,
  storage: CopyStorage,
  kinds?: Kinds,
): Promise<OpenDesign> {
  const stored = await api.design(id);
  const store = createDesignStore(stored, kinds);
  const saving = autosave(store, { api, storage });
  const copy = readCopy(storage, id);
  if (copy) {
    const clash = copy.revision !== stored.revision;
    store.setState({ revision: copy.revision, ...(clash && { save: { kind: 'conflict' } }) });
    store.getState().edit({ name: 'Changes that were not stored', apply: () => copy.document });
  }
  return { store, saving };
}
