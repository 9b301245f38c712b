import type { PlacedHolder } from '../../holders/holder-kind.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { sleeveLikeSection, type Section } from '../section.ts';
import type { Sleeve } from './params.ts';

/** A sleeve cut across: back, what stands in it, front. */
export const sleeveSection = (
  { detail, closedThickness }: SizedBody<Sleeve>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section => sleeveLikeSection({ width: detail.width.value, state: 'closed', total: closedThickness }, placed, stacks);
