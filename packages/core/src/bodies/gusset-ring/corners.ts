import { given, type Rule } from '../../derived/derived.ts';

const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `shell/${path}`, source: 'common practice' });

/** What is left straight of a side beside its corners, and beside the hinge. */
export const STRAIGHT = common('straight part of a side', 20, 'straight');
export const BESIDE = common('zipper round the end of the hinge side', 10, 'beside');
export const LEAST_STRIP = common('strip beside the zipper', 8, 'strip');

export const cornerRule: Rule = {
  id: 'gusset-run',
  formula: '(1 - 1/√2) × radius',
  source: 'geometry: a square corner in a round one',
};

/** How far a square corner stays inside a round one, on each side, mm. */
export const cornerTakes = (radius: number): number => (1 - Math.SQRT1_2) * Math.max(0, radius);
