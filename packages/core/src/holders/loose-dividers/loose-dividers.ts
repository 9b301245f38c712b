import { nothing } from '../../derived/constants.ts';
import { largest, named, rounded, roundedAmount, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { rectHalfGirth, tubeAround, type Walls } from '../../sizing/tube-width.ts';
import { standing } from '../cavity/compartments.ts';
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
import type { Slab } from '../slab.ts';
import { contributeDividers } from './contribute.ts';
import { hang, type DividedRoom, type LooseDividers } from './rooms.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';
import { dividerAbove } from '../divider-pouch/rules.ts';
import { doubledReach, wallReach } from '../../stacks/reach.ts';

const params = {
  dividers: {
    kind: 'choice',
    title: 'Dividers',
    standard: 'two',
    choices: [
      { id: 'one', title: 'one, on the back', why: 'Two rooms behind it, one in front.' },
      { id: 'two', title: 'two, on front and back', why: 'Two rooms behind each, one in the middle.' },
    ],
  },
  below: {
    kind: 'choice',
    title: 'Below',
    standard: 'open',
    choices: [
      { id: 'open', title: 'open', why: 'They can be pushed aside, and sand falls through.' },
      { id: 'fixed', title: 'stitched to the lining', why: 'Each room is closed off below.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** Contents go to the rooms in turn: behind the dividers first, what is left stands in the middle. */
function sharedOut(contents: HeldContents[], sides: LooseDividers['sides']): DividedRoom[] {
  const ids = [...sides.flatMap((side) => [`${side}-left`, `${side}-right`] as const), 'middle' as const];
  const groups = contents.map(standing);
  const beside = ids.length - 1;
  return ids.map((id, index) => {
    const things =
      index < beside
        ? groups.length > 1
          ? (groups[index] ?? [])
          : []
        : groups.slice(groups.length > 1 ? beside : 0).flat();
    const across = sum(
      `${id}, across`,
      things.map((thing) => thing.across),
    );
    const thickness = largest(`${id}, thick`, [nothing, ...things.map((thing) => thing.thickness)]);
    return { id, things, across, thickness };
  });
}

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<LooseDividers> {
  const { rules, stacks, grid } = inputs;
  const sides: LooseDividers['sides'] =
    choiceParam(design, 'dividers', params.dividers) === 'two' ? ['back', 'front'] : ['back'];
  const rooms = sharedOut(contents, sides).filter(({ things }) => things.length > 0);
  const divider = sum('divider, both layers', [times(2, stacks.pocket)]);
  const ease = rules.length(easeCavityAcross);
  const demands = [
    ...rooms.map((room) => demandOf(room, sides, inputs, ease)),
    demandOfAll(rooms, sides.length, divider, inputs),
  ];
  const width = named('flat width', rounded(largest('flat width', demands), grid, 'up'));
  const along = rooms.flatMap(({ things }) => things.map((thing) => thing.along));
  const height = sum('depth', [largest('the tallest', along), rules.length(easeCavityEnd)]);
  const clear = roundedAmount(rules.length(dividerAbove), grid);
  const fixed = choiceParam(design, 'below', params.below) === 'fixed';
  const rows = rowsOf(rooms, sides.length, divider);
  const detail: LooseDividers = { sides, fixed, rooms, depth: height, clear, divider };
  return {
    width,
    height,
    slabs: slabsOf(detail, width.value, height),
    loaded: rows.thickness,
    footing: rows.across,
    passes: largest(
      'half round the largest',
      rooms.flatMap(({ things }) => things.map((thing) => thing.halfGirth)),
    ),
    stretches: { width: true, height: true },
    sizes: { depth: height, dividerHeight: hang(detail, height).height },
    detail,
    findings: [],
  };
}

/** From what stands in a room to the outermost layers round it, mm: beside a divider that and the lining, in the middle a divider
 * on each side that has one. */
function reachIn(id: DividedRoom['id'], sides: LooseDividers['sides'], inputs: HolderInputs): Walls {
  const wall = wallReach(inputs);
  const divider = doubledReach(inputs, 'pocket', 'divider');
  if (id !== 'middle') return { front: divider, back: wall };
  return { front: sides.includes('front') ? divider : wall, back: divider };
}

/** What a room asks of the flat width: a room beside a centre stitch has half of it. */
function demandOf(
  { id, across, thickness }: DividedRoom,
  sides: LooseDividers['sides'],
  inputs: HolderInputs,
  ease: Derived,
): Derived {
  const one = tubeAround(rectHalfGirth(across, thickness), reachIn(id, sides, inputs), ease);
  if (id === 'middle') return one;
  return sum(`twice ${id}`, [times(2, one)]);
}

/** Everything together goes through the mouth: rows from the back to the front, and the dividers between them. */
function demandOfAll(rooms: readonly DividedRoom[], dividers: number, divider: Derived, inputs: HolderInputs): Derived {
  const { across, thickness } = rowsOf(rooms, dividers, divider);
  const wall = wallReach(inputs);
  const walls = { front: wall, back: wall };
  return tubeAround(rectHalfGirth(across, thickness), walls, inputs.rules.length(easeCavityAcross));
}

/** Rows from the back to the front with the dividers between them: they lie on each other wherever things stand. */
function rowsOf(
  rooms: readonly DividedRoom[],
  dividers: number,
  divider: Derived,
): { across: Derived; thickness: Derived } {
  const rows = (['back', 'middle', 'front'] as const)
    .map((row) => rooms.filter(({ id }) => id.startsWith(row)))
    .filter((row) => row.length > 0);
  const across = rows.map((row) =>
    sum(
      'a row, across',
      row.map((room) => room.across),
    ),
  );
  const thick = rows.map((row) =>
    largest(
      'a row, thick',
      row.map((room) => room.thickness),
    ),
  );
  const thickness = sum('rows and dividers', [...thick, times(dividers, divider)]);
  return { across: largest('the widest row', across), thickness };
}

const order: DividedRoom['id'][] = ['back-left', 'back-right', 'middle', 'front-left', 'front-right'];

/** Things as they stand, from the back upwards: rooms beside each other share their level. */
function slabsOf(detail: LooseDividers, width: number, height: Derived): Slab[] {
  const { rooms, sides, divider } = detail;
  const { height: high, clear } = hang(detail, height);
  const centre = (id: DividedRoom['id']) =>
    id === 'middle' ? width / 2 : id.endsWith('left') ? width / 4 : (3 * width) / 4;
  const sorted = [...rooms].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
  const things = sorted.flatMap(({ id, things: inside, across }) => {
    let at = centre(id) - across.value / 2;
    return inside.map((thing): Slab => {
      const x0 = at;
      at += thing.across.value;
      return {
        of: { line: thing.line },
        label: thing.name,
        x0,
        x1: at,
        y0: 0,
        y1: Math.min(height.value, thing.along.value),
        thickness: thing.thickness,
        row: id.split('-')[0]!,
      };
    });
  });
  const divided = (side: LooseDividers['sides'][number]): Slab[] =>
    sides.includes(side)
      ? [
          {
            of: { role: 'pocket' },
            label: `divider, ${side}`,
            x0: 0,
            x1: width,
            y0: clear.value,
            y1: clear.value + high.value,
            thickness: divider,
          },
        ]
      : [];
  const row = (name: string) => things.filter((slab) => slab.row === name);
  return [...row('back'), ...divided('back'), ...row('middle'), ...divided('front'), ...row('front')];
}

type Placed = PlacedHolder<LooseDividers, 'walled'>;

function place({ detail, sizes }: MeasuredHolder<LooseDividers>, seat: SeatOf<'walled'>, { id }: HolderInputs): Placed {
  const { x, y, width, height } = seat;
  const slabs = slabsOf(detail, width.value, height);
  const { height: high, clear } = hang(detail, height);
  const middle = x + width.value / 2;
  const bottom = y + clear.value;
  return {
    id,
    kind: 'loose-dividers',
    seat,
    sizes,
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: [
      { id: `${id}-centre`, from: [middle, bottom + high.value], to: [middle, bottom], label: 'divider, centre' },
    ],
    things: slabs.flatMap(({ of, label, x0, x1, y1 }) =>
      'line' in of ? [{ line: of.line, name: label, x: x + x0, y, width: x1 - x0, height: y1, radius: 0 }] : [],
    ),
    slabs,
    detail,
  };
}

/** Rooms of a bag between dividers that hang loose: flat tubes of cloth caught in the side seams and stitched to the
 * lining along their centre, open below. */
export const looseDividers: HolderKind<LooseDividers, 'walled'> = {
  title: 'Dividers',
  params,
  rules: [easeCavityAcross, easeCavityEnd, dividerAbove],
  seats: ['walled'],
  suits: () => ({ score: 0.3, why: 'Several things apart in one large bag.' }),
  measure,
  place,
  contribute: contributeDividers,
};
