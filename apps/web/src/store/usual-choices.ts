import { withUsual, type Kinds } from '@zindle/core';
import { api } from '../api/client.ts';
import { pageKinds } from './page-kinds.ts';
import { useShelves } from './shelves.ts';

/** The families with what the maker usually chooses of them, as it is now: new things begin with that.
 * @param kinds default those of the page */
export function withUsualChoices(kinds: Kinds = pageKinds): Kinds {
  const { usual } = useShelves.getState().house;
  return usual ? { ...kinds, usual } : kinds;
}

/** Makes a choice the one that new things begin with, and stores it.
 * @param path of the family, such as `bodies/sleeve`
 * @param choice nothing takes it away, so that they begin with the standard one again
 * @throws ApiFailure where it could not be stored; nothing has changed then */
export async function keepUsual(path: string, key: string, choice: string | undefined): Promise<void> {
  const { revision, usual = {}, ...house } = useShelves.getState().house;
  const next = withUsual(usual, path, key, choice);
  const stored = await api.storeHouse({ ...house, ...(Object.keys(next).length > 0 && { usual: next }) }, revision);
  useShelves.getState().takeHouse(stored);
}
