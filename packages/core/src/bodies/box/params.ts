import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

export type BoxMaking = 'cross' | 'strip' | 'five';

export const boxParams = {
  making: {
    kind: 'choice',
    title: 'Cut as',
    standard: 'cross' as BoxMaking,
    choices: [
      { id: 'cross' as BoxMaking, title: 'a cross', why: 'One piece, four seams: no seam round the base.' },
      {
        id: 'strip' as BoxMaking,
        title: 'a strip and two sides',
        why: 'Front, base and back in one: less waste than a cross.',
      },
      {
        id: 'five' as BoxMaking,
        title: 'five panels',
        why: 'Every wall on its own grain, from small pieces of cloth.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

export const walls = ['front', 'right', 'back', 'left'] as const;
export type Wall = (typeof walls)[number];

/** One layer of an open box, along its stitch lines. All mm. */
export interface BoxLayer {
  /** At the mouth: left to right, front to back. */
  width: Derived;
  depth: Derived;
  /** From the base to the mouth. */
  height: Derived;
  /** Narrower at the base by, in both directions. */
  taper: Derived;
}

/** Driving sizes of a box. All mm. */
export interface Box {
  making: BoxMaking;
  shell: BoxLayer;
  lining: BoxLayer;
}
