import type { Params } from '../../document/design-document.ts';
import type { Derived } from '../../derived/derived.ts';
import { chosen } from '../params.ts';
import type { PocketLoad } from '../face-pocket/pocket.ts';
import type { ParamSpec } from '../holder-kind.ts';

export type StrapWay = 'parallel' | 'upright' | 'crossed';
export type StrapOpens = 'whole' | 'middle';
export type StrapEnds = 'stitched' | 'edge';

const straight = (params: Params): boolean => chosen(params, 'way', 'parallel') !== 'crossed';

export const strapParams = {
  way: {
    kind: 'choice',
    title: 'Straps',
    standard: 'parallel' as StrapWay,
    choices: [
      { id: 'parallel' as StrapWay, title: 'two across', why: 'The thing slides in from above.' },
      {
        id: 'upright' as StrapWay,
        title: 'two up and down',
        why: 'For long things lying: the straps go round their short way.',
      },
      {
        id: 'crossed' as StrapWay,
        title: 'crossed',
        why: 'Holds all four corners; lift one strap to take it out.',
      },
    ],
  },
  elastic: {
    kind: 'choice',
    title: 'Elastic',
    standard: 'elastic-20',
    choices: [
      { id: 'elastic-10', title: '10 mm', why: 'For small and light things.' },
      { id: 'elastic-20', title: '20 mm', why: 'Holds most things.' },
      { id: 'elastic-40', title: '40 mm', why: 'For what is heavy: it does not cut in.' },
    ],
  },
  opens: {
    kind: 'choice',
    title: 'Each strap is',
    standard: 'whole' as StrapOpens,
    choices: [
      { id: 'whole' as StrapOpens, title: 'one piece', why: 'Quick, and nothing to open: the thing is slid under it.' },
      {
        id: 'middle' as StrapOpens,
        title: 'two halves that meet in the middle',
        why: 'Hook-and-loop opens over the thing: it is laid in and taken out from above.',
      },
    ],
    when: straight,
  },
  ends: {
    kind: 'choice',
    title: 'Ends of the straps',
    standard: 'stitched' as StrapEnds,
    choices: [
      {
        id: 'stitched' as StrapEnds,
        title: 'stitched down beside the thing',
        why: 'Holds close, wherever it lies.',
      },
      {
        id: 'edge' as StrapEnds,
        title: 'in the edge of the panel',
        why: 'No raw end and no stitching to see: they are caught in its seam. For a thing alone on a panel of a case.',
      },
    ],
    when: straight,
  },
} as const satisfies Record<string, ParamSpec>;

/** Measured straps. All mm. */
export interface HoldStraps {
  way: StrapWay;
  opens: StrapOpens;
  ends: StrapEnds;
  /** What it is cut from, on the hardware shelf, and its size. */
  elastic: { id: string; wide: Derived; thick: Derived };
  load: PocketLoad;
  /** Whether they go round where the thing is round. */
  round: boolean;
  /** From stitching to stitching on the face, were the thing flat. */
  over: Derived;
  /** Of each strap, on the face and at rest. */
  span: Derived;
  relaxed: Derived;
  /** Ids of the seams of the body that catch both ends, once it lies on its seat; nothing where they are stitched down. */
  within?: readonly [string, string][];
}
