import type { Derived } from '../derived/derived.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';

/** What lies loose on the base, piece by piece. mm */
export const lyingOn = ({ onBase }: Pick<Fitting, 'onBase'>, parts: CutParts): Derived[] =>
  onBase.map((lying) => parts.cloth(lying).thick);
