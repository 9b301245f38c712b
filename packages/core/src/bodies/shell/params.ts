import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { Ring } from '../gusset-ring/ring.ts';
import { shellRadius } from '../gusset-ring/rules.ts';
import { shellHinge } from './rules.ts';

/** What covers the teeth of the zipper from inside. */
export type Guard = 'none' | 'strips';

export const shellParams = {
  radius: { kind: 'length', title: 'Radius of the corners', rule: shellRadius },
  hinge: { kind: 'length', title: 'Hinge, without zipper', rule: shellHinge },
  guard: {
    kind: 'choice',
    title: 'Behind the teeth',
    standard: 'none' as Guard,
    choices: [
      { id: 'none' as Guard, title: 'nothing', why: 'Less to sew.' },
      {
        id: 'strips' as Guard,
        title: 'a guard strip on each side',
        why: 'The teeth do not scratch what lies inside, and dust stays out.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a case of two stiff shells with a gusset between them. All mm. */
export interface ShellCase extends Ring {
  offset: Derived;
  /** Each of the strips that cover the teeth from inside, folded; nothing without them. */
  guard?: Derived;
}
