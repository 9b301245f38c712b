import { minus, named, rounded, roundedBelow, smallest, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { OperationDraft, Contribution } from '../../pieces/contribution.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { idsOf, faceLine, type Seam } from '../../pieces/seam.ts';
import { tubeAround, type Walls } from '../../sizing/tube-width.ts';
import { standing, widest, type Standing } from '../cavity/compartments.ts';
import { patchOn } from '../face-pocket/patch.ts';
import { pocketFront } from '../face-pocket/front.ts';
import { farther, frontSeat, pocketParams, visibleHandle } from '../face-pocket/pocket.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder, PlacedHolder } from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { linesBetween } from '../panel-lines.ts';
import { visibleParam } from '../params.ts';
import { standsOut } from '../sides.ts';
import { easeChannelAcross } from '../channel-row/rules.ts';
import { openDepth } from '../../sizing/depth.ts';
import { easePocketDeep } from '../face-pocket/rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import { doubledReach } from '../../stacks/reach.ts';

/** Channels side by side in a pocket of their own on a face. All mm. */
export interface ChannelPocket {
  channels: { thing: Standing; width: Derived }[];
  visible: Derived;
  /** Of the front, bottom to mouth. */
  high: Derived;
  /** As it lies. */
  front: Derived;
  /** Of both walls, to their outermost layers. */
  reach: Walls;
  bite: Derived;
}

/** What the thickest thing takes of the depth of all channels. */
const thickestOf = (things: readonly Standing[], reach: Walls) => ({
  thickness: widest(
    'the thickest',
    things.map(({ thickness }) => thickness),
  ),
  reach: farther(reach),
});

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<ChannelPocket> {
  const { rules, stacks, reach, grid, id, pin } = inputs;
  const things = contents.flatMap(standing);
  const front = sum('front, both layers', [times(2, stacks.pocket)]);
  const around = { front: doubledReach(inputs, 'pocket'), back: inputs.host ?? reach.lining };
  const bite = rules.length(topstitchInset);
  const channels = things.map((thing, index) => {
    const room = rounded(tubeAround(thing.halfGirth, around, rules.length(easeChannelAcross)), grid, 'up');
    return { thing, width: pin(`holders/${id}/channel${index + 1}`, named(`channel of ${thing.name}`, room)) };
  });
  const lengths = things.map(({ along }) => along);
  const longest = widest('the longest', lengths);
  const wished = visibleParam(design, contents, pocketParams.visible, rules, `holders/${id}`);
  const shortest = smallest('the shortest', lengths);
  const visible =
    wished.value > 0 ? smallest('shows', [standsOut(longest, wished), standsOut(shortest, wished)]) : wished;
  const widths = channels.map(({ width }) => width);
  const width = sum('pocket, stitch to stitch', [...widths, times(2, bite)]);
  const deep = openDepth({
    sunk: sum('goes down', [longest, minus(visible), rules.length(easePocketDeep)]),
    ...thickestOf(things, around),
  });
  const high = pin(`holders/${id}/depth`, roundedBelow(sum('pocket, bottom to mouth', [deep, bite]), visible, grid));
  const detail: ChannelPocket = { channels, high, visible, front, reach: around, bite };
  return {
    width,
    height: sum('pocket and what stands out of it', [high, visible]),
    slabs: slabsOf(detail, width.value, high.value),
    stretches: { width: false, height: false },
    sizes: {
      ...Object.fromEntries(channels.map((channel, index) => [`channel${index + 1}`, channel.width])),
      depth: high,
    },
    detail,
    findings: [],
  };
}

function slabsOf(
  { channels, bite, front: cloth }: ChannelPocket,
  width: number,
  height: number,
): MeasuredHolder['slabs'] {
  let at = bite.value;
  const things = channels.map(({ thing, width: wide }) => {
    const x0 = at + (wide.value - thing.across.value) / 2;
    at += wide.value;
    return {
      of: { line: thing.line },
      label: thing.name,
      x0,
      x1: x0 + thing.across.value,
      y0: bite.value,
      y1: bite.value + thing.along.value,
      thickness: thing.thickness,
      ...(thing.round && { round: true }),
    };
  });
  const front = { of: { role: 'pocket' as const }, label: 'channels', x0: 0, x1: width, y0: 0, y1: height };
  return [...things, { ...front, thickness: cloth }];
}

type Placed = PlacedHolder<ChannelPocket>;

/** Distances of the lines between channels from the left edge of the pocket, mm. */
const linesOf = ({ channels, bite }: ChannelPocket): number[] =>
  linesBetween(channels.map(({ width }) => width.value)).map((at) => at + bite.value);

function place({ detail, sizes, slabs }: MeasuredHolder<ChannelPocket>, whole: Seat, { id }: HolderInputs): Placed {
  const seat = frontSeat(whole, detail.high);
  const { x, y, width, height } = seat;
  const top = y + height.value;
  return {
    id,
    kind: 'channel-pocket',
    seat,
    sizes,
    mouths: [{ id, y: top, bottom: y, x0: x, x1: x + width.value }],
    stitching: linesOf(detail).map((at, index) => ({
      id: `${id}-${index + 1}`,
      from: [x + at, top],
      to: [x + at, y],
      label: 'channel',
    })),
    things: slabs.flatMap(({ of, label, x0, x1, y0, y1 }) =>
      'line' in of
        ? [{ line: of.line, name: label, x: x + x0, y: y + y0, width: x1 - x0, height: y1 - y0, radius: 0 }]
        : [],
    ),
    slabs,
    detail,
  };
}

function contribute({ id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const own = `holders/${id}`;
  const made = pocketFront(
    { id, name: 'Channels', front: 'fold', role: 'pocket', width: seat.width, height: seat.height },
    inputs,
  );
  const [front] = made.pieces;
  const places = linesOf(detail);
  const line = (name: string, x: number, y: number): StitchLine => ({
    id: name,
    from: [x, y],
    to: [x, y + seat.height.value],
    label: 'channel',
  });
  const between = places.map((_, index): Seam => ({
    id: `${own}#channel-${index + 1}`,
    kind: 'stitchedOn',
    a: faceLine(front!.id, `channel-${index + 1}`),
    b: faceLine(seat.host.piece, `${id}-channel-${index + 1}`),
  }));
  const { rules } = inputs;
  const asks = { across: rules.length(easeChannelAcross), deep: rules.length(easePocketDeep) };
  const rooms = detail.channels.map(({ thing }) => [thing]);
  const sewn = patchOn({ id, seat, made, between, rooms, shows: detail.visible, asks });
  const [, ...others] = sewn.pieces;
  const onHost = places.map((x, index) => line(`${id}-channel-${index + 1}`, seat.x + x, seat.y));
  const channels: OperationDraft = {
    id: `${own}/channels`,
    phase: 'pockets',
    needs: [`${own}/set`],
    title: `Stitch the channels of ${id}`,
    actions: [
      { verb: 'tryIn', holders: [id], each: true },
      { verb: 'sew', seams: idsOf(between), facing: 'wrongToRight', stopsAt: 'mouth' },
    ],
  };
  return {
    ...sewn,
    pieces: [{ ...front!, lines: places.map((x, index) => line(`channel-${index + 1}`, x, 0)) }, ...others],
    joins: [...sewn.joins, ...between],
    hostEdits: [...sewn.hostEdits, { piece: seat.host.piece, lines: onHost }],
    operations: [...sewn.operations, ...(places.length > 0 ? [channels] : [])],
  };
}

/** A pocket on a face stitched into channels: pens, probes, vials. */
export const channelPocket: HolderKind<ChannelPocket> = {
  title: 'Channels on a face',
  params: { visible: pocketParams.visible },
  rules: [easeChannelAcross, easePocketDeep, topstitchInset],
  shown: { clearWidth: 'channel1' },
  seats: ['leaf', 'wall'],
  suits: ({ length, width, shape }) => ({
    score: shape !== 'card' && length >= 2.5 * width ? 0.6 : 0.1,
    why: 'Long things stand best in channels.',
  }),
  measure,
  place,
  contribute,
  mouthHandle: ({ detail }) => visibleHandle(detail.visible),
};
