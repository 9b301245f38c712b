import { sum, type Derived } from '../derived/derived.ts';

/** What a slab is made of: cloth of a role, or a thing of a contents line. */
export type SlabOf = { role: 'lining' | 'pocket' } | { line: string };

/** A flat layer of cloth or a thing lying on a face; slabs are listed from the host upwards. All mm. */
export interface Slab {
  of: SlabOf;
  label: string;
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  thickness: Derived;
  /** It lies loose among others: any of them may come to lie where it lies. */
  loose?: boolean;
  /** Of several rows, one behind the other, the one that it stands in. */
  row?: string;
  /** A round thing, cut across its axis. */
  round?: boolean;
  /** No cloth: what things on a wall of the holder add to that, as far as it is sewn on. */
  filling?: boolean;
  /** A thing that must not be bent. */
  rigid?: boolean;
}

/** The place where slabs pile up highest; side by side they do not add up.
 * @returns the height (y, mm) and the sum of what lies there; nothing at all is 0 at y = 0 */
export function thickest(label: string, slabs: readonly Slab[]): { at: number; thickness: Derived } {
  // a pile is highest just above the lower edge of one of its slabs; those that only touch there do not count
  const heights = new Set(slabs.map(({ y0 }) => y0 + 1e-6));
  let best: readonly Slab[] = [];
  let [at, most] = [0, 0];
  for (const candidate of heights) {
    const cut = slabsAt(slabs, candidate);
    // what lies at this height in all is the most that can lie on each other
    if (heightOf(cut) <= most + 1e-9) continue;
    const pile = highestPile(cut);
    const total = heightOf(pile);
    if (total > most + 1e-9) [best, at, most] = [pile, candidate, total];
  }
  return { at, thickness: sum(label, grouped(best)) };
}

function heightOf(slabs: readonly Slab[]): number {
  let height = 0;
  for (const { thickness } of slabs) height += thickness.value;
  return height;
}

/** Of slabs cut at one height, those that lie on each other where they lie highest. */
function highestPile(cut: readonly Slab[]): readonly Slab[] {
  let [left, right] = [-Infinity, Infinity];
  for (const { x0, x1 } of cut) {
    left = Math.max(left, x0);
    right = Math.min(right, x1);
  }
  if (left < right) return cut;
  let best: readonly Slab[] = [];
  let most = 0;
  // as with heights: highest just beyond the left edge of one of them
  for (const { x0: edge } of cut) {
    const at = edge + 1e-6;
    const pile = cut.filter(({ x0, x1 }) => x0 <= at && at <= x1);
    const total = heightOf(pile);
    if (total > most + 1e-9) [best, most] = [pile, total];
  }
  return best;
}

/** The slabs that a cut at height y goes through. */
export const slabsAt = (slabs: readonly Slab[], y: number): Slab[] => slabs.filter(({ y0, y1 }) => y0 <= y && y <= y1);

/** Slabs of one thickness are counted, not listed. */
function grouped(slabs: readonly Slab[]) {
  const counts = new Map<Derived, number>();
  for (const { thickness } of slabs) counts.set(thickness, (counts.get(thickness) ?? 0) + 1);
  return [...counts].map(([of, times]) => ({ times, of }));
}

/** Slabs that were measured for less width: things in the middle of it, cloth all over it. mm
 * @param height of the cloth, mm; default as it was */
export function widenedTo(slabs: readonly Slab[], width: number, height?: number): Slab[] {
  const shift = (width - Math.max(0, ...slabs.map(({ x1 }) => x1))) / 2;
  return slabs.map((slab) =>
    'line' in slab.of
      ? { ...slab, x0: slab.x0 + shift, x1: slab.x1 + shift }
      : { ...slab, x1: width, y1: height ?? slab.y1 },
  );
}
