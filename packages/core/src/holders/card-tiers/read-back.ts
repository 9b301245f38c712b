import { half } from '../../derived/constants.ts';
import { given, minus, named, product, sum, type Derived } from '../../derived/derived.ts';
import { cardPanel } from '../../sizing/card-panel.ts';
import type { Clearance, HolderInputs, PlacedHolder } from '../holder-kind.ts';
import type { CutPieces } from '../seat.ts';
import { clearanceOf } from '../sides.ts';
import { behindFront } from './measure.ts';
import type { CardPile, Tiers } from './tiers.ts';
import { easeCardAcross, easeCardDeep, foldLoss } from './rules.ts';
import { mouthHem, seamAllowance } from '../../shelves/rules/common-rules.ts';

/** What each card has across and down in the pockets as they are cut. */
export function readBackTiers(cut: CutPieces, placed: PlacedHolder<Tiers>, inputs: HolderInputs): Clearance[] {
  return placed.detail.slots.flatMap(({ piles }, index) =>
    piles.flatMap((pile) => [acrossOf(cut, placed, inputs, pile, index), deepOf(cut, placed, inputs, pile, index)]),
  );
}

const none = given('none at the middle', 0, { kind: 'standard', path: 'nothing' });

type Reading = (
  cut: CutPieces,
  placed: PlacedHolder<Tiers>,
  inputs: HolderInputs,
  pile: CardPile,
  index: number,
) => Clearance;

const acrossOf: Reading = (cut, { id, detail }, { rules }, pile, index) => {
  const seam = rules.length(seamAllowance);
  const front = `holders/${id}/${{ pleated: 'strip', stacked: 'panel', 't-slots': 'panel', applied: `pocket-${index + 1}` }[detail.making]}`;
  const { widest, thickness } = behindFront(detail, index);
  const whole = given('cut width', cut(front).width, { kind: 'cut', path: front });
  const two = detail.columns === 2;
  // a half ends at the middle seam: it has one seam and one topstitching only
  const audit = cardPanel({
    cutWidth: two ? product('half of the panel', [whole, half]) : whole,
    seamLeft: seam,
    seamRight: two ? none : seam,
    topstitchLeft: detail.bite,
    topstitchRight: two ? none : detail.bite,
    itemWidth: widest,
    itemThickness: thickness,
    walls: { front: detail.front, back: detail.back },
  });
  return {
    holder: id,
    line: pile.line,
    name: pile.name,
    direction: 'across',
    required: audit.requiredWidth,
    available: audit.clearWidth,
    clearance: audit.clearance,
    ease: rules.length(easeCardAcross).value,
  };
};

const deepOf: Reading = (cut, { id, detail }, inputs, pile, index) => {
  return clearanceOf({
    holder: id,
    line: pile.line,
    name: pile.name,
    direction: 'deep',
    required: sum('held by the pocket', [pile.deep, minus(pile.shows)]),
    available: cutDepth(cut, id, detail, inputs, index),
    ease: inputs.rules.length(easeCardDeep).value,
  });
};

/** Mouth to pocket bottom as cut: by the folds of the strip, or by the pocket's own height. */
function cutDepth(cut: CutPieces, id: string, tiers: Tiers, { rules }: HolderInputs, index: number): Derived {
  if (tiers.making === 'pleated') {
    const { folds } = cut(`holders/${id}/strip`);
    const apart = Math.abs(folds[2 * index]! - folds[2 * index + 1]!);
    const leg = given('fold to fold', apart, { kind: 'cut', path: `holders/${id}/strip` });
    return sum('pocket depth', [leg, minus(rules.length(foldLoss))]);
  }
  const piece = `holders/${id}/pocket-${index + 1}`;
  const height = given('cut height', cut(piece).height, { kind: 'cut', path: piece });
  const hem = [minus(rules.length(mouthHem)), minus(rules.length(seamAllowance))];
  const bite = index === tiers.slots.length - 1 ? [minus(tiers.bite)] : [];
  return named('pocket depth', sum('pocket depth', [height, ...hem, ...bite]));
}
