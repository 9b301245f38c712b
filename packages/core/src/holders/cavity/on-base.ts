import { halfOf, largest, named, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import { wallReach } from '../../stacks/reach.ts';
import type { HolderInputs } from '../holder-kind.ts';
import type { Compartment } from './compartments.ts';
import { easeCavityAcross } from './rules.ts';

/** Rooms that are stitched apart on a boxed base: what stands in an end room stays clear of the corner beside it, which takes half of the
 * base. mm
 * @param base its depth */
export function roomsOnBase(
  compartments: readonly Compartment[],
  base: Derived,
  inputs: Pick<HolderInputs, 'id' | 'rules' | 'stacks' | 'reach' | 'grid' | 'pin'>,
): Compartment[] {
  const cloth = [inputs.rules.length(easeCavityAcross), times(2, wallReach(inputs))];
  const corner = halfOf('half of the base', base);
  return compartments.map((room, index) => {
    const ends = [0, compartments.length - 1].filter((end) => end === index).length;
    const across = room.things.map((thing) => thing.across);
    const needed = sum('things, cloth and corner', [...across, ...cloth, times(ends, corner)]);
    if (needed.value <= room.width.value) return room;
    const width = rounded(largest('room on its base', [room.width, needed]), inputs.grid, 'up');
    const asked = named('room, between its stitches', width);
    return { ...room, width: inputs.pin(`holders/${inputs.id}/room${index + 1}`, asked) };
  });
}
