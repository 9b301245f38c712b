import { given, largest, minus, sum, type Derived } from '../derived/derived.ts';
import type { Mark } from '../pieces/piece.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';

/** What holds a flap or strap to the front: ids on the hardware shelf. */
export const fasteners = { magnet: 'magnet-18', snap: 'snap-12', 'hook-and-loop': 'hook-loop-20' } as const;
export type Fastener = keyof typeof fasteners;

/** The maker's choice of it. */
export const fastenerParam = {
  kind: 'choice',
  title: 'Held by',
  standard: 'magnet' as Fastener,
  choices: [
    { id: 'magnet' as Fastener, title: 'a magnet', why: 'Closes by itself; not for what minds magnets.' },
    { id: 'snap' as Fastener, title: 'a snap', why: 'Holds best; must meet its mate within a millimetre.' },
    { id: 'hook-and-loop' as Fastener, title: 'hook-and-loop', why: 'Takes full and empty alike; collects lint.' },
  ],
} as const satisfies ParamSpec;

/** How far what is set lies clear round its middle, mm. */
export const radiusOf = ({ diameter, plateRadius }: Hardware): number => plateRadius ?? diameter / 2;

/** The same as a number that tells where it comes from, mm. */
export const halfOfFastener = (fastener: Hardware): Derived =>
  given(`half of ${fastener.name}`, radiusOf(fastener), { kind: 'hardware', path: `hardware/${fastener.id}` });

/** How far from an end a fastener is set: as asked, but with all of it on its piece. mm */
export function insetFor(asked: Derived, fastener: Hardware): Derived {
  if (asked.value >= radiusOf(fastener)) return asked;
  return largest('clear of the end', [asked, halfOfFastener(fastener)]);
}

/** From the end of what was made longer, by the grid: its fastener stays as far from where it is sewn on. mm
 * @param reach how long it had to be */
export const insetAfter = (inset: Derived, length: Derived, reach: Derived): Derived =>
  length.value === reach.value ? inset : sum('fastener from the end', [inset, length, minus(reach)]);

/** How wide a strap or tab is: as asked, but as wide as its fastener. mm */
export function widthFor(asked: Derived, fastener: Hardware): Derived {
  const wide = 2 * radiusOf(fastener);
  if (asked.value >= wide) return asked;
  const path = `hardware/${fastener.id}`;
  return largest('as wide as its fastener', [asked, given(fastener.name, wide, { kind: 'hardware', path })]);
}

/** The place of one half of a fastener on a piece, with what it must be clear of.
 * @param half `upper`: the cap, on what lies outside; `lower`: its mate */
export const halfMark = (
  fastener: Hardware,
  half: 'upper' | 'lower',
  place: Pick<Mark, 'id' | 'at' | 'label'>,
): Mark => ({
  ...place,
  kind: half === 'upper' ? 'snapCap' : 'snapSocket',
  hardware: { id: fastener.id, half, radius: radiusOf(fastener) },
});
