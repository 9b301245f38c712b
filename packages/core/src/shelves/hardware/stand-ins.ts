import { standardHardware, type Hardware } from './hardware.ts';

/** The entry that is used in place of a piece of standard hardware, if it is there and of its kind. */
export function standInFor(
  standard: string,
  shelf: readonly Hardware[],
  instead: Readonly<Record<string, string>> = {},
): Hardware | undefined {
  const kind = standardHardware.find(({ id }) => id === standard)?.kind;
  const own = instead[standard];
  return own === undefined ? undefined : shelf.find((entry) => entry.id === own && entry.kind === kind);
}

/** What is not as it is on the standard shelf, under the ids of the standard: what the shelf has otherwise, and what the
 * design uses in its place.
 * @param instead ids of entries by the standard's id */
export function standIns(shelf: readonly Hardware[], instead?: Readonly<Record<string, string>>): Hardware[] {
  const others = overridden(shelf);
  return standardHardware.flatMap((standard) => {
    const { id } = standard;
    const entry = standInFor(id, shelf, instead);
    if (entry) return [{ ...entry, id }];
    const there = others.get(id) ?? standard;
    return there === standard ? [] : [there];
  });
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
