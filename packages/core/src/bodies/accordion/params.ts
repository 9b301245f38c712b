import type { Derived } from '../../derived/derived.ts';
import type { ContentsLine, Params } from '../../document/design-document.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { choiceParam } from '../../holders/params.ts';

export type DividerMaking = 'plain' | 'padded' | 'zipped';
export type GussetSchool = 'wrapped' | 'joined';

export const accordionParams = {
  compartments: {
    kind: 'choice',
    title: 'Compartments',
    standard: '3',
    choices: ['2', '3', '4', '5'].map((count) => ({ id: count, title: count, why: 'A divider between any two.' })),
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
  dividers: Divider[];
  making: DividerMaking;
  school: GussetSchool;
  shell: AccordionLayer;
  lining: AccordionLayer;
  /** Of the gusset, flat. */
  gusset: Derived;
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
