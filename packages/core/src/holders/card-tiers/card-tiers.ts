import type { HolderKind } from '../holder-kind.ts';
import { contributeTiers } from './contribute.ts';
import { measureTiers } from './measure.ts';
import { choiceParam } from '../params.ts';
import { idsOf } from './fronts.ts';
import { placeTiers } from './place.ts';
import { tiersParams, type Tiers } from './tiers.ts';
import { easeCardAcross, easeCardDeep, foldLoss } from './rules.ts';
import { mouthHem, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** Card pockets one below the other on a leaf, as stacked pieces or one pleated strip. */
export const cardTiers: HolderKind<Tiers> = {
  title: 'Card tiers',
  params: tiersParams,
  rules: [easeCardAcross, easeCardDeep, topstitchInset, mouthHem, foldLoss],
  shown: { numbered: 'mouths', clearWidth: 'slotWidth' },
  seats: ['leaf'],
  suits({ shape, length, thickness }) {
    if (shape !== 'card') return { score: 0, why: 'Card pockets hold flat things.' };
    if (thickness > 3) return { score: 0, why: 'Too thick for a card pocket.' };
    if (length > 115) return { score: 0.2, why: 'Long for a card pocket.' };
    return { score: thickness >= 0.3 ? 1 : 0.4, why: 'Flat and about the size of a card.' };
  },
  measure: measureTiers,
  place: placeTiers,
  contribute: contributeTiers,
  roomFront(id, params) {
    const making = choiceParam(params, 'making', tiersParams.making);
    // the seam between two columns goes through to the leaf
    const parted = choiceParam(params, 'columns', tiersParams.columns) !== '1';
    if (making === 'applied' || parted) return undefined;
    const { front, backing } = idsOf(id, making);
    return {
      layers: [backing, front],
      seams: { outer: `${backing}#outer`, bottom: `${backing}#bottom`, top: `${backing}#top` },
    };
  },
  // the lowest mouth stays, the one above it moves with the reveal
  mouthHandle: ({ mouths }) => {
    const [lower, upper] = [mouths.length - 1, mouths.length - 2];
    if (upper < 0) return undefined;
    return { param: 'reveal', mouth: upper, value: mouths[upper]!.y - mouths[lower]!.y, towards: 1 };
  },
};
