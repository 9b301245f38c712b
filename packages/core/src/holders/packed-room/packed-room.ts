import { byRule, given, largest, sum, type Derived, type Rule } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { Finding } from '../../errors/finding.ts';
import { say } from '../../errors/wording.ts';
import { pack } from '../../packing/pack.ts';
import { surfaceOf, type Packing, type Triple } from '../../packing/packable.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { contribution } from '../../pieces/contribution.ts';
import { linesOf } from '../../pieces/room.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { choiceParam } from '../params.ts';
import { seatRoom } from '../seat-rooms.ts';
import type { Slab } from '../slab.ts';
import {
  halfRound,
  looseThings,
  roomSides,
  type Loose,
  type PackedRoom,
  type PackedSeat,
  type RoomSide,
} from './ways.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';
import { wallReach } from '../../stacks/reach.ts';

const packRule: Rule = {
  id: 'packing',
  formula: 'the box of least surface round everything',
  source: 'geometry: search over arrangements, exact for six things',
};
const told = { across: 'all together, across', thick: 'all together, front to back', up: 'all together, upwards' };

export const packedParams = {
  longSide: {
    kind: 'choice',
    title: 'Long side lies',
    standard: 'across',
    choices: [
      { id: 'across', title: 'along the opening', why: 'The longest thing goes in lengthwise.' },
      { id: 'deep', title: 'from front to back', why: 'A short opening, and a deep room behind it.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

function measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<PackedRoom> {
  const { rules, id } = inputs;
  const things = contents.flatMap(looseThings);
  const packed = pack(things);
  const packing = things.some((thing) => thing.told)
    ? packed
    : turned(packed, choiceParam(params, 'longSide', packedParams.longSide));
  const asked = contents.flatMap((held) => {
    const first = things.find(({ line }) => line === held.line.id)!;
    return [first.sides.across, first.sides.deep, first.sides.thickness];
  });
  const together = Object.fromEntries(
    roomSides.map((side, axis) => [side, byRule(packRule, told[side], packing.size[axis]!, asked)]),
  ) as Record<RoomSide, Derived>;
  const ease = rules.length(easeCavityAcross);
  const sizes = {
    across: sum('clear across', [together.across, ease]),
    thick: sum('clear front to back', [together.thick, ease]),
    up: sum('clear upwards', [together.up, rules.length(easeCavityEnd)]),
  };
  // between a front and a back: half of the way round everything
  const wall = wallReach(inputs);
  const flat = tubeAround(rectHalfGirth(together.across, together.thick), { front: wall, back: wall }, ease);
  return {
    width: flat,
    height: sizes.up,
    slabs: slabsOf(things, packing),
    loaded: together.thick,
    footing: together.across,
    stretches: { width: true, height: true },
    passes: largest('half round the largest', things.map(halfRound)),
    ...cornerOf(things, packing),
    sizes,
    detail: { things, packing, together },
    findings: notTheBest(packing, id),
  };
}

/** A thing alone that lies flat is as round at its corners as it is seen from above. */
function cornerOf([thing, ...others]: readonly Loose[], { size }: Packing): { corner?: Derived } {
  if (!thing || others.length > 0 || thing.radius === 0 || size[2] !== thing.thin.value) return {};
  const from = { kind: 'item', path: `items/${thing.item.id}/planRadius`, source: thing.item.source } as const;
  return { corner: given(`${thing.name}, corner radius`, thing.radius, from) };
}

/** Whatever lies one way may be turned about the upright: the arrangement takes no more room so. */
function turned(packing: Packing, longSide: 'across' | 'deep'): Packing {
  const [across, thick] = packing.size;
  if (longSide === 'across' ? across >= thick : thick >= across) return packing;
  const swap = ([x, y, z]: Triple): Triple => [y, x, z];
  const places = packing.places.map(({ id, at, size }) => ({ id, at: swap(at), size: swap(size) }));
  return { ...packing, size: swap(packing.size), places };
}

/** From the back to the front, as seen from the front. */
function slabsOf(things: readonly Loose[], { places }: Packing): Slab[] {
  return [...places]
    .sort((a, b) => a.at[1] - b.at[1])
    .map(({ id, at: [x, , z], size: [wide, thick, high] }) => {
      const { line, name, sides } = things.find((thing) => thing.id === id)!;
      const source = [sides.across, sides.deep, sides.thickness].find(({ value }) => value === thick)!;
      return { of: { line }, label: name, x0: x, x1: x + wide, y0: z, y1: z + high, thickness: source, loose: true };
    });
}

/** More things than can be tried in every arrangement: how much a better one could save at most. */
function notTheBest({ exact, size, bound }: Packing, id: string): Finding[] {
  if (exact) return [];
  const share = Math.ceil((surfaceOf(size) / bound - 1) * 100);
  return [
    {
      code: 'packing.notProved',
      severity: 'note',
      about: [`holders/${id}`],
      numbers: { share },
      text: say`There are more things in ${id} than can be tried in every arrangement: a better one would save ${share} % of the surface at most.`,
    },
  ];
}

function place({ detail, sizes, slabs }: MeasuredHolder<PackedRoom>, seat: SeatOf<PackedSeat>, { id }: HolderInputs) {
  const { x, y, width, height } = seat;
  const aside = (width.value - detail.packing.size[0]) / 2;
  return {
    id,
    kind: 'packed-room',
    seat,
    sizes,
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: [],
    things: detail.packing.places.map(({ id: thing, at, size }) => {
      const { line, name, radius } = detail.things.find((each) => each.id === thing)!;
      return { line, name, x: x + aside + at[0], y: y + at[2], width: size[0], height: size[2], radius };
    }),
    slabs,
    detail,
  } satisfies PlacedHolder<PackedRoom, PackedSeat>;
}

const lineOf = (thing: string, { things }: PackedRoom): string => things.find(({ id }) => id === thing)!.line;

/** A room with walls all round: loose things lie and stand in it as they take the least cloth. */
export const packedRoom: HolderKind<PackedRoom, PackedSeat> = {
  title: 'Loose inside',
  params: packedParams,
  rules: [easeCavityAcross, easeCavityEnd],
  findings: ['packing.notProved'],
  seats: ['box', 'cavity', 'walled'],
  suits: () => ({ score: 0.55, why: 'Anything goes in that passes the opening.' }),
  measure,
  place,
  contribute: ({ id, seat, detail }, { rules }) =>
    contribution({
      rooms: [
        seatRoom(id, seat, linesOf(detail.things), {
          stands: {
            packed: detail.packing.places.map(({ id: thing, at, size }) => ({ line: lineOf(thing, detail), at, size })),
          },
          ease: { across: rules.length(easeCavityAcross), deep: rules.length(easeCavityEnd) },
        }),
      ],
    }),
};
