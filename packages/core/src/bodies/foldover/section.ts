import type { PlacedHolder } from '../../holders/holder-kind.ts';
import { slabsAt, thickest, type Slab } from '../../holders/slab.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { clothBar, stackBars, type Section, type SectionBar } from '../section.ts';
import { ACROSS, behind, type Foldover } from './params.ts';

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
    ...on(behind(which)).flatMap((holder) => leafBars(holder, which, width)),
    ...on(which).flatMap((holder) => leafBars(holder, which, width)),
    ...on(ACROSS).flatMap((holder) => leafBars(halfOf(holder, which), which, width)),
  ];
  const folded = stackBars([...side('right'), ...side('left').reverse()]);
  const outside = on('front').flatMap((holder) => leafBars(holder, 'left', width));
  const flap = detail.flap ? flapBars(on('flap'), width, stacks) : [];
  const layers = stackBars([...side('right'), ...side('left').reverse(), ...outside, ...flap]);
  const inFold = Math.max(...folded.map(({ z1 }) => z1));
  return { layers, width, folded: true, inFold, state: 'closed', total: closedThickness };
}

/** A flap that holds things: both faces with their linings, and the things between them. */
function flapBars(held: readonly PlacedHolder[], width: number, stacks: BodyInputs['stacks']): SectionBar[] {
  const lies = Math.min(width, ...held.map(({ seat }) => seat.height.value));
  const face = [clothBar('exterior', lies, stacks), clothBar('lining', lies, stacks)];
  const things = held.flatMap(({ slabs }) =>
    slabs.map(({ of, label, y0, y1, thickness }): SectionBar => {
      return { of, label, u0: Math.min(lies, y0), u1: Math.min(lies, y1), thickness: thickness.value };
    }),
  );
  return [...face, ...things, ...face.toReversed()];
}

/** Of what lies across the fold, what lies on a leaf. */
function halfOf(holder: PlacedHolder, side: 'left' | 'right'): PlacedHolder {
  const middle = holder.seat.width.value / 2;
  const onLeft = ({ x0, x1 }: Slab) => (x0 + x1) / 2 < middle + 1e-6;
  return {
    ...holder,
    slabs: holder.slabs.filter((slab) => 'role' in slab.of || onLeft(slab) === (side === 'left')),
  };
}

function leafBars({ slabs, seat }: PlacedHolder, side: 'left' | 'right', leafWidth: number): SectionBar[] {
  const { at } = thickest('', slabs);
  const clip = (u: number) => Math.min(leafWidth, Math.max(0, u));
  return slabsAt(slabs, at).map(({ of, label, x0, x1, thickness }: Slab): SectionBar => {
    const [from, to] = side === 'left' ? [x0, x1] : [seat.width.value - x1, seat.width.value - x0];
    return { of, label, u0: clip(from), u1: clip(to), thickness: thickness.value };
  });
}
