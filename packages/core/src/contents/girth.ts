import type { Item } from '../shelves/items/item.ts';
import { shortSide } from './long-side.ts';

/** What a tape round the cross-section of a thing can read at all, mm (geometry). */
export interface GirthRange {
  /** Round what is a line as long as its larger side; round the box of both sides. Each widened by what a tape may be off. */
  least: number;
  most: number;
  /** Less than this, the widest place is not where it is thickest: it tapers, or the tape slipped. */
  plain: number;
}

/** The girth that a thing can have, from the two sides that go through the mouth as it goes in upright.
 * @returns nothing for what is soft: it is pressed as it is measured */
export function girthRange(item: Omit<Item, 'id' | 'name' | 'source'>): GirthRange | undefined {
  if (item.shape === 'soft' || (item.compressible ?? 0) > 0) return undefined;
  const [w, t] = [item[shortSide(item)], item.thickness];
  const off = (length: number) => Math.max(2, 0.01 * length) + (item.tolerance ?? 0);
  const [low, high] = [2 * Math.max(w, t), 2 * (w + t)];
  return { least: low - off(low), most: high + off(high), plain: 2 * Math.hypot(w, t) };
}

/** What is to be said of a measured girth. */
export type GirthDoubt = 'impossible' | 'doubtful';

/** Whether a measured girth can be: it cannot be below twice the larger side, or above the box round both; just above the
 * former it may be, for what tapers.
 * @returns nothing for a girth that is plain, and for none */
export function girthDoubt(item: Omit<Item, 'id' | 'name' | 'source'>): GirthDoubt | undefined {
  const range = item.girth === undefined ? undefined : girthRange(item);
  if (!range) return undefined;
  const girth = item.girth!;
  if (girth < range.least || girth > range.most) return 'impossible';
  return girth < range.plain - 1e-9 ? 'doubtful' : undefined;
}
