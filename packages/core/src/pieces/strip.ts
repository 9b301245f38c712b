import { given, type Derived } from '../derived/derived.ts';
import { rectangle } from '../geometry/outline.ts';
import type { PieceDraft } from './piece.ts';

/** No allowance: cut as it is. */
export const asCut = given('cut as it is', 0, { kind: 'standard', path: 'strip/allowance' });

interface Strip {
  id: string;
  name: string;
  /** Id on the hardware shelf; a strip of cloth has none. */
  cutFrom?: string;
  /** Along the `bottom` edge, mm. */
  length: Derived;
  width: Derived;
  count?: number;
  note?: string;
}

/** Webbing, ribbon, tape, elastic or cloth cut to length without allowances, its long edges `bottom` and `top`. */
export const strip = ({ length, width, ...rest }: Strip): PieceDraft => ({
  ...rest,
  role: 'exterior',
  stitch: rectangle(length.value, width.value),
  width: length,
  height: width,
  allowance: { left: asCut, right: asCut, top: asCut, bottom: asCut },
  spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
});
