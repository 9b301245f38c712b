import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { trimHeight } from '../../shelves/rules/common-rules.ts';

export type RoundLayers = 'lined' | 'single';

export type RoundMouth = 'joined' | 'band';

export const roundParams = {
  layers: {
    kind: 'choice',
    title: 'Inside it is',
    standard: 'lined' as RoundLayers,
    choices: [
      { id: 'lined' as RoundLayers, title: 'lined', why: 'No raw edges, and the bag stands better.' },
      {
        id: 'single' as RoundLayers,
        title: 'one layer',
        why: 'Light and quick: the mouth is hemmed, seams are bound.',
      },
    ],
  },
  mouth: {
    kind: 'choice',
    title: 'Mouth',
    standard: 'joined' as RoundMouth,
    choices: [
      { id: 'joined' as RoundMouth, title: 'shell and lining joined', why: 'One seam, topstitched: quick and flat.' },
      {
        id: 'band' as RoundMouth,
        title: 'with a band',
        why: 'A band folded over it is rim and facing at once, in a cloth of its own; the casings lie below it.',
      },
    ],
    when: ({ layers = 'lined' }) => layers === 'lined',
  },
  band: {
    kind: 'length',
    title: 'Band, high',
    rule: trimHeight,
    when: ({ layers = 'lined', mouth }) => layers === 'lined' && mouth === 'band',
  },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a bag on a round base, along the stitch lines. All mm. */
export interface Round {
  lined: boolean;
  /** Its mouth is hemmed: a single layer that no closure finishes. */
  hemmed: boolean;
  /** Of the shell's base, and of the lining's. */
  diameter: Derived;
  liningDiameter: Derived;
  /** Round the base, exactly. */
  wallLength: Derived;
  liningLength: Derived;
  /** From the base to the mouth; of the lining too. */
  height: Derived;
  liningHeight: Derived;
  /** Of the band that is the rim, folded; nothing without one. */
  band?: Derived;
  /** Of shell and lining, below the band. */
  wallHeight: Derived;
}
