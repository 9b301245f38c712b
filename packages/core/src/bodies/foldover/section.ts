import type { PlacedHolder } from '../../holders/holder-kind.ts';
import { slabsAt, thickest, type Slab } from '../../holders/slab.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { clothBar, stackBars, type Section, type SectionBar } from '../section.ts';
import type { Foldover } from './size.ts';

/** The section of two leaves folded on each other, each cut at its thickest place. */
export function foldoverSection(
  { detail, closedThickness }: SizedBody<Foldover>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section {
  const width = detail.leafWidth.value;
  const on = (face: string) => placed.filter(({ seat }) => seat.face === face);
  const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
  const inside = on('inside').flatMap((holder) => leafBars(holder, 'left', width));
  const side = (which: 'left' | 'right') => [
    cloth('exterior'),
    cloth('lining'),
    ...inside,
    ...on(which).flatMap((holder) => leafBars(holder, which, width)),
  ];
  const outside = on('front').flatMap((holder) => leafBars(holder, 'left', width));
  const layers = stackBars([...side('right'), ...side('left').reverse(), ...outside]);
  return { layers, width, folded: true, state: 'closed', total: closedThickness };
}

function leafBars({ slabs, seat }: PlacedHolder, side: 'left' | 'right', leafWidth: number): SectionBar[] {
  const { at } = thickest('', slabs);
  const clip = (u: number) => Math.min(leafWidth, Math.max(0, u));
  return slabsAt(slabs, at).map(({ of, label, x0, x1, thickness }: Slab): SectionBar => {
    const [from, to] = side === 'left' ? [x0, x1] : [seat.width.value - x1, seat.width.value - x0];
    return { of, label, u0: clip(from), u1: clip(to), thickness: thickness.value };
  });
}
