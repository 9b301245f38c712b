import { easeCavityAcross } from '../../holders/cavity/rules.ts';
import { choiceParam } from '../../holders/params.ts';
import { unlined } from '../unlined.ts';
import type { Params } from '../../document/design-document.ts';
import type { BodyKind } from '../body-kind.ts';
import { sleeveBoards } from './boards.ts';
import { contributeSleeve } from './contribute.ts';
import { readBackSleeve } from './read-back.ts';
import { sleeveSection } from './section.ts';
import { isSideFolded, isSloped, sleeveParams, type Sleeve } from './params.ts';
import { sizeSleeve } from './size.ts';
import { liningSchool, liningShorter } from '../lining-rules.ts';
import { mouthTurnIn, seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** Whether there are two side seams, up to the mouth, that something can hang from. */
const hangs = (params: Params): boolean => !isSloped(params) && !isSideFolded(params);

/** Sleeves, pouches and bags with a mouth at the top; the bottom is folded or sewn, flat or boxed. */
export const sleeve: BodyKind<Sleeve> = {
  title: 'Sleeve',
  about: 'a front and a back with a mouth at the top',
  orientation: 'upright',
  closures: ['none', 'snap-row', 'drawstring', 'wrap-ribbon', 'strap-over', 'zip-top', 'fold-zip', 'flap'],
  excludes: [
    {
      param: 'corners',
      choice: 'mouth',
      closures: ['snap-row', 'drawstring', 'wrap-ribbon', 'zip-top', 'flap'],
      why: 'it needs a level mouth',
    },
    {
      param: 'corners',
      choice: 'mouth',
      settings: { layers: 'single' },
      why: 'a hem does not turn the corners of a mouth with three sides; a lining does',
    },
    ...(['mouth', 'cut'] as const).map((corners) => ({
      param: 'bottom',
      choice: 'side',
      settings: { corners },
      why: 'at a fold no corner can be cut off',
    })),
    {
      param: 'bottom',
      choice: 'side',
      settings: { form: 'boxed' },
      why: 'a base is boxed where two side seams end',
    },
    {
      param: 'bottom',
      choice: 'side',
      closures: ['drawstring'],
      why: 'cords leave through gaps in two side seams, and it has one',
    },
    {
      param: 'bottom',
      choice: 'side',
      closures: ['zip-top'],
      why: 'a whole zipper closes to a ring before the mouth is sewn flat; one tape of it goes round the fold',
    },
    {
      param: 'turn',
      choice: 'mouth',
      closures: ['zip-top', 'fold-zip'],
      why: 'the zipper lies in all of the mouth',
    },
    {
      param: 'turn',
      choice: 'mouth',
      settings: { rim: 'plain' },
      why: 'the topstitching of the mouth closes the gap',
    },
    {
      param: 'turn',
      choice: 'dropped',
      closures: ['fold-zip'],
      why: 'its tape is sewn between shell and lining while both lie flat',
    },
    {
      param: 'turn',
      choice: 'dropped',
      settings: { rim: 'plain' },
      why: 'only the stitching holds a mouth that is turned in',
    },
    {
      param: 'turn',
      choice: 'dropped',
      settings: { corners: 'mouth' },
      why: 'a mouth with three sides is sewn and turned, not folded in',
    },
    ...(['fold', 'side'] as const).map((bottom) => ({
      param: 'turn',
      choice: 'bottom',
      settings: { bottom },
      why: 'a folded bottom has no seam that could be left open',
    })),
    ...(['fold', 'seam'] as const).map((choice) => ({
      param: 'bottom',
      choice,
      closures: ['fold-zip'],
      why: 'its one tape goes round a fold at the side',
    })),
  ],
  parts: ['handles', 'strap-over', 'pocket-strap', 'base-pad', 'ring-tabs', 'shoulder-strap', 'stiffener'],
  params: sleeveParams,
  rules: [seamAllowance, topstitchInset, mouthTurnIn, turningGap, liningSchool, liningShorter, easeCavityAcross],
  findings: ['corner.notCutOut'],
  adapt: (params, given) => (choiceParam(params, 'layers', sleeveParams.layers) === 'lined' ? given : unlined(given)),
  faces: (params) => [
    { id: 'inside', title: 'between front and back', seat: hangs(params) ? 'walled' : 'cavity' },
    { id: 'front', title: 'on the outside of the front', seat: 'wall', outside: true },
    ...(hangs(params) ? [{ id: 'divider', title: 'hanging between the side seams', seat: 'pouch' as const }] : []),
  ],
  size: sizeSleeve,
  contribute: contributeSleeve,
  boards: sleeveBoards,
  section: sleeveSection,
  readBack: readBackSleeve,
};
