import { given, named, smallest, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { HardwareNeed } from '../pieces/contribution.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { Action } from '../sewing/actions/action.ts';
import { topstitchInset } from '../shelves/rules/common-rules.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import type { StrapMethod } from '../sizing/strap.ts';

const bandWide = lengthRule(
  'band.wide',
  'carrying',
  'Strap or handle of cloth, wide',
  25,
  10,
  80,
  'A hand 25, a shoulder 40; folded in four it is cut four times as wide.',
);

export type BandMaterial = 'webbing' | 'cloth';

const webbings = ['webbing-25', 'webbing-38'] as const;

/** What straps and handles are made from. */
export const bandParams = {
  material: {
    kind: 'choice',
    title: 'Made from',
    standard: 'webbing' as BandMaterial,
    choices: [
      { id: 'webbing' as BandMaterial, title: 'webbing', why: 'Strong as it is; cut and seal.' },
      { id: 'cloth' as BandMaterial, title: 'the shell, folded in four', why: 'The same cloth as the bag.' },
    ],
  },
  webbing: {
    kind: 'choice',
    title: 'Webbing',
    standard: webbings[0] as string,
    choices: [
      { id: webbings[0], title: '25 mm', why: 'For a hand, and for rings and hooks of 25.' },
      { id: webbings[1], title: '38 mm', why: 'Spreads the weight on a shoulder.' },
    ],
    when: (given) => chosen(given, 'material', 'webbing') === 'webbing',
  },
  wide: {
    kind: 'length',
    title: 'Wide, finished',
    rule: bandWide,
    when: (given) => chosen(given, 'material', 'webbing') === 'cloth',
  },
} as const satisfies Record<string, ParamSpec>;

/** A strap's cloth or webbing. */
export interface Band {
  /** Finished, mm. */
  wide: Derived;
  method: Extract<StrapMethod, 'webbing' | 'fourfold'>;
  /** Of webbing, on the hardware shelf. */
  webbing?: string;
}

/** @param label what its width is called
 * @param most how wide it may be, mm; default as it is asked for */
export function bandOf(
  params: Params,
  label: string,
  { rules, hardware, id }: Pick<ClosureInputs, 'rules' | 'hardware' | 'id'>,
  most?: Derived,
): Band {
  const asked = askedFor(params, label, { rules, hardware, id });
  if (!most || asked.wide.value <= most.value) return asked;
  // webbing cannot be narrowed: the narrowest there is
  if (asked.webbing !== undefined) return askedFor({ ...params, webbing: webbings[0] }, label, { rules, hardware, id });
  return { ...asked, wide: smallest(label, [asked.wide, most]) };
}

function askedFor(
  params: Params,
  label: string,
  { rules, hardware, id }: Pick<ClosureInputs, 'rules' | 'hardware' | 'id'>,
): Band {
  if (choiceParam(params, 'material', bandParams.material) === 'cloth')
    return { wide: named(label, lengthParam(params, 'wide', bandParams.wide, rules, id)), method: 'fourfold' };
  const webbing = choiceParam(params, 'webbing', bandParams.webbing);
  const from = { kind: 'hardware', path: `hardware/${webbing}` } as const;
  return { wide: given(label, hardwareOf(webbing, hardware).diameter, from), method: 'webbing', webbing };
}

/** Strips of it.
 * @param cutWidth across as it is cut, mm */
export const bandPiece = (
  { webbing }: Band,
  { cutWidth, ...piece }: { id: string; name: string; length: Derived; cutWidth: Derived; count?: number },
): PieceDraft =>
  webbing === undefined
    ? {
        ...strip({ ...piece, width: cutWidth, note: 'Fold in four along its length, stitch both edges.' }),
        plain: true,
      }
    : strip({ ...piece, width: cutWidth, cutFrom: webbing, note: 'Seal the ends.' });

/** What of it is cut from the shelf.
 * @param length of each, mm */
export const bandNeeds = ({ webbing }: Band, count: number, length: Derived): HardwareNeed[] =>
  webbing === undefined ? [] : [{ id: webbing, count, length: count * length.value }];

/** What is done to it before it is sewn on. */
export const bandMade = ({ webbing }: Band, piece: string, rules: Rules): Action[] =>
  webbing === undefined
    ? [{ verb: 'foldBand', piece, distance: rules.length(topstitchInset).value }]
    : [{ verb: 'seal', pieces: [piece] }];

/** Webbing is sealed. */
export const flamed = ({ webbing }: Band): { cautions?: ['flame'] } =>
  webbing === undefined ? {} : { cautions: ['flame'] };
