import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

export type TubeMaking = 'fold' | 'panels';

export const doubleTubeParams = {
  making: {
    kind: 'choice',
    title: 'Shell made with',
    standard: 'fold' as TubeMaking,
    choices: [
      {
        id: 'fold' as TubeMaking,
        title: 'a fold at one side',
        why: 'One piece, and one seam less in the way of the zippers.',
      },
      {
        id: 'panels' as TubeMaking,
        title: 'two panels',
        why: 'Front and back of their own cloth; a print stands upright on both.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a flat case with a mouth at each end. All mm. */
export interface DoubleTube {
  making: TubeMaking;
  /** Lying flat, side to fold. */
  width: Derived;
  /** Mouth to mouth. */
  length: Derived;
  /** From its mouth to its far end, of each lining; and narrower there by. */
  depth: Derived;
  taper: Derived;
}

export const ends = ['a', 'b'] as const;
export type End = (typeof ends)[number];
