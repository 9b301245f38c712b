import { useKinds } from '../../store/kinds-context.ts';
import { addAll, addContents, limits, nextId, type DesignDocument, type Item, type Kinds } from '@zindle/core';
import { useDesign, useOpenDesign } from '../../store/design-context.ts';
import { shelvesNow } from '../../store/shelves.ts';

/** A thing to add: an item of the shelf, or a new one. */
export interface NewLine {
  item: Item;
  name: string;
  count: number;
  isNew: boolean;
}

/** Adds things to the design as one step and takes the last of them in hand.
 * @returns how many fitted in */
export function useAddLines(): (lines: readonly NewLine[]) => number {
  const { store } = useOpenDesign();
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const kinds = useKinds();
  return (lines) => {
    const { document } = store.getState();
    const room = lines.slice(0, limits.lines - document.contents.length);
    const entries = entriesFor(room, document, kinds);
    const [only, more] = entries;
    if (!only) return 0;
    const { items } = shelvesNow();
    edit(more ? addAll(entries, items) : addContents(only.line, only.item, only.isNew, items));
    select(`contents/${entries.at(-1)!.line.id}`);
    return entries.length;
  };
}

/** Adds one new thing. */
export function useAddThing(): (item: Item) => void {
  const addLines = useAddLines();
  return (item) => void addLines([{ item, name: item.name, count: 1, isNew: true }]);
}

function entriesFor(lines: readonly NewLine[], document: DesignDocument, kinds: Kinds) {
  const orientation = kinds.bodies[document.body.kind]?.orientation ?? 'lying';
  const first = Number(nextId('c', document.contents).slice(1));
  const firstOwn = Number(nextId('own-', document.ownItems).slice(4));
  let fresh = 0;
  return lines.map(({ item, name, count, isNew }, index) => {
    const own = isNew ? { ...item, id: `own-${firstOwn + fresh++}` } : item;
    const together = item.thickness <= 0.3 && !item.rigid ? count : 1;
    const line = { id: `c${first + index}`, item: own.id, count, perHolder: together, orientation };
    return { line: item.name === name ? line : { ...line, name }, item: own, isNew };
  });
}
