import { rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { HardwareNeed } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { edgePart, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import { hardwareWidth } from '../hardware-sizes.ts';
import type { HolderInputs } from '../holder-kind.ts';

/** Fine ones for what is sewn onto a face, coarser ones for what is used often. */
export type Gauge = 'zipper-3' | 'zipper-5';
/** Both tapes of a zipper, closed, mm. */
export const tapeWidth = (gauge: Gauge, inputs: Pick<HolderInputs, 'hardware'>): Derived =>
  hardwareWidth('zipper tape, closed', gauge, inputs);

/** A zipper cut to length: what runs along the opening, and the tails beyond it. */
export interface Zipper {
  piece: PieceDraft;
  hardware: HardwareNeed[];
  /** The stretch of a tape that runs along the opening. */
  tape(edge: 'bottom' | 'top'): EdgeRun;
}

/** @param opening length that the slider runs, mm
 * @param beyond tape beyond it at each end, so that no stop lies in a seam, mm
 * @param gauge default no. 3
 * @param sliders default one */
export function zipperFor(
  id: string,
  opening: Derived,
  beyond: Derived,
  inputs: Pick<HolderInputs, 'grid' | 'hardware'>,
  gauge: Gauge = 'zipper-3',
  sliders = 1,
): Zipper {
  const length = rounded(sum('zipper, cut length', [opening, times(2, beyond)]), inputs.grid, 'up');
  const name = `${id}/zipper`;
  const start = (length.value - opening.value) / 2;
  const piece = strip({
    id: name,
    name: `Zipper of ${id.replace('holders/', '')}`,
    cutFrom: gauge,
    length,
    width: tapeWidth(gauge, inputs),
    note: 'By the length, or the next longer ready-made one; whip the ends.',
  });
  return {
    piece,
    hardware: [
      { id: gauge, count: 1, length: length.value },
      { id: gauge.replace('zipper', 'slider'), count: sliders },
    ],
    tape: (edge) => edgePart(name, edge, start, start + opening.value),
  };
}

/** Both tapes of a zipper sewn to the edges beside it.
 * @param edges what lies below and above the opening */
export const tapeSeams = (id: string, zipper: Zipper, edges: Record<'bottom' | 'top', EdgeRun>): Seam[] =>
  (['bottom', 'top'] as const).map((edge) => ({
    id: `${id}#zipper-${edge}`,
    kind: 'stitchedOn',
    a: zipper.tape(edge),
    b: edges[edge],
  }));
