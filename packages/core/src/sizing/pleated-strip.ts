import { byRule, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';

export const pleatedStripRule: Rule = {
  id: 'pleated-strip',
  formula: 'finished height + 2 × every depth + fold loss × 2 per pocket',
  source: 'geometry: the legs of the folded strip laid end to end',
};

export interface PleatedStrip {
  topToFirstMouth: Derived;
  /** Depth of each pocket from the top one down, mm. */
  depths: Derived[];
  /** Mouth to mouth, mm. */
  reveal: Derived;
  lastMouthToBottom: Derived;
  /** Length that each fold swallows, mm. */
  foldLoss: Derived;
}

export interface PleatedStripResult {
  stripLength: Derived;
  finishedHeight: Derived;
  /** Distance of each fold from the strip's top edge, mm. */
  foldAt: number[];
  foldKind: ('valley' | 'mountain')[];
}

/** The room under the mouth of pocket `index` down to the strip's bottom, mm. */
export const roomUnderMouth = ({ depths, reveal, lastMouthToBottom }: PleatedStrip, index: number): number =>
  (depths.length - 1 - index) * reveal.value + lastMouthToBottom.value;

/** One strip folded into pockets, one below the other.
 * @throws CoreError `size.deeperThanRoom` if a pocket is deeper than the room under its mouth */
export function pleatedStrip(strip: PleatedStrip): PleatedStripResult {
  const { topToFirstMouth, depths, reveal, lastMouthToBottom, foldLoss } = strip;
  depths.forEach((depth, index) => {
    const room = roomUnderMouth(strip, index);
    if (depth.value > room + 1e-9)
      throw new CoreError(
        'size.deeperThanRoom',
        `Pocket ${index + 1} is ${depth.value} deep, but there are only ${room} under its mouth.`,
        `depths[${index}]`,
      );
  });
  const finishedHeight = sum('finished height', [
    topToFirstMouth,
    times(Math.max(0, depths.length - 1), reveal),
    lastMouthToBottom,
  ]);
  const takeUp = pleatTakeUp(depths, foldLoss);
  const stripLength = sum('strip length', [finishedHeight, takeUp]);
  const legs = depths.flatMap((depth, index) => [
    (index === 0 ? topToFirstMouth.value : reveal.value) + depth.value,
    depth.value,
  ]);
  let before = 0;
  const foldAt = legs.map((leg, index) => (before += leg) + (index + 0.5) * foldLoss.value);
  const foldKind = legs.map((_, index) => (index % 2 === 0 ? ('valley' as const) : ('mountain' as const)));
  return { stripLength, finishedHeight, foldAt, foldKind };
}

/** What the pleats take out of the strip: each pocket runs down and up again. */
export function pleatTakeUp(depths: Derived[], foldLoss: Derived): Derived {
  const folds = 2 * depths.length;
  const value = 2 * depths.reduce((total, depth) => total + depth.value, 0) + folds * foldLoss.value;
  return byRule(pleatedStripRule, 'taken up by the pleats', value, [...depths, foldLoss]);
}
