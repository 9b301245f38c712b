import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../holder-kind.ts';

export type TiersMaking = 'stacked' | 'pleated' | 'applied';

export const tiersParams = {
  making: {
    kind: 'choice',
    title: 'Made as',
    standard: 'stacked' as TiersMaking,
    choices: [
      { id: 'stacked' as TiersMaking, title: 'stacked pieces', why: 'Thinner mouths, more pieces to hem.' },
      { id: 'pleated' as TiersMaking, title: 'one pleated strip', why: 'One piece, no hems, thicker folds.' },
      {
        id: 'applied' as TiersMaking,
        title: 'sewn straight on',
        why: 'Pockets on the leaf itself, no panel behind them: thinnest.',
      },
    ],
  },
  reveal: { kind: 'length', title: 'Reveal', rule: 'tiers.reveal' },
  visible: { kind: 'length', title: 'Card shows', rule: 'tiers.visible' },
} as const satisfies Record<string, ParamSpec>;

/** One pocket of the tiers with the cards that share it. */
export interface Slot {
  line: string;
  name: string;
  count: number;
  /** Size of the card as it stands in the slot, mm. */
  across: Derived;
  deep: Derived;
  /** All cards of the slot together, mm. */
  thickness: Derived;
  /** What stands out above the mouth, wished, mm. */
  shows: Derived;
  radius: number;
  /** Mouth to pocket bottom, on the grid, mm. */
  depth: Derived;
}

/** Card pockets one below the other; slot 0 is the top one, lying behind all others. */
export interface Tiers {
  making: TiersMaking;
  slots: Slot[];
  reveal: Derived;
  /** Panel top to the first mouth, least, mm. */
  header: Derived;
  /** Last mouth to the panel's bottom, mm. */
  last: Derived;
  /** Topstitching that bites in beside the slots and below them, mm. */
  bite: Derived;
  slotWidth: Derived;
  /** Cloth of one pocket front, and of the wall behind all cards, mm. */
  front: Derived;
  back: Derived;
}

/** Height of a mouth above the panel's bottom, mm. */
export const mouthAt = ({ slots, reveal, last }: Tiers, index: number): number =>
  (slots.length - 1 - index) * reveal.value + last.value;

/** Height of a pocket's bottom above the panel's bottom, mm. */
export const pocketBottom = (tiers: Tiers, index: number): number =>
  mouthAt(tiers, index) - tiers.slots[index]!.depth.value;
