import type { DesignDocument, Params } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import type { Item } from '../shelves/items/item.ts';

/** A thing of a size. mm */
export const thing = (length: number, width: number, thickness: number, more: Partial<Item> = {}): Item => ({
  id: 'thing',
  name: 'Thing',
  shape: 'box',
  length,
  width,
  thickness,
  source: 'yours',
  ...more,
});

export interface Trial {
  body: string;
  params?: Params;
  face: string;
  kind: string;
  holderParams?: Params;
  item: Item;
  count?: number;
  closure?: string;
  closing?: Params;
  parts?: DesignDocument['parts'];
}

/** One thing in one holder. */
export function trial({
  body,
  params = {},
  face,
  kind,
  holderParams = {},
  item,
  count = 1,
  closure = 'none',
  closing = {},
  parts,
}: Trial): DesignDocument {
  return {
    ...newDesign({ id: 'trial', name: 'Trial', body }),
    body: { kind: body, params },
    contents: [{ id: 'c1', item: item.id, count, perHolder: 1, orientation: 'upright' }],
    ownItems: [item],
    holders: [{ id: 'A', kind, params: holderParams, contents: [{ line: 'c1', count }] }],
    faces: { [face]: { kind: 'holder', id: 'A' } },
    closure: { kind: closure, params: closing },
    ...(parts && { parts }),
  };
}
