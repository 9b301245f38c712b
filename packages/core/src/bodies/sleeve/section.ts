import type { PlacedHolder } from '../../holders/holder-kind.ts';
import { slabsAt, thickest } from '../../holders/slab.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { sleeveLikeSection, stackBars, type Section, type SectionLayer } from '../section.ts';
import type { Sleeve } from './params.ts';

/** A sleeve cut across: back, what stands in it, front, and a pocket on the outside of the front. */
export function sleeveSection(
  { detail, closedThickness }: SizedBody<Sleeve>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section {
  const width = detail.width.value;
  // what hangs in it lies behind what stands in it
  const inside = ['divider', 'inside'].flatMap((face) => placed.filter(({ seat }) => seat.face === face));
  const bag = sleeveLikeSection({ width, state: 'closed', total: closedThickness }, inside, stacks);
  const floor = Math.max(...bag.layers.map(({ z1 }) => z1));
  const outside = placed.filter(({ seat }) => seat.face === 'front').flatMap(barsOf);
  return {
    ...bag,
    layers: [...bag.layers, ...outside.map((layer) => ({ ...layer, z0: layer.z0 + floor, z1: layer.z1 + floor }))],
  };
}

function barsOf({ slabs, seat }: PlacedHolder): SectionLayer[] {
  const { at } = thickest('', slabs);
  return stackBars(
    slabsAt(slabs, at).map(({ of, label, x0, x1, thickness }) => ({
      of,
      label,
      u0: seat.x + x0,
      u1: seat.x + x1,
      thickness: thickness.value,
    })),
  );
}
