import { chosen } from '../../holders/params.ts';
import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

export type TubeForm = 'boxed' | 'flat';
export type TubeCorners = 'cut' | 'marked';

export const zipTubeParams = {
  form: {
    kind: 'choice',
    title: 'Ends',
    standard: 'boxed' as TubeForm,
    choices: [
      { id: 'boxed' as TubeForm, title: 'boxed', why: 'Four corners are sewn across: it has sides and stands.' },
      { id: 'flat' as TubeForm, title: 'flat', why: 'Nothing is sewn across: it lies flat when empty.' },
    ],
  },
  corners: {
    kind: 'choice',
    title: 'Corners are',
    when: (params) => chosen(params, 'form', 'boxed') === 'boxed',
    standard: 'cut' as TubeCorners,
    choices: [
      { id: 'cut' as TubeCorners, title: 'cut out', why: 'Squares are cut out first: quick, and all four are alike.' },
      {
        id: 'marked' as TubeCorners,
        title: 'marked and sewn across',
        why: 'Sewn across a drawn line and trimmed after: the size may still be changed.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** One layer of a zipped tube, along its stitch lines. All mm. */
export interface TubeLayer {
  /** From end to end of the finished pouch, front to back, and up. */
  length: Derived;
  width: Derived;
  height: Derived;
  /** From end seam to end seam. */
  along: Derived;
  /** From zipper to zipper round the tube. */
  round: Derived;
}

/** Driving sizes of a zipped tube. All mm. */
export interface ZipTube {
  form: TubeForm;
  corners: TubeCorners;
  shell: TubeLayer;
  lining: TubeLayer;
  /** Of the zipper that shows between its seams. */
  exposed: Derived;
}
