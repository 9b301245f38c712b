import type { CutPieces } from '../../holders/seat.ts';
import type { BodyKind } from '../body-kind.ts';
import { sleeveLikeSection } from '../section.ts';
import { rollBoards } from './boards.ts';
import { contributeRoll } from './contribute.ts';
import { rollStandsOff } from './rules.ts';
import { rollParams, sizeRoll, SHELL, type Roll } from './size.ts';
import { choiceParam } from '../../holders/params.ts';
import { mouthHem, seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';
import { unlined } from '../unlined.ts';

/** The driving sizes of a roll from its cut pieces: the inverse of making. mm */
function readBack(cut: CutPieces): Record<string, number> {
  const { sewn, folds } = cut(SHELL);
  const [pocketDepth = 0, flapFold] = folds;
  const top = flapFold ?? sewn.height;
  const flap = sewn.height - top;
  return {
    openWidth: sewn.width,
    pocketDepth,
    height: top - pocketDepth,
    ...(flapFold && { flap }),
  };
}

/** Rolls for tools and brushes: a lined cloth whose bottom is folded up into a pocket of channels. */
export const roll: BodyKind<Roll> = {
  title: 'Roll',
  about: 'a cloth with its bottom folded up into channels',
  orientation: 'upright',
  closures: ['none', 'tie'],
  closesWith: 'tie',
  params: rollParams,
  rules: [seamAllowance, mouthHem, topstitchInset, turningGap, rollStandsOff],
  adapt: (params, given) => (choiceParam(params, 'layers', rollParams.layers) === 'lined' ? given : unlined(given)),
  findings: ['roll.stiffInside'],
  faces: () => [{ id: 'pocket', title: 'in the pocket along the bottom', seat: 'channels' }],
  size: sizeRoll,
  contribute: contributeRoll,
  boards: rollBoards,
  section: ({ detail }, placed, { stacks }) =>
    sleeveLikeSection({ width: detail.width.value, state: 'open', total: detail.loaded }, placed, stacks),
  readBack,
};
