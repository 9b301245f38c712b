import type { Item } from '../shelves/items/item.ts';
import type { DesignDocument } from './design-document.ts';

/** The thing of an id: the design's own goes before one of the shelf. */
export function itemOf(
  { ownItems }: Pick<DesignDocument, 'ownItems'>,
  id: string | undefined,
  items: readonly Item[],
): Item | undefined {
  const named = (item: Item) => item.id === id;
  return ownItems.find(named) ?? items.find(named);
}
