import type { PlacedHolder } from '../../holders/holder-kind.ts';
import { slabsAt, thickest } from '../../holders/slab.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { clothBar, stackBars, type Section, type SectionBar } from '../section.ts';
import { NOTES, type Folio } from './size.ts';

/** The leaves folded on each other, each cut at its thickest place: the second leaf below, on it the last one, rolled into those before
 * it, and the first on top of all. */
export function folioSection(
  { detail, closedThickness }: SizedBody<Folio>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section {
  const width = Math.max(...detail.leaves.map(({ value }) => value));
  const leaf = (index: number): SectionBar[] => {
    const wide = detail.leaves[index]!.value;
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, wide, stacks);
    const on = placed.filter(({ seat }) => seat.face === `leaf-${index + 1}`).flatMap((holder) => barsOf(holder, wide));
    const behind = placed
      .filter(({ seat }) => seat.face === NOTES)
      .flatMap(({ slabs }) =>
        slabs.map(({ of, label, thickness }) => ({ of, label, u0: 0, u1: wide, thickness: thickness.value })),
      );
    return [cloth('exterior'), ...behind, cloth('lining'), ...on];
  };
  // rolled in, the fourth lies on the lining of the third, its own lining up, and turns over with it
  const inward = detail.leaves
    .slice(2)
    .map((_, index) => (index % 2 === 0 ? leaf(index + 2).reverse() : leaf(index + 2)))
    .reverse();
  const layers = stackBars([...leaf(1), ...inward.flat(), ...leaf(0).reverse()]);
  return { layers, width, folded: true, state: 'closed', total: closedThickness };
}

function barsOf({ slabs }: PlacedHolder, width: number): SectionBar[] {
  const { at } = thickest('', slabs);
  const clip = (u: number) => Math.min(width, Math.max(0, u));
  return slabsAt(slabs, at).map(({ of, label, x0, x1, thickness }): SectionBar => ({
    of,
    label,
    u0: clip(x0),
    u1: clip(x1),
    thickness: thickness.value,
  }));
}
