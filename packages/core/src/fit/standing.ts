import type { HeldContents } from '../contents/held.ts';
import type { Reading, Standing } from './clearance.ts';
import { heldOf } from './deep.ts';
import type { Thing } from './things.ts';

/** How a thing stands in an open mouth.
 * @param reading of how deep it goes
 * @param grip all that was read of it, of a mouth that is meant to hold it; empty of another one */
export function standingOf(
  thing: Thing,
  { required, available }: Reading,
  grip: readonly Reading[],
  held: HeldContents,
): Standing {
  const { deep, shows } = thing;
  const top = required.value - heldOf(thing, false).value + deep.value;
  const across = grip.find(({ direction }) => direction === 'across');
  return {
    shows: top - available.value,
    wished: shows.value,
    deep: deep.value,
    ...(across && { slack: slackOf(across, held) }),
  };
}

/** To go in, a thing counts at its largest and pressed; to stay in, at its smallest and as it comes. mm */
function slackOf({ required, available }: Reading, { item, count }: HeldContents): number {
  const { tolerance = 0, compressible = 0, thickness } = item;
  // half of the way round it has two sides, each from the largest to the smallest
  return available.value - required.value + 4 * tolerance - compressible * count * thickness;
}
