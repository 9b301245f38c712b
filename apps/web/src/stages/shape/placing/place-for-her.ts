import { faceOf, faceTitle, placeAll, placeLine, type DesignDocument, type Edit, type Kinds } from '@zindle/core';
import { toast } from 'sonner';
import { whyHomeless, type ThingToHold } from '../../../derivations/things.ts';
import { shelvesNow } from '../../../store/shelves.ts';

/** Places what has no home by the rules, and says where it went and why; or why it found no place. */
export function placeForHer(
  document: DesignDocument,
  homeless: readonly ThingToHold[],
  edit: (edit: Edit) => void,
  kinds: Kinds,
): void {
  const { items } = shelvesNow();
  const [only] = homeless;
  const change = homeless.length === 1 ? placeLine(only!.line.id, only!.name, items) : placeAll(items);
  const after = change.apply(document, kinds);
  edit(change);
  toast(homeless.map((thing) => whereAndWhy(after, thing, kinds)).join(' '));
}

function whereAndWhy(document: DesignDocument, { line, item, name }: ThingToHold, kinds: Kinds): string {
  const holder = document.holders.find(({ contents }) => contents.some((entry) => entry.line === line.id));
  if (!item) return `${name} is not on the shelf.`;
  if (!holder)
    return `${name} found no place: ${whyHomeless(item, document, kinds)} Drag it to one, or choose another form.`;
  const family = kinds.holders[holder.kind];
  const face = faceOf(document, holder.id);
  const where = face === undefined ? '' : `, ${faceTitle(document, face, kinds)}`;
  return `${name} is in ${family?.title.toLowerCase() ?? holder.kind} ${holder.id}${where}: ${family?.suits(item).why ?? ''}`;
}
