import { standardHardware, type Hardware } from './hardware.ts';

/** The entry that is used in place of a piece of standard hardware, if it is there and of its kind. */
export function standInFor(
  standard: string,
  shelf: readonly Hardware[],
  instead: Readonly<Record<string, string>> = {},
): Hardware | undefined {
  const own = instead[standard];
  if (own === undefined) return undefined;
  const kind = standardHardware.find(({ id }) => id === standard)?.kind;
  return shelf.find((entry) => entry.id === own && entry.kind === kind);
}

/** What is not as it is on the standard shelf, under the ids of the standard: what the shelf has otherwise, and what the
 * design uses in its place.
 * @param instead ids of entries by the standard's id */
export function standIns(shelf: readonly Hardware[], instead?: Readonly<Record<string, string>>): Hardware[] {
  const others = overridden(shelf);
  if (!instead && others.size === 0) return [];
  return standardHardware.flatMap((standard) => {
    const { id } = standard;
    const entry = standInFor(id, shelf, instead);
    if (entry) return [{ ...entry, id }];
    const there = others.get(id);
    return there ? [there] : [];
  });
}

/** What a shelf has otherwise than the standard one under the same id; shelves may be long, so each is looked through once. */
const known = new WeakMap<readonly Hardware[], ReadonlyMap<string, Hardware>>();
const ids = new Set(standardHardware.map(({ id }) => id));
const asStandard = new Set(standardHardware);
function overridden(shelf: readonly Hardware[]): ReadonlyMap<string, Hardware> {
  const before = known.get(shelf);
  if (before) return before;
  const found = new Map(
    shelf.filter((entry) => ids.has(entry.id) && !asStandard.has(entry)).map((entry) => [entry.id, entry]),
  );
  known.set(shelf, found);
  return found;
}
