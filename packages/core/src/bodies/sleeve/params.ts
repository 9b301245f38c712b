import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

export type SleeveBottom = 'fold' | 'seam';
export type SleeveForm = 'flat' | 'boxed';

export const sleeveParams = {
  form: {
    kind: 'choice',
    title: 'Bottom',
    standard: 'flat' as SleeveForm,
    choices: [
      { id: 'flat' as SleeveForm, title: 'flat', why: 'Front and back meet in an edge.' },
      { id: 'boxed' as SleeveForm, title: 'boxed', why: 'Corners are cut out and sewn across: it stands.' },
    ],
  },
  bottom: {
    kind: 'choice',
    title: 'Made with',
    standard: 'fold' as SleeveBottom,
    choices: [
      {
        id: 'fold' as SleeveBottom,
        title: 'a fold',
        why: 'One piece for front and back: no seam to carry the weight.',
      },
      {
        id: 'seam' as SleeveBottom,
        title: 'a bottom seam',
        why: 'Front and back apart: a print stands upright on both.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a sleeve, along the stitch lines, on the grid. All mm. */
export interface Sleeve {
  form: SleeveForm;
  bottom: SleeveBottom;
  /** Flat, at the mouth. */
  width: Derived;
  /** Depth of the base; 0 of a flat one. */
  base: Derived;
  /** From the mouth to the base. */
  height: Derived;
  /** From the mouth to the bottom line of a flat panel: height and half the base. */
  panelHeight: Derived;
  /** How much the lining is narrower at the bottom, and less deep. */
  taper: Derived;
  shallower: Derived;
}
