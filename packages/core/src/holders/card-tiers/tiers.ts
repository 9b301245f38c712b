import type { Walls } from '../../sizing/tube-width.ts';
import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../holder-kind.ts';
import { tiersReveal, tiersVisible } from './rules.ts';

export type TiersMaking = 'stacked' | 'pleated' | 'applied' | 't-slots';

export const tiersParams = {
  making: {
    kind: 'choice',
    title: 'Made as',
    standard: 'stacked' as TiersMaking,
    choices: [
      { id: 'stacked' as TiersMaking, title: 'stacked pieces', why: 'Thinner mouths, more pieces to hem.' },
      { id: 'pleated' as TiersMaking, title: 'one pleated strip', why: 'One piece, no hems, thicker folds.' },
      {
        id: 't-slots' as TiersMaking,
        title: 'T-shaped pieces',
        why: 'Only a tongue goes down behind the next pocket: thin at the sides and the bottom.',
      },
      {
        id: 'applied' as TiersMaking,
        title: 'sewn straight on',
        why: 'Pockets on the leaf itself, no panel behind them: thinnest.',
      },
    ],
  },
  columns: {
    kind: 'choice',
    title: 'Side by side',
    standard: '1',
    choices: [
      { id: '1', title: 'one column', why: 'The panel is as wide as a card.' },
      { id: '2', title: 'two, stitched in the middle', why: 'Twice the cards; a crooked middle seam robs one pocket.' },
    ],
  },
  reveal: { kind: 'length', title: 'Reveal', rule: tiersReveal },
  visible: { kind: 'length', title: 'Card shows', rule: tiersVisible },
} as const satisfies Record<string, ParamSpec>;

/** Cards that share one pocket. All mm. */
export interface CardPile {
  line: string;
  name: string;
  count: number;
  /** Size of a card as it stands in the slot. */
  across: Derived;
  deep: Derived;
  /** All of them together. */
  thickness: Derived;
  /** What stands out above the mouth, wished. */
  shows: Derived;
  radius: number;
}

/** One tier: a pocket, or two side by side. Its sizes are those of its largest cards. All mm. */
export interface Slot {
  piles: CardPile[];
  across: Derived;
  deep: Derived;
  thickness: Derived;
  /** Mouth to pocket bottom, on the grid. */
  depth: Derived;
}

/** Card pockets one below the other; slot 0 is the top one, lying behind all others. */
export interface Tiers {
  making: TiersMaking;
  /** Pockets side by side in each tier. */
  columns: number;
  slots: Slot[];
  reveal: Derived;
  /** Panel top to the first mouth, least, mm. */
  header: Derived;
  /** Last mouth to the panel's bottom, mm. */
  last: Derived;
  /** Topstitching that bites in beside the slots and below them, mm. */
  bite: Derived;
  slotWidth: Derived;
  /** Cloth of one pocket front, mm. */
  front: Derived;
  /** Of a front and of the wall behind all cards: from the cards to its outermost layer that does not give, mm. */
  around: Walls;
}

/** Height of a mouth above the panel's bottom, mm. */
export const mouthAt = ({ slots, reveal, last }: Tiers, index: number): number =>
  (slots.length - 1 - index) * reveal.value + last.value;

/** Height of a pocket's bottom above the panel's bottom, mm. */
export const pocketBottom = (tiers: Tiers, index: number): number =>
  mouthAt(tiers, index) - tiers.slots[index]!.depth.value;

/** Middle of a column, as a share of the clear width between the bites. */
export const columnAt = ({ columns }: Pick<Tiers, 'columns'>, column: number): number => (column + 0.5) / columns;
