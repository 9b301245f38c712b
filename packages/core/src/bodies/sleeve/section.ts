import type { PlacedHolder, StackThickness } from '../../holders/holder-kind.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { clothBar, stackBars, type Section } from '../section.ts';
import type { Sleeve } from './params.ts';

/** A sleeve cut across: back, what stands in it, front. */
export const sleeveSection = (
  { detail, closedThickness }: SizedBody<Sleeve>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section => sleeveLikeSection({ width: detail.width.value, state: 'closed', total: closedThickness }, placed, stacks);

/** Two lined walls with things between them, side by side on one level. */
export function sleeveLikeSection(
  { width, state, total }: Pick<Section, 'width' | 'state' | 'total'>,
  placed: readonly PlacedHolder[],
  stacks: StackThickness,
): Section {
  const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
  const back = stackBars([cloth('exterior'), cloth('lining')]);
  const floor = stacks.exterior.value + stacks.lining.value;
  const things = placed
    .flatMap(({ slabs }) => slabs)
    .map(({ of, label, x0, x1, thickness, round }) => ({
      of,
      label,
      u0: x0,
      u1: x1,
      z0: floor,
      z1: floor + thickness.value,
      ...(round && { round }),
    }));
  const top = Math.max(floor, ...things.map(({ z1 }) => z1));
  const front = stackBars([cloth('lining'), cloth('exterior')]).map((layer) => ({
    ...layer,
    z0: layer.z0 + top,
    z1: layer.z1 + top,
  }));
  return { layers: [...back, ...things, ...front], width, folded: false, state, total };
}
