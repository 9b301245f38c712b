import { standardHardware, type Hardware } from './hardware.ts';

/** What is not as it is on the standard shelf, under the ids of the standard: what the shelf has otherwise, and what the
 * design uses in its place. What has another kind, or is not there, stands in for nothing.
 * @param instead ids of entries by the standard's id */
export function standIns(shelf: readonly Hardware[], instead: Readonly<Record<string, string>> = {}): Hardware[] {
  const others = standardHardware.flatMap((standard) => {
    const own = instead[standard.id];
    const entry = own === undefined ? undefined : shelf.find(({ id, kind }) => id === own && kind === standard.kind);
    if (entry) return [{ ...entry, id: standard.id }];
    const there = shelf === standardHardware ? standard : (overridden(shelf).get(standard.id) ?? standard);
    return there === standard ? [] : [there];
  });
  return others;
}

/** Entries that a shelf has under a standard id; shelves may be long, so each is looked through once. */
const known = new WeakMap<readonly Hardware[], ReadonlyMap<string, Hardware>>();
const ids = new Set(standardHardware.map(({ id }) => id));
function overridden(shelf: readonly Hardware[]): ReadonlyMap<string, Hardware> {
  const before = known.get(shelf);
  if (before) return before;
  const found = new Map(shelf.filter(({ id }) => ids.has(id)).map((entry) => [entry.id, entry]));
  known.set(shelf, found);
  return found;
}
