import type { Derived } from '../derived/derived.ts';
import { rectangle } from '../geometry/outline.ts';
import type { PieceDraft } from './piece.ts';

type Side = 'left' | 'right' | 'top' | 'bottom';

interface Patch extends Omit<PieceDraft, 'stitch' | 'allowance' | 'spans'> {
  /** Allowance all round, mm. */
  seam: Derived;
  /** Sides with another allowance. */
  allowance?: Partial<Record<Side, Derived>>;
}

/** A rectangular piece, its edges `bottom`, `right`, `top`, `left`. */
export const patch = ({ seam, allowance, ...rest }: Patch): PieceDraft => ({
  ...rest,
  stitch: rectangle(rest.width.value, rest.height.value),
  allowance: { left: seam, right: seam, top: seam, bottom: seam, ...allowance },
  spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
});
