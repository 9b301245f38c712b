import type { Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { choiceParam } from '../../holders/params.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { cornerCut, cornerShows } from './rules.ts';

export type Layer = 'shell' | 'lining';
export type SleeveBottom = 'fold' | 'seam' | 'side';
export type SleeveForm = 'flat' | 'boxed';
export type SleeveLayers = 'lined' | 'single';
export type SleeveTurn = 'side' | 'bottom' | 'mouth' | 'dropped';
export type SleeveRim = 'topstitched' | 'plain';
export type SleeveCorners = 'whole' | 'cut' | 'mouth';

const isFlat = (params: Params): boolean => choiceParam(params, 'form', sleeveParams.form) === 'flat';
const isLined = (params: Params): boolean => choiceParam(params, 'layers', sleeveParams.layers) === 'lined';
const cornersOf = (params: Params): SleeveCorners => choiceParam(params, 'corners', sleeveParams.corners);

const cutsMouth = (params: Params): boolean => isFlat(params) && cornersOf(params) === 'mouth';
/** Its upper corners are cut off, so that the mouth has three sides: a lining turns them. */
export const isSloped = (params: Params): boolean => cutsMouth(params) && isLined(params);

/** Made of one piece that goes round one side: flat, with whole corners. */
export const isSideFolded = (params: Params): boolean =>
  isFlat(params) && choiceParam(params, 'bottom', sleeveParams.bottom) === 'side' && cornersOf(params) === 'whole';

/** How it is made, as far as its other settings let it. */
export const bottomOf = (params: Params): SleeveBottom => {
  const wished = choiceParam(params, 'bottom', sleeveParams.bottom);
  return wished === 'side' && !isSideFolded(params) ? 'fold' : wished;
};

/** Where it is turned through, as far as its other settings let it: a bottom that is folded has no seam to leave open. */
export const turnOf = (params: Params): SleeveTurn => {
  if (!isLined(params)) return 'side';
  const wished = choiceParam(params, 'turn', sleeveParams.turn);
  // a mouth that turns corners cannot be folded in in one
  if (wished === 'dropped') return isSloped(params) ? 'side' : wished;
  return wished === 'bottom' && bottomOf(params) !== 'seam' ? 'side' : wished;
};

/** Whether its mouth is topstitched: where it is turned through that, or only turned in, the stitching closes it. */
export const rimOf = (params: Params): SleeveRim =>
  ['mouth', 'dropped'].includes(turnOf(params)) ? 'topstitched' : choiceParam(params, 'rim', sleeveParams.rim);

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
        id: 'side' as SleeveBottom,
        title: 'a fold at one side',
        why: 'One piece round one side: a print stands upright all round, and the mouth is sewn flat, in one line.',
      },
      {
        id: 'seam' as SleeveBottom,
        title: 'a bottom seam',
        why: 'Front and back apart: a print stands upright on both.',
      },
    ],
  },
  layers: {
    kind: 'choice',
    title: 'Inside it is',
    standard: 'lined' as SleeveLayers,
    choices: [
      { id: 'lined' as SleeveLayers, title: 'lined', why: 'No raw edges, and soft to what is in it.' },
      {
        id: 'single' as SleeveLayers,
        title: 'one layer',
        why: 'Light and quick: the mouth is hemmed, seams are bound.',
      },
    ],
  },
  turn: {
    kind: 'choice',
    title: 'Turned through',
    when: isLined,
    standard: 'side' as SleeveTurn,
    choices: [
      { id: 'side' as SleeveTurn, title: 'the lining', why: 'Through a gap in its side: the mouth is sewn all round.' },
      {
        id: 'bottom' as SleeveTurn,
        title: 'the lining’s bottom',
        why: 'A straight seam that is easily closed by machine, and hidden at the bottom.',
      },
      {
        id: 'mouth' as SleeveTurn,
        title: 'the mouth',
        why: 'No gap in the lining: the topstitching of the mouth closes it.',
      },
      {
        id: 'dropped' as SleeveTurn,
        title: 'nothing: the lining is dropped in',
        why: 'Both mouths are turned in and stitched together: nothing stiff is turned, and handles can be sunk between them.',
      },
    ],
  },
  rim: {
    kind: 'choice',
    title: 'The mouth is',
    when: isLined,
    standard: 'topstitched' as SleeveRim,
    choices: [
      { id: 'topstitched' as SleeveRim, title: 'topstitched', why: 'Shell and lining stay where they are pressed.' },
      {
        id: 'plain' as SleeveRim,
        title: 'not stitched',
        why: 'Snaps or a casing hold the layers together: nothing shows.',
      },
    ],
  },
  corners: {
    kind: 'choice',
    title: 'Corners',
    // a boxed bottom has its corners sewn across
    when: isFlat,
    standard: 'whole' as SleeveCorners,
    choices: [
      { id: 'whole' as SleeveCorners, title: 'whole', why: 'Closed all round.' },
      {
        id: 'mouth' as SleeveCorners,
        title: 'upper ones cut off',
        why: 'The mouth has three sides: the corners of what is in it stick out and are gripped.',
      },
      {
        id: 'cut' as SleeveCorners,
        title: 'lower ones cut off',
        why: 'Open and bound: the thing can be pushed out and gripped.',
      },
    ],
  },
  cut: {
    kind: 'length',
    title: 'Corners cut off by',
    rule: cornerCut,
    when: (params) => isFlat(params) && cornersOf(params) === 'cut',
  },
  shows: {
    kind: 'length',
    title: 'Corner that sticks out, along each edge',
    rule: cornerShows,
    when: cutsMouth,
  },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a sleeve, along the stitch lines, on the grid. All mm. */
export interface Sleeve {
  form: SleeveForm;
  bottom: SleeveBottom;
  lined: boolean;
  /** Its mouth is hemmed: a single layer that no closure finishes. */
  hemmed: boolean;
  turn: SleeveTurn;
  rim: SleeveRim;
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
  /** How much of the latter lies in a deeper bottom seam: the lining is cut as high as the shell. */
  deeperSeam: Derived;
  /** Legs of the lower corners that are cut off; 0 for whole ones. */
  cut: Derived;
  /** Legs of the upper corners that are cut off, so that the mouth has three sides; 0 for a level one. */
  slope: Derived;
  /** How much of each edge of the thing sticks out there. */
  shows: Derived;
  /** What lies loose on the base, beneath the contents. */
  onBase: Derived;
  /** What the closure needs of the height, above the contents. */
  above: Derived;
}

/** How far up from the bottom line of a panel its sides begin, mm. */
export const sideStart = ({ base, cut }: Pick<Sleeve, 'base' | 'cut'>): number => Math.max(base.value / 2, cut.value);

/** How long the sides of the shell are, from where they begin to the mouth, mm. */
export const sideOf = (detail: Pick<Sleeve, 'base' | 'cut' | 'slope' | 'panelHeight'>): number =>
  detail.panelHeight.value - sideStart(detail) - detail.slope.value;
