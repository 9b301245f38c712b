import { given } from '../derived/derived.ts';
import type { Adapted } from './body-kind.ts';

const UNLINED = given('no lining', 0, { kind: 'standard', path: 'nothing' });

/** Of a single layer: there is no lining. */
export const unlined = ({ rules, stacks, reach }: Adapted): Adapted => ({
  rules,
  stacks: { ...stacks, lining: UNLINED },
  reach: { ...reach, lining: UNLINED },
});
