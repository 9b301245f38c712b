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

/** The place of one half of a fastener on a piece, with what it must be clear of.
 * @param half `upper`: the cap, on what lies outside; `lower`: its mate */
export const halfMark = (
  { id: entry, diameter, plateRadius }: Hardware,
  half: 'upper' | 'lower',
  place: Pick<Mark, 'id' | 'at' | 'label'>,
): Mark => ({
  ...place,
  kind: half === 'upper' ? 'snapCap' : 'snapSocket',
  hardware: { id: entry, half, radius: plateRadius ?? diameter / 2 },
});
