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
}

/** The place where slabs pile up highest.
 * @returns the height (y, mm) and the sum of what lies there; nothing at all is 0 at y = 0 */
export function thickest(label: string, slabs: readonly Slab[]): { at: number; thickness: Derived } {
  let best: Slab[] = [];
  let [at, most] = [0, 0];
  for (const { y0, y1 } of slabs) {
    const y = (y0 + y1) / 2;
    for (const candidate of [y0 + 1e-6, y]) {
      const here = slabsAt(slabs, candidate);
      const total = here.reduce((height, { thickness }) => height + thickness.value, 0);
      if (total > most + 1e-9) [best, at, most] = [here, candidate, total];
    }
  }
  return { at, thickness: sum(label, grouped(best)) };
}

/** The slabs that a cut at height y goes through. */
export const slabsAt = (slabs: readonly Slab[], y: number): Slab[] => slabs.filter(({ y0, y1 }) => y0 <= y && y <= y1);

/** Slabs of one thickness are counted, not listed. */
function grouped(slabs: Slab[]) {
  const counts = new Map<Derived, number>();
  for (const { thickness } of slabs) counts.set(thickness, (counts.get(thickness) ?? 0) + 1);
  return [...counts].map(([of, times]) => ({ times, of }));
}
