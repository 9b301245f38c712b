import {
  given,
  largest,
  named,
  product,
  rounded,
  roundedAmount,
  roundedBelow,
  smallest,
  sum,
  times,
  minus,
  type Derived,
} from '../../derived/derived.ts';
import { nothing } from '../../derived/constants.ts';
import type { Params } from '../../document/design-document.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { openDepth } from '../../sizing/depth.ts';
import { pleatTakeUp } from '../../sizing/pleated-strip.ts';
import type { HeldContents, HolderInputs, MeasuredHolder } from '../holder-kind.ts';
import { doubledReach } from '../../stacks/reach.ts';
import { farther } from '../face-pocket/pocket.ts';
import { choiceParam, lengthParam, visibleParam } from '../params.ts';
import { mostOf, sidesOf, standsOut, together } from '../sides.ts';
import { thickest, type Slab } from '../slab.ts';
import { columnAt, mouthAt, pocketBottom, tiersParams, type CardPile, type Slot, type Tiers } from './tiers.ts';
import { easeCardAcross, easeCardDeep, foldLoss } from './rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

/** Sizes card tiers from the cards, the cloth and the rules. */
export function measureTiers(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<Tiers> {
  const tiers = sizeTiers(params, contents, inputs);
  const { slots, reveal, header, last, bite, slotWidth } = tiers;
  const width = sum('panel width', [times(tiers.columns, slotWidth), times(2, bite)]);
  const height = sum('panel height', [header, times(Math.max(0, slots.length - 1), reveal), last]);
  const slabs = tierSlabs(tiers, width.value, height.value, inputs);
  const sizes: Record<string, Derived> = { slotWidth };
  slots.forEach(({ depth }, index) => (sizes[`depth${index + 1}`] = named(`pocket ${index + 1}, depth`, depth)));
  if (tiers.making === 'pleated') {
    const loss = inputs.rules.length(foldLoss);
    sizes.takeUp = pleatTakeUp(
      slots.map(({ depth }) => depth),
      loss,
    );
  }
  const loaded = named('thickness, loaded', thickest('thickness, loaded', slabs).thickness);
  return {
    width,
    height,
    slabs,
    // the front of a room reaches to the fold
    stretches: { width: inputs.isFront ?? false, height: true },
    sizes: { ...sizes, reveal, loaded },
    detail: tiers,
    findings: [],
  };
}

function sizeTiers(params: Params, contents: HeldContents[], inputs: HolderInputs): Tiers {
  const { rules, stacks, grid, id } = inputs;
  const path = `holders/${id}`;
  const making = choiceParam(params, 'making', tiersParams.making);
  const reveal = roundedAmount(lengthParam(params, 'reveal', tiersParams.reveal, rules, path), grid);
  const columns = Number(choiceParam(params, 'columns', tiersParams.columns));
  const piles = contents.flatMap((held) =>
    pilesOf(held, visibleParam(params, [held], tiersParams.visible, rules, path)),
  );
  const around = {
    front: making === 'pleated' ? doubledReach(inputs, 'pocket') : inputs.reach.pocket,
    back: making === 'applied' ? (inputs.host ?? inputs.reach.lining) : inputs.reach.onPocket,
  };
  const slots = inRows(piles, columns).map((row, index) => slotOf(row, index, farther(around), inputs));
  const bite = rules.length(topstitchInset);
  const front = making === 'pleated' ? product('pleat, both layers', [two, stacks.pocket]) : stacks.pocket;
  const partial = { making, columns, slots, reveal, bite, front, around };
  const rooms = slots.map(({ depth }, index) =>
    sum(`pocket ${index + 1} down to the bottom`, [depth, bite, times(-(slots.length - 1 - index), reveal)]),
  );
  const showing = piles.map(({ shows }) => shows).filter(({ value }) => value > 0);
  const least = showing.length > 0 ? smallest('shows least', showing) : nothing;
  const last = roundedBelow(largest('last mouth to bottom', rooms), least, grid);
  const tops = slots.map(({ deep, depth }, index) =>
    sum(`card ${index + 1} above the first mouth`, [deep, minus(depth), times(-index, reveal), bite]),
  );
  // a mouth never lies above the panel's own top edge
  const header = rounded(largest('top to first mouth', [bite, ...tops]), grid, 'up');
  const noWidth: Tiers = { ...partial, last, header, slotWidth: header };
  return { ...noWidth, slotWidth: slotWidthOf(noWidth, inputs) };
}

const two = given('layers', 2, { kind: 'standard', path: 'layers' }, 'count');
function pilesOf(held: HeldContents, visible: Derived): CardPile[] {
  const { line, item, name } = held;
  const { across, deep, thickness: one } = sidesOf(held);
  const shared = { line: line.id, name, across, deep, shows: standsOut(deep, visible), radius: item.planRadius ?? 0 };
  const piles: CardPile[] = [];
  for (let left = held.count; left > 0; left -= line.perHolder) {
    const count = Math.min(left, line.perHolder);
    piles.push({ ...shared, count, thickness: together(name, count, one) });
  }
  return piles;
}

const inRows = <T>(all: readonly T[], columns: number): T[][] =>
  Array.from({ length: Math.ceil(all.length / columns) }, (_, row) => all.slice(row * columns, (row + 1) * columns));

/** A tier is as wide, thick and deep as the largest of its cards ask. Cards that show stand higher by what their thickness takes of the
 * depth; what must go in, all of it or the most that holds it, has that too.
 * @param reach to the outermost layer of the cloth round it, mm */
function slotOf(piles: CardPile[], index: number, reach: Derived, { id, rules, grid, pin }: HolderInputs): Slot {
  const most = (label: string, sizes: Derived[]) => (sizes.length === 1 ? sizes[0]! : largest(label, sizes));
  const depths = piles.map(({ deep, shows, thickness }) => {
    const ease = rules.length(easeCardDeep);
    const sunk = sum('pocket depth', [deep, minus(shows), ease]);
    const held = shows.value > 0 ? sum('held', [mostOf(deep), ease]) : sunk;
    const least = openDepth({ sunk: held, thickness, reach });
    return roundedBelow(sunk.value > least.value ? sunk : least, shows, grid);
  });
  const size = (label: string, key: 'across' | 'deep' | 'thickness') =>
    most(
      label,
      piles.map((pile) => pile[key]),
    );
  return {
    piles,
    across: size('the wider card', 'across'),
    deep: size('the longer card', 'deep'),
    thickness: size('the thicker cards', 'thickness'),
    depth: pin(`holders/${id}/depth${index + 1}`, most('pocket depth', depths)),
  };
}

/** The widest demand of all fronts: each clears every card and pocket lying behind it. */
function slotWidthOf(tiers: Tiers, { id, rules, grid, pin }: HolderInputs): Derived {
  const ease = rules.length(easeCardAcross);
  const demands = tiers.slots.map((_, index) => frontDemand(tiers, index, ease));
  const widest = demands.reduce((most, demand) => (demand.value > most.value + 1e-9 ? demand : most), demands[0]!);
  return pin(`holders/${id}/slotWidth`, named('slot, clear width', rounded(widest, grid, 'up')));
}

function frontDemand(tiers: Tiers, index: number, ease: Derived): Derived {
  const { widest, thickness } = behindFront(tiers, index);
  return tubeAround(rectHalfGirth(widest, thickness), tiers.around, ease);
}

/** The tiers whose cards lie behind a front, where it is. */
export function overlapping(tiers: Tiers, index: number): number[] {
  const [floor, mouth] = [pocketBottom(tiers, index), mouthAt(tiers, index)];
  return tiers.slots.slice(0, index).flatMap(({ deep }, other) => {
    const bottom = pocketBottom(tiers, other);
    return bottom < mouth && bottom + deep.value > floor ? [other] : [];
  });
}

/** What front `index` must go round: the widest card, and all cards and pockets that overlap it from behind. */
export function behindFront(tiers: Tiers, index: number): { widest: Derived; thickness: Derived } {
  const { slots, front } = tiers;
  const [floor, mouth] = [pocketBottom(tiers, index), mouthAt(tiers, index)];
  const behind = slots.slice(0, index + 1).map((slot, other) => ({ slot, bottom: pocketBottom(tiers, other), other }));
  const cards = behind.filter(({ slot, bottom }) => bottom < mouth && bottom + slot.deep.value > floor);
  const pockets = behind.filter(
    ({ other, bottom }) => other < index && mouthAt(tiers, other) > floor && bottom < mouth,
  );
  const counts = new Map<Derived, number>();
  for (const { slot } of cards) counts.set(slot.thickness, (counts.get(slot.thickness) ?? 0) + 1);
  const thickness = sum('cards and pockets in the way', [
    ...[...counts].map(([of, count]) => ({ times: count, of })),
    times(pockets.length, front),
  ]);
  const wider = (most: Derived, { slot }: { slot: Slot }) => (slot.across.value > most.value ? slot.across : most);
  return { widest: cards.reduce(wider, slots[index]!.across), thickness };
}

/** Everything that lies on the host, from the host upwards. */
export function tierSlabs(tiers: Tiers, width: number, height: number, { stacks }: HolderInputs): Slab[] {
  const whole = { x0: 0, x1: width, y0: 0, y1: height };
  const panel: Slab[] = [
    { of: { role: 'lining' }, label: 'backing', ...whole, thickness: stacks.lining },
    { of: { role: 'pocket' }, label: 'panel', ...whole, thickness: stacks.pocket },
  ];
  const slabs = tiers.making === 'applied' ? [] : panel;
  tiers.slots.forEach((slot, index) => {
    const [bottom, mouth] = [pocketBottom(tiers, index), mouthAt(tiers, index)];
    const isLast = index === tiers.slots.length - 1;
    slot.piles.forEach(({ line, name, across, deep, thickness }, column) => {
      const bite = tiers.bite.value;
      const middle = bite + columnAt(tiers, column) * (width - 2 * bite);
      const [x0, x1] = [middle - across.value / 2, middle + across.value / 2];
      slabs.push({ of: { line }, label: name, x0, x1, y0: bottom, y1: bottom + deep.value, thickness });
    });
    const front = { x0: 0, x1: width, y0: isLast ? 0 : bottom, y1: mouth };
    slabs.push({ of: { role: 'pocket' }, label: `pocket ${index + 1}`, ...front, thickness: tiers.front });
  });
  return slabs;
}

/** The panel's own height with the room it was given: what is over goes above the first mouth. */
export function headerIn(tiers: Tiers, height: Derived): Derived {
  const rest = [times(-Math.max(0, tiers.slots.length - 1), tiers.reveal), minus(tiers.last)];
  return sum('top to first mouth', [height, ...rest]);
}
