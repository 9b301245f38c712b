import { line, type Outline } from '../../geometry/outline.ts';
import type { Tiers } from './tiers.ts';

/** The bar of a T-shaped pocket, and what its tongue stands in from each side, mm. */
export interface Tongue {
  bar: number;
  inset: number;
}

/** Common practice: the bar hides under the next mouth, the tongue leaves the sides free of layers. */
const UNDER = 8;
const INSET = 10;

/** The shape of a pocket made as a T; nothing where there is no room for one, or another way of making.
 * @param depth of the pocket, mouth to bottom, mm */
export function tongue({ making, reveal }: Tiers, width: number, depth: number): Tongue | undefined {
  const bar = reveal.value + UNDER;
  if (making !== 't-slots' || bar > depth - 5 || width < 4 * INSET) return undefined;
  return { bar, inset: INSET };
}

/** Edges `bottom`, `tongue-right`, `shoulder-right`, `right`, `top`, `left`, `shoulder-left`, `tongue-left`. */
export function tOutline(width: number, height: number, { bar, inset }: Tongue): Outline {
  const shoulder = height - bar;
  return [
    line('bottom', [inset, 0], [width - inset, 0]),
    line('tongue-right', [width - inset, 0], [width - inset, shoulder]),
    line('shoulder-right', [width - inset, shoulder], [width, shoulder]),
    line('right', [width, shoulder], [width, height]),
    line('top', [width, height], [0, height]),
    line('left', [0, height], [0, shoulder]),
    line('shoulder-left', [0, shoulder], [inset, shoulder]),
    line('tongue-left', [inset, shoulder], [inset, 0]),
  ];
}
