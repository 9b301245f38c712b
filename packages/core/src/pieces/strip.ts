import { given, type Derived } from '../derived/derived.ts';
import { patch } from './patch.ts';
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
export const strip = ({ length, width, ...rest }: Strip): PieceDraft =>
  patch({ ...rest, role: 'exterior', width: length, height: width, seam: asCut });
