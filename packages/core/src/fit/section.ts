import type { SizedBody } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { Role } from '../document/design-document.ts';
import type { PlacedHolder, StackThickness } from '../holders/holder-kind.ts';
import { slabsAt, thickest, type Slab } from '../holders/slab.ts';

/** One layer of the closed piece, cut through. u runs from the opening edge to the fold, z upwards from the back; mm */
export interface SectionLayer {
  of: { role: Role } | { line: string };
  label: string;
  u0: number;
  u1: number;
  z0: number;
  z1: number;
}

/** A cut through the closed and full piece, each leaf at its thickest place. */
export interface Section {
  layers: SectionLayer[];
  leafWidth: number;
  total: Derived;
}

type Bar = Omit<SectionLayer, 'z0' | 'z1'> & { thickness: number };

/** The section of a piece of two leaves folded on each other.
 * @param holders placed, by face */
export function closedSection(
  body: SizedBody,
  holders: Record<'inside' | 'left' | 'right', PlacedHolder[]>,
  stacks: StackThickness,
): Section {
  const leafWidth = body.sizes.leafWidth?.value ?? 0;
  const whole = { u0: 0, u1: leafWidth };
  const cloth = (role: 'exterior' | 'lining'): Bar => ({
    of: { role },
    label: role,
    ...whole,
    thickness: stacks[role].value,
  });
  const inside = holders.inside.flatMap((holder) => leafBars(holder, 'left', leafWidth));
  const side = (which: 'left' | 'right') => [
    cloth('exterior'),
    cloth('lining'),
    ...inside,
    ...holders[which].flatMap((holder) => leafBars(holder, which, leafWidth)),
  ];
  const bars = [...side('right'), ...side('left').reverse()];
  let z = 0;
  const layers = bars.map(({ thickness, ...bar }) => ({ ...bar, z0: z, z1: (z += thickness) }));
  return { layers, leafWidth, total: body.closedThickness };
}

function leafBars({ slabs, seat }: PlacedHolder, side: 'left' | 'right', leafWidth: number): Bar[] {
  const { at } = thickest('', slabs);
  const clip = (u: number) => Math.min(leafWidth, Math.max(0, u));
  return slabsAt(slabs, at).map(({ of, label, x0, x1, thickness }: Slab): Bar => {
    const [from, to] = side === 'left' ? [x0, x1] : [seat.width.value - x1, seat.width.value - x0];
    return { of, label, u0: clip(from), u1: clip(to), thickness: thickness.value };
  });
}
