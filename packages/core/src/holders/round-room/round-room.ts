import { byRule, largest, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { contribution } from '../../pieces/contribution.ts';
import { linesOf } from '../../pieces/room.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder, PlacedHolder } from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { seatRoom } from '../seat-rooms.ts';
import { asLying } from '../../contents/held.ts';
import { isRound, sidesOf } from '../sides.ts';
import { easeCavityEnd } from '../cavity/rules.ts';
import { easeRoundAcross } from './rules.ts';

/** One thing as it stands or lies on a round base. All mm. */
export interface OnBase {
  line: string;
  name: string;
  /** The circle round its footprint. */
  diameter: Derived;
  height: Derived;
  /** Its thickness goes up. */
  flat?: boolean;
}

export interface RoundRoom {
  pile: OnBase[];
  diameter: Derived;
  height: Derived;
}

const circleRule: Rule = {
  id: 'round-base',
  formula: '√(side² + side²)',
  source: 'geometry: the circle round a rectangle',
};

/** The circle round a thing, and how high it is. A disc lies flat; what is upright stands on its short end. */
export function onBase(held: HeldContents): OnBase {
  const { line, item, name } = held;
  const { across, deep, thickness } = sidesOf(item.shape === 'disc' ? asLying(held) : held);
  const round = (one: Derived, two: Derived) =>
    byRule(circleRule, `${name}, circle round it`, Math.hypot(one.value, two.value), [one, two]);
  // lying, it lies flat; any other way says itself what goes up
  const upright = line.orientation !== 'lying';
  const base = { line: line.id, name };
  if (item.shape === 'disc') return { ...base, diameter: across, height: thickness, flat: true };
  if (item.shape === 'ball') return { ...base, diameter: across, height: across };
  if (item.shape === 'cylinder')
    return isRound(item, line)
      ? { ...base, diameter: across, height: deep }
      : { ...base, diameter: round(across, thickness), height: deep };
  return upright
    ? { ...base, diameter: round(across, thickness), height: deep }
    : { ...base, diameter: round(across, deep), height: thickness, flat: true };
}

function measure(_params: Params, contents: HeldContents[], { rules }: HolderInputs): MeasuredHolder<RoundRoom> {
  const pile = contents.flatMap((held) => Array.from({ length: held.count }, () => onBase(held)));
  const diameter = largest(
    'the widest',
    pile.map((thing) => thing.diameter),
  );
  const height = sum('the pile', [...pile.map((thing) => thing.height), rules.length(easeCavityEnd)]);
  return {
    width: diameter,
    height,
    slabs: pile.map(({ line, name, diameter: wide, height: thickness }) => ({
      of: { line },
      label: name,
      x0: (diameter.value - wide.value) / 2,
      x1: (diameter.value + wide.value) / 2,
      y0: 0,
      y1: 1,
      thickness,
    })),
    stretches: { width: true, height: true },
    sizes: { diameter, pile: height },
    detail: { pile, diameter, height },
    findings: [],
  };
}

type Placed = PlacedHolder<RoundRoom, 'round'>;

function place(
  { detail, sizes, slabs }: MeasuredHolder<RoundRoom>,
  seat: SeatOf<'round'>,
  { id }: HolderInputs,
): Placed {
  const { x, y, width, height } = seat;
  let bottom = y;
  return {
    id,
    kind: 'round-room',
    seat,
    sizes,
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: [],
    things: detail.pile.map(({ line, name, diameter, height: high }) => {
      const at = bottom;
      bottom += high.value;
      const left = x + (width.value - diameter.value) / 2;
      return { line, name, x: left, y: at, width: diameter.value, height: high.value, radius: 0 };
    }),
    slabs,
    detail,
  };
}

/** The room on a round base: things lie or stand on each other. */
export const roundRoom: HolderKind<RoundRoom, 'round'> = {
  title: 'Round inside',
  params: {},
  rules: [easeRoundAcross, easeCavityEnd],
  seats: ['round'],
  suits: ({ shape }) => ({
    score: shape === 'disc' || shape === 'cylinder' || shape === 'ball' ? 0.9 : 0.5,
    why: 'What is round fills a round base best.',
  }),
  measure,
  place,
  contribute: ({ id, seat, detail }, { rules }) =>
    contribution({
      rooms: [
        seatRoom(id, seat, linesOf(detail.pile), {
          stands: { above: detail.pile.map(({ line, flat }) => ({ line, count: 1, ...(flat && { flat }) })) },
          ease: {
            across: sum('ease at both sides', [times(2, rules.length(easeRoundAcross))]),
            deep: rules.length(easeCavityEnd),
          },
        }),
      ],
    }),
};
