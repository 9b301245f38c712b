import {
  given,
  largest,
  named,
  product,
  rounded,
  roundedBelow,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { type Contribution } from '../../pieces/contribution.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { faceLine, type Seam } from '../../pieces/seam.ts';
import { flatBackDepth } from '../../sizing/depth.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { choiceParam } from '../params.ts';
import { type Sheaf } from '../sides.ts';
import { patchOn, pocketEase } from './patch.ts';
import { pocketFront } from './front.ts';
import { frontSeat, loadOf, pocketParams, sheafSlabs, sheafThings, type PocketLoad } from './pocket.ts';
import { easePocketAcross, easePocketDeep } from './rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import { doubledReach } from '../../stacks/reach.ts';

const params = {
  ...pocketParams,
  parts: {
    kind: 'choice',
    title: 'Inside',
    standard: 'one',
    choices: [
      { id: 'one', title: 'one room', why: 'All on one pile, fullness in two pleats.' },
      { id: 'two', title: 'stitched in the middle', why: 'Two rooms, a pleat in each.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** A pocket whose front is longer than the flat back behind it. All mm. */
export interface Bellows {
  load: PocketLoad;
  /** Of the front, bottom to mouth. */
  high: Derived;
  /** One or two; things are shared out in turn. */
  rooms: Sheaf[][];
  front: Derived;
  /** A single layer that would run as far outside of the things as the outermost does. */
  asOne: Derived;
  bite: Derived;
  /** Of one room, on the back and on the front. */
  backSpan: Derived;
  frontSpan: Derived;
}

type Placed = PlacedHolder<Bellows>;

const pile = (sheaves: readonly Sheaf[]): Derived =>
  sum(
    'things in one room',
    sheaves.map(({ thickness }) => thickness),
  );

const thicker = (rooms: readonly Sheaf[][]): Derived =>
  rooms.length === 1 ? pile(rooms[0]!) : largest('the thicker room', rooms.map(pile));

/** The front over a back span: the taut line over the thickest room, and ease. */
function frontOver(detail: Omit<Bellows, 'frontSpan'>, { rules, grid }: HolderInputs): Derived {
  const { rooms, load, backSpan, asOne } = detail;
  const thickness = thicker(rooms);
  const { frontLength } = flatBackPocket({ width: load.across, thickness, backSpan, frontThickness: asOne });
  return rounded(sum('front of a room', [frontLength, rules.length(easePocketAcross)]), grid, 'up');
}

/** Several of one thing alone are shared out to both rooms. */
function halved(contents: HeldContents[]): HeldContents[] {
  const [held] = contents;
  if (!held || contents.length > 1 || held.count < 2) return contents;
  const more = Math.ceil(held.count / 2);
  return [
    { ...held, count: more },
    { ...held, count: held.count - more },
  ];
}

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<Bellows> {
  const { rules, stacks, grid } = inputs;
  const parted = choiceParam(design, 'parts', params.parts) === 'two';
  const load = loadOf(design, parted ? halved(contents) : contents, inputs);
  const { sheaves, across } = load;
  const two = parted && sheaves.length > 1;
  const rooms = two ? [0, 1].map((side) => sheaves.filter((_, index) => index % 2 === side)) : [sheaves];
  const front = sum('front, both layers', [times(2, stacks.pocket)]);
  const bite = rules.length(topstitchInset);
  const asOne = sum('front, to its outermost layer, at both sides', [times(2, doubledReach(inputs, 'pocket'))]);
  const backSpan = rounded(sum('back of a room', [across, asOne]), grid, 'up');
  const deep = flatBackDepth({ sunk: load.sunk, thickness: thicker(rooms), reach: doubledReach(inputs, 'pocket') });
  const high = roundedBelow(sum('pocket, bottom to mouth', [deep, bite]), load.visible, grid);
  const partial = { load, high, rooms, front, asOne, bite, backSpan };
  const detail: Bellows = { ...partial, frontSpan: frontOver(partial, inputs) };
  const width = sum('pocket, stitch to stitch', [times(rooms.length, backSpan), times(2, bite)]);
  return {
    width,
    height: sum('pocket and what stands out of it', [high, load.visible]),
    slabs: slabsOf(detail, width.value, high.value),
    stretches: { width: true, height: false },
    sizes: { backSpan, depth: high },
    detail,
    findings: [],
  };
}

/** Middle of a room, mm from the left. */
const middleOf = ({ rooms, bite }: Bellows, room: number, width: number): number =>
  bite.value + ((width - 2 * bite.value) * (room + 0.5)) / rooms.length;

function slabsOf(detail: Bellows, width: number, height: number): MeasuredHolder['slabs'] {
  const things = detail.rooms.flatMap((sheaves, room) =>
    sheafSlabs(sheaves, middleOf(detail, room, width), detail.bite.value),
  );
  const cloth = { of: { role: 'pocket' as const }, label: 'bellows pocket', x0: 0, x1: width, y0: 0, y1: height };
  return [...things, { ...cloth, thickness: detail.front }];
}

function place({ detail, sizes }: MeasuredHolder<Bellows>, whole: Seat, inputs: HolderInputs): Placed {
  const seat = frontSeat(whole, detail.high);
  const { x, y, width, height } = seat;
  const { id } = inputs;
  const share = given('share of a room', 1 / detail.rooms.length, { kind: 'standard', path: 'bellows' }, 'ratio');
  const between = sum('between the side stitches', [width, times(-2, detail.bite)]);
  // on a wider face the rooms are wider, and the front needs less beyond them
  const backSpan = named('back of a room', product('back of a room', [between, share]));
  const placed: Bellows = { ...detail, backSpan };
  placed.frontSpan = frontOver(placed, inputs);
  const top = y + height.value;
  return {
    id,
    kind: 'bellows-pocket',
    seat,
    sizes: { ...sizes, backSpan, frontSpan: placed.frontSpan, fullness: fullnessOf(placed) },
    mouths: [{ id, y: top, bottom: y, x0: x, x1: x + width.value }],
    stitching:
      detail.rooms.length === 1
        ? []
        : [
            {
              id: `${id}-middle`,
              from: [x + width.value / 2, top],
              to: [x + width.value / 2, y],
              label: 'stitched in the middle',
            },
          ],
    things: placed.rooms.flatMap((sheaves, room) =>
      sheafThings(sheaves, x + middleOf(placed, room, width.value), y + placed.bite.value),
    ),
    slabs: slabsOf(placed, width.value, height.value),
    detail: placed,
  };
}

/** How much longer the front is than the back, all rooms. */
const fullnessOf = ({ rooms, frontSpan, backSpan }: Bellows): Derived =>
  sum('fullness of the front', [times(rooms.length, frontSpan), times(-rooms.length, backSpan)]);

function contribute({ id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const { rooms, frontSpan, bite } = detail;
  const width = sum('front, stitch to stitch', [times(rooms.length, frontSpan), times(2, bite)]);
  const fullness = fullnessOf(detail);
  const made = pocketFront(
    { id, name: 'Bellows pocket', front: 'fold', role: 'pocket', width, height: seat.height },
    inputs,
  );
  const middle = rooms.length > 1 ? middleSeam(id, seat, width.value) : undefined;
  const between = middle ? [middle.seam] : [];
  const { visible: shows } = detail.load;
  const ease = { bottom: { by: fullness, lies: 'folds' as const } };
  const sewn = patchOn({
    id,
    seat,
    made,
    ease,
    between,
    stitched: between,
    needs: [`holders/${id}/pleat`],
    rooms,
    shows,
    asks: pocketEase(inputs),
    flat: true,
  });
  const [front, ...others] = sewn.pieces;
  const lines = [...pleatLines(detail, width.value, seat.height.value), ...(middle ? [middle.onFront] : [])];
  return {
    ...sewn,
    pieces: [{ ...front!, lines }, ...others],
    joins: [...sewn.joins, ...between],
    hostEdits: [...sewn.hostEdits, ...(middle ? [{ piece: seat.host.piece, lines: [middle.onHost] }] : [])],
    operations: [
      ...sewn.operations,
      {
        id: `holders/${id}/pleat`,
        phase: 'prepare',
        needs: [`holders/${id}/fold`],
        title: `Lay the pleats of pocket ${id}`,
        actions: [{ verb: 'pleat', piece: front!.id, fuller: fullness.value }],
      },
    ],
  };
}

/** Each room has its fullness in two pleats, one towards each side. */
function pleatLines({ rooms, frontSpan, backSpan, bite }: Bellows, _width: number, height: number): StitchLine[] {
  const deep = (frontSpan.value - backSpan.value) / 2;
  const up = Math.min(25, height / 2);
  return rooms.flatMap((_, room) => {
    const [start, end] = [bite.value + room * frontSpan.value, bite.value + (room + 1) * frontSpan.value];
    const at = [start + 2, start + 2 + deep, end - 2 - deep, end - 2];
    return at.map((x, index) => ({
      id: `pleat-${room + 1}-${index + 1}`,
      from: [x, 0] as [number, number],
      to: [x, up] as [number, number],
      label: index % 2 === 0 ? 'pleat' : '',
    }));
  });
}

function middleSeam(id: string, { host, x, y, width, height }: Seat, front: number) {
  const onFront: StitchLine = { id: 'middle', from: [front / 2, 0], to: [front / 2, height.value], label: 'middle' };
  const at = x + width.value / 2;
  const onHost: StitchLine = {
    id: `${id}-middle`,
    from: [at, y],
    to: [at, y + height.value],
    label: `middle of ${id}`,
  };
  const seam: Seam = {
    id: `holders/${id}#middle`,
    kind: 'stitchedOn',
    a: faceLine(`holders/${id}/front`, 'middle'),
    b: faceLine(host.piece, `${id}-middle`),
  };
  return { onFront, onHost, seam };
}

/** A pocket for what is thick, on a back that stays flat: its front has fullness, laid in pleats at the bottom. */
export const bellowsPocket: HolderKind<Bellows> = {
  title: 'Bellows pocket',
  params,
  rules: [easePocketAcross, easePocketDeep, topstitchInset],
  seats: ['leaf', 'wall'],
  suits: ({ thickness }) => ({ score: thickness > 12 ? 0.45 : 0.3, why: 'Takes what is thick; the back stays flat.' }),
  measure,
  place,
  contribute,
};
