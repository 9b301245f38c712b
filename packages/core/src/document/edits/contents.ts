import type { Kinds } from '../../kinds/kind-set.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { ContentsLine, DesignDocument } from '../design-document.ts';
import { limits } from '../limits.ts';
import type { Edit } from './edit.ts';
import { placeForMe, placeLines, takeOut } from './place.ts';

/** Adds things to hold and finds a place for them. */
export function addContents(line: ContentsLine, item: Item, isNew: boolean, items: readonly Item[]): Edit {
  return {
    name: `Add ${line.name ?? item.name}`,
    apply(document, kinds) {
      const ownItems = isNew ? [...document.ownItems, item] : document.ownItems;
      return placeForMe({ ...document, ownItems, contents: [...document.contents, line] }, items, kinds);
    },
  };
}

/** What may be changed of a line. */
export type LineChange = Partial<Omit<ContentsLine, 'id' | 'item'>>;

/** Changes that ask for another place. */
const replaces = (change: LineChange): boolean =>
  (['count', 'perHolder', 'group', 'reach'] as const).some((key) => key in change);

/** Changes count, sharing, orientation, name, group, what shows or how often lines are reached for; their things are placed
 * anew where that matters. A value of nothing goes back to the usual. */
export function changeContents(
  ids: string | readonly string[],
  change: LineChange,
  items: readonly Item[],
  name = 'Change what it holds',
): Edit {
  const all = typeof ids === 'string' ? [ids] : ids;
  return {
    name,
    apply(document, kinds) {
      const contents = document.contents.map((line) => (all.includes(line.id) ? changed(line, change) : line));
      const next = { ...document, contents };
      return replaces(change)
        ? placeForMe(
            all.reduce((left, id) => takeOut(left, id, { kinds }), next),
            items,
            kinds,
          )
        : next;
    },
  };
}

const changed = (line: ContentsLine, change: LineChange): ContentsLine =>
  Object.fromEntries(Object.entries({ ...line, ...change }).filter(([, value]) => value !== undefined)) as never;

/** Lines that share a holder from now on, or each go their own way again. */
export function shareHolder(ids: readonly string[], items: readonly Item[]): Edit {
  return {
    name: `Let ${ids.length} share a place`,
    apply: (document, kinds) => changeContents(ids, { group: freeGroup(document) }, items).apply(document, kinds),
  };
}

function freeGroup({ contents }: DesignDocument): string {
  const taken = new Set(contents.map(({ group }) => group));
  for (let number = 1; ; number++) if (!taken.has(`g${number}`)) return `g${number}`;
}

/** Changes the sizes of a thing; one from the shelf becomes the design's own copy. */
export function changeItem(line: ContentsLine, item: Item, ownId: string): Edit {
  return {
    name: `Measure ${line.name ?? item.name}`,
    apply(document) {
      const own = { ...item, id: ownId, source: 'yours' };
      const others = document.ownItems.filter(({ id }) => id !== ownId);
      const contents = document.contents.map((each) => (each.id === line.id ? { ...each, item: ownId } : each));
      return { ...document, ownItems: [...others, own], contents };
    },
  };
}

/** Takes a line out of the design and of its holders. */
export function removeContents(id: string, name: string): Edit {
  return {
    name: `Remove ${name}`,
    apply(document, kinds) {
      const line = document.contents.find((each) => each.id === id);
      const contents = document.contents.filter((each) => each.id !== id);
      const stillUsed = contents.some(({ item }) => item === line?.item);
      const ownItems = stillUsed ? document.ownItems : document.ownItems.filter((item) => item.id !== line?.item);
      return takeOut({ ...document, contents, ownItems }, id, { kinds });
    },
  };
}

/** Adds several things at once, as read from a file. */
export function addAll(
  lines: readonly { line: ContentsLine; item: Item; isNew: boolean }[],
  items: readonly Item[],
): Edit {
  return {
    name: `Add ${lines.length} things`,
    apply: (document, kinds) =>
      lines.reduce((next, { line, item, isNew }) => addContents(line, item, isNew, items).apply(next, kinds), document),
  };
}

/** The same things once more, each with its own copy of what was measured for it. */
export function duplicateContents(ids: readonly string[], items: readonly Item[]): Edit {
  return {
    name: ids.length === 1 ? 'Duplicate a thing' : `Duplicate ${ids.length} things`,
    apply: (document, kinds) => ids.reduce((next, id) => duplicated(next, id, items, kinds), document),
  };
}

function duplicated(document: DesignDocument, id: string, items: readonly Item[], kinds?: Kinds): DesignDocument {
  const line = document.contents.find((each) => each.id === id);
  if (!line || document.contents.length >= limits.lines) return document;
  const copy = nextId('c', document.contents);
  const own = document.ownItems.find((item) => item.id === line.item);
  const item = own && { ...own, id: `own-${copy}` };
  const known = item && document.ownItems.some((each) => each.id === item.id);
  const ownItems = item && !known ? [...document.ownItems, item] : document.ownItems;
  const next = { ...line, id: copy, ...(item && !known && { item: item.id }) };
  return placeForMe({ ...document, ownItems, contents: [...document.contents, next] }, items, kinds);
}

/** An id that none of the entries has: one more than the highest number there is. */
export function nextId(prefix: string, entries: readonly { id: string }[]): string {
  const numbers = entries.map(({ id }) => (id.startsWith(prefix) ? Number(id.slice(prefix.length)) : 0));
  return `${prefix}${Math.max(0, ...numbers.filter(Number.isInteger)) + 1}`;
}

/** Takes several lines out of the design. */
export const removeAll = (ids: readonly string[]): Edit => ({
  name: `Remove ${ids.length} things`,
  apply: (document) => ids.reduce((next, id) => removeContents(id, '').apply(next), document),
});

/** Finds a place for one line. */
export const placeLine = (line: string, name: string, items: readonly Item[]): Edit => ({
  name: `Place ${name}`,
  apply: (document, kinds) => placeLines(document, [line], items, kinds),
});

/** Finds a place for everything that has none. */
export const placeAll = (items: readonly Item[]): Edit => ({
  name: 'Place everything',
  apply: (document, kinds) => placeForMe(document, items, kinds),
});
