import type { Item } from '../../shelves/items/item.ts';
import type { ContentsLine, DesignDocument } from '../design-document.ts';
import type { Edit } from './edit.ts';
import { placeForMe, takeOut } from './place.ts';

/** Adds things to hold and finds a place for them. */
export function addContents(line: ContentsLine, item: Item, isNew: boolean, items: readonly Item[]): Edit {
  return {
    name: `Add ${line.name ?? item.name}`,
    apply(document) {
      const ownItems = isNew ? [...document.ownItems, item] : document.ownItems;
      return placeForMe({ ...document, ownItems, contents: [...document.contents, line] }, items);
    },
  };
}

/** Changes count, sharing, orientation or name of a line; its things are placed anew. */
export function changeContents(
  id: string,
  change: Partial<Omit<ContentsLine, 'id' | 'item'>>,
  items: readonly Item[],
): Edit {
  return {
    name: 'Change what it holds',
    apply(document) {
      const contents = document.contents.map((line) => (line.id === id ? { ...line, ...change } : line));
      const changed = { ...document, contents };
      const replaced = change.count !== undefined || change.perHolder !== undefined;
      return replaced ? placeForMe(takeOut(changed, id), items) : changed;
    },
  };
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
    apply(document) {
      const line = document.contents.find((each) => each.id === id);
      const contents = document.contents.filter((each) => each.id !== id);
      const stillUsed = contents.some(({ item }) => item === line?.item);
      const ownItems = stillUsed ? document.ownItems : document.ownItems.filter((item) => item.id !== line?.item);
      return takeOut({ ...document, contents, ownItems }, id);
    },
  };
}

/** Finds a place for everything that has none. */
export const placeAll = (items: readonly Item[]): Edit => ({
  name: 'Place everything',
  apply: (document: DesignDocument) => placeForMe(document, items),
});
