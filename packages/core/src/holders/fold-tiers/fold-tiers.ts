import { named, sum, times } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { measureTiers } from '../card-tiers/measure.ts';
import { placeTiers, stripOf } from '../card-tiers/place.ts';
import { easeCardAcross, easeCardDeep, foldLoss } from '../card-tiers/rules.ts';
import { cardTiers } from '../card-tiers/card-tiers.ts';
import { tiersParams } from '../card-tiers/tiers.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder, Segment } from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import type { FoldTiers, Placed } from './panel.ts';
import { contributeFoldTiers } from './contribute.ts';
import { panelTabs } from './rules.ts';

const params = { reveal: tiersParams.reveal, visible: tiersParams.visible };

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<FoldTiers> {
  const { rules, stacks } = inputs;
  const tiers = measureTiers({ ...design, making: 'pleated', columns: '2' }, contents, inputs);
  const bound = rules.length(panelTabs);
  const width = sum('panel across the fold', [times(2, tiers.detail.slotWidth), times(2, bound)]);
  return {
    ...tiers,
    width,
    stretches: { width: false, height: false },
    // its back is the strip itself
    slabs: tiers.slabs.map((slab) =>
      slab.label === 'backing' ? { ...slab, of: { role: 'pocket' }, thickness: stacks.pocket } : slab,
    ),
    detail: { ...tiers.detail, bound },
  };
}

/** Each column lies on its leaf beside the fold; on wider leaves nothing of it changes. */
function place(measured: MeasuredHolder<FoldTiers>, face: SeatOf<'across'>, inputs: HolderInputs): Placed {
  const { bound, slotWidth } = measured.detail;
  const [from, to] = face.fold;
  const column = bound.value + slotWidth.value;
  const width = sum('panel, end to end', [measured.width, face.spine]);
  const seat = { ...face, x: from - column, width };
  const placed = placeTiers(measured, seat, inputs);
  const middles = [bound.value + slotWidth.value / 2, width.value - bound.value - slotWidth.value / 2];
  // of two columns the first is left of the middle that it was measured with
  const columnOf = (middle: number, whole: number) => (middle < whole / 2 ? 0 : 1);
  const detail = { ...measured.detail, header: placed.detail.header };
  return {
    ...placed,
    kind: 'fold-tiers',
    seat,
    sizes: {
      ...placed.sizes,
      stripLength: sum('strip, unfolded, with its back', [stripOf(detail, inputs).stripLength, seat.height]),
      tabs: named('tab, folded', bound),
    },
    stitching: [
      ...[seat.x + bound.value, seat.x + width.value - bound.value].map((x, index): Segment => ({
        id: `${inputs.id}-tab-${index + 1}`,
        from: [x, seat.y],
        to: [x, seat.y + seat.height.value],
        label: 'tab',
      })),
      ...placed.stitching.filter(({ id }) => !id.endsWith('-middle')),
      ...[from, to].map((x, index): Segment => ({
        id: `${inputs.id}-middle-${index + 1}`,
        from: [x, seat.y],
        to: [x, seat.y + seat.height.value],
        label: 'beside the fold',
      })),
    ],
    things: placed.things.map((thing) => {
      const middle = middles[columnOf(thing.x - seat.x + thing.width / 2, width.value)]!;
      return { ...thing, x: seat.x + middle - thing.width / 2 };
    }),
    slabs: placed.slabs.map((slab) => {
      if ('role' in slab.of) return { ...slab, x1: width.value };
      const half = (slab.x1 - slab.x0) / 2;
      const middle = middles[columnOf(slab.x0 + half, measured.width.value)]!;
      return { ...slab, x0: middle - half, x1: middle + half };
    }),
    detail,
  };
}

/** Card pockets on both leaves, pleated from one strip across the fold. */
export const foldTiers: HolderKind<FoldTiers, 'across'> = {
  title: 'Card panel across the fold',
  params,
  rules: [easeCardAcross, easeCardDeep, topstitchInset, foldLoss, panelTabs],
  shown: { numbered: 'mouths', clearWidth: 'slotWidth' },
  seats: ['across'],
  // pockets on each leaf are at hand first: this one takes both
  suits: (item) => {
    const { score, why } = cardTiers.suits(item);
    return { score: score / 2, why };
  },
  measure,
  place,
  contribute: contributeFoldTiers,
  mouthHandle: (placed) => cardTiers.mouthHandle!(placed as never),
};
