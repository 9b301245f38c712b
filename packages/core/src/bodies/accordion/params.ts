import type { Derived } from '../../derived/derived.ts';
import type { ContentsLine, Params } from '../../document/design-document.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { choiceParam } from '../../holders/params.ts';

export type DividerMaking = 'plain' | 'padded' | 'zipped';
export type GussetSchool = 'wrapped' | 'joined';
export type AccordionFoot = 'flat' | 'fan';

export const accordionParams = {
  compartments: {
    kind: 'choice',
    title: 'Compartments',
    standard: '3',
    choices: ['2', '3', '4', '5'].map((count) => ({ id: count, title: count, why: 'A divider between any two.' })),
  },
  foot: {
    kind: 'choice',
    title: 'Its foot',
    standard: 'flat' as AccordionFoot,
    choices: [
      {
        id: 'flat' as AccordionFoot,
        title: 'a flat base',
        why: 'Thick things stand on it, each between its dividers.',
      },
      {
        id: 'fan' as AccordionFoot,
        title: 'one seam',
        why: 'Front, back and all dividers meet in it, the gussets fan out above: thin when it is empty, for papers.',
      },
    ],
  },
  dividers: {
    kind: 'choice',
    title: 'Dividers',
    standard: 'plain' as DividerMaking,
    choices: [
      { id: 'plain' as DividerMaking, title: 'two layers', why: 'Thin: the most room.' },
      {
        id: 'padded' as DividerMaking,
        title: 'padded',
        why: 'A third layer between them, of what the base is made of: fleece for what scratches, board for paper.',
      },
      { id: 'zipped' as DividerMaking, title: 'pockets with a zipper', why: 'Coins and receipts stay where they are.' },
    ],
  },
  school: {
    kind: 'choice',
    title: 'The gusset is',
    standard: 'wrapped' as GussetSchool,
    choices: [
      {
        id: 'wrapped' as GussetSchool,
        title: 'wrapped round each divider',
        why: 'Pinched by a seam, wider at the top: the dividers stand straight.',
      },
      { id: 'joined' as GussetSchool, title: 'joined at its folds', why: 'Less cloth and less bulk at the sides.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** As many as there are groups of things, each thing without a group for itself; within what there may be. */
export function compartmentsFor(contents: readonly Pick<ContentsLine, 'id' | 'group'>[]): string {
  const kinds = new Set(contents.map(({ id, group }) => group ?? id)).size;
  return String(Math.min(5, Math.max(2, kinds || Number(accordionParams.compartments.standard))));
}

export const countOf = (params: Params): number =>
  Number(choiceParam(params, 'compartments', accordionParams.compartments));

/** A divider, from its edge in the bottom seam up. All mm. */
export interface Divider {
  /** Where it meets the gusset, from the front, and where on the base. */
  onGusset: Derived;
  /** The same on its lower edge, as far as that begins from the side. */
  low: Derived;
  onBase: Derived;
  /** From the bottom seam along the base to there. */
  reach: Derived;
}

/** One layer of the body, along its stitch lines. All mm. */
export interface AccordionLayer {
  width: Derived;
  /** Of the gusset, and of front and back above the base. */
  height: Derived;
  /** Narrower at the base by, in both directions. */
  taper: Derived;
}

/** Driving sizes of an accordion. All mm. */
export interface Accordion {
  foot: AccordionFoot;
  dividers: Divider[];
  making: DividerMaking;
  school: GussetSchool;
  shell: AccordionLayer;
  lining: AccordionLayer;
  /** Of the gusset, flat: at the top; and at the bottom, of a fan as wide as its pinches there. */
  gusset: Derived;
  gussetFoot: Derived;
  /** How far below the mouth the gusset begins; 0 on a flat base. */
  below: Derived;
  /** Front to back along the base, full. */
  base: Derived;
  legs: Derived[];
  bites: { top: Derived; bottom: Derived };
  dividerThickness: Derived;
  /** Narrower than the stitch line on each side, and narrower still at the top. */
  shade: Derived;
  dividerTaper: Derived;
}

export const layers = ['shell', 'lining'] as const;
export type Layer = (typeof layers)[number];
export const sides = ['right', 'left'] as const;
export type Side = (typeof sides)[number];
