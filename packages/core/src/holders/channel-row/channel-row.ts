import { idsOf } from '../../pieces/seam.ts';
import { HELD } from '../../contents/held.ts';
import { given, largest, minus, named, product, rounded, smallest, sum, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { openDepth } from '../../sizing/depth.ts';
import { tubeAround, type Walls } from '../../sizing/tube-width.ts';
import { standing, stoodOf, widest, type Standing } from '../cavity/compartments.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import { choiceParam } from '../params.ts';
import type { SeatOf } from '../seat.ts';
import type { Slab } from '../slab.ts';
import { linesBetween, linesOnPanels } from '../panel-lines.ts';
import { partedRooms } from '../seat-rooms.ts';
import { easeChannelAcross, easeChannelEnd } from './rules.ts';
import { wallReach } from '../../stacks/reach.ts';

/** One channel with what stands in it. */
export interface Channel {
  thing: Standing;
  width: Derived;
  /** It may take what is left over: its width is not pinned. */
  free: boolean;
}

/** Channels side by side in a pocket, in winding order: the first lies at the inside end. */
export interface ChannelRow {
  channels: Channel[];
  /** From the fold up to the pocket's mouth, mm. */
  depth: Derived;
  /** Of both walls, to their outermost layers. */
  reach: Walls;
  /** Who takes what the roll is wider than all channels ask. */
  spare: 'end' | 'last' | 'all';
}

/** Common practice: a tool wants this much to be gripped by. */
const GRIP = given('to grip it by', 10, { kind: 'standard', path: 'grip', source: 'common practice' });

const channelParams = {
  spare: {
    kind: 'choice',
    title: 'Width left over',
    standard: 'end',
    choices: [
      { id: 'end', title: 'stays bare at the outer end', why: 'Channels are as wide as their things ask.' },
      { id: 'last', title: 'goes to the last channel', why: 'One measure for all, and the last takes what is left.' },
      { id: 'all', title: 'is shared by all', why: 'Every channel is a little roomier.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

function measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<ChannelRow> {
  const { rules, grid, id, pin } = inputs;
  const things = contents.flatMap(standing);
  const wall = wallReach(inputs);
  const around = { front: wall, back: wall };
  const channels = things.map((thing, index): Channel => {
    const width = tubeAround(thing.halfGirth, around, rules.length(easeChannelAcross));
    const room = rounded(named(`channel of ${thing.name}`, width), grid, 'up');
    const pinned = pin(`holders/${id}/channel${index + 1}`, room);
    return { thing, width: pinned, free: pinned === room };
  });
  const longest = widest(
    'the longest',
    things.map(({ along }) => along),
  );
  const shortest =
    things.length === 1
      ? longest
      : smallest(
          'the shortest',
          things.map(({ along }) => along),
        );
  const end = rules.length(easeChannelEnd);
  const stands = widest(
    'open height',
    things.map(({ along, thickness }) => openDepth({ sunk: sum('goes down', [along, end]), thickness, reach: wall })),
  );
  const depth = named(
    'pocket depth',
    pin(`holders/${id}/pocketDepth`, rounded(depthOf(longest, shortest), grid, 'up')),
  );
  // a pocket folded up from the cloth cannot be higher than the cloth behind it
  const height = depth.value > stands.value ? largest('open height', [stands, depth]) : stands;
  const width = sum(
    'all channels',
    channels.map((channel) => channel.width),
  );
  const spare = choiceParam(params, 'spare', channelParams.spare);
  return {
    width,
    height,
    slabs: slabsOf(channels),
    stretches: { width: spare !== 'end', height: true },
    sizes: {
      ...widthsOf(channels),
      pocketDepth: depth,
    },
    detail: { channels, depth, reach: around, spare },
    findings: depthFindings(channels, depth, id),
  };
}

const widthsOf = (channels: readonly Channel[]): Record<string, Derived> =>
  Object.fromEntries(channels.map(({ width }, index) => [`channel${index + 1}`, width]));

/** Each thing in the middle of its channel. */
function slabsOf(channels: readonly Channel[]): Slab[] {
  let at = 0;
  return channels.map(({ thing, width: wide }) => {
    const x0 = at + (wide.value - thing.across.value) / 2;
    at += wide.value;
    return {
      of: { line: thing.line },
      label: thing.name,
      x0,
      x1: x0 + thing.across.value,
      y0: 0,
      y1: thing.along.value,
      thickness: thing.thickness,
      ...(thing.round && { round: true }),
      ...(thing.rigid && { rigid: true }),
    };
  });
}

/** Channels with what the pocket is wider than all of them ask. Those that are pinned take none of it.
 * @param left mm */
function shared({ channels, spare }: ChannelRow, left: Derived): Channel[] {
  const free = channels.filter((channel) => channel.free);
  const takers = new Set(spare === 'all' ? free : spare === 'last' ? free.slice(-1) : []);
  if (left.value <= 1e-9 || takers.size === 0) return [...channels];
  const part = given('its part', 1 / takers.size, { kind: 'standard', path: 'channel/part' }, 'ratio');
  const more = takers.size === 1 ? left : product('its part of what is left over', [left, part]);
  return channels.map((channel) =>
    takers.has(channel) ? { ...channel, width: sum(channel.width.label, [channel.width, more]) } : channel,
  );
}

/** Deep enough to hold the longest, not so deep that the shortest cannot be gripped, and always most of the shortest. */
function depthOf(longest: Derived, shortest: Derived): Derived {
  const wished = product('most of the longest', [longest, HELD]);
  const cap = sum('so that the shortest shows', [shortest, minus(GRIP)]);
  const least = product('most of the shortest', [shortest, HELD]);
  return largest('pocket depth', [least, smallest('what both allow', [wished, cap])]);
}

function depthFindings(channels: readonly Channel[], depth: Derived, id: string): Finding[] {
  return channels.flatMap(({ thing: { name, along, line } }): Finding[] => {
    const about = [`holders/${id}`, `contents/${line}`];
    const held = depth.value / along.value;
    if (depth.value > along.value - 3)
      return [
        {
          code: 'channel.sinks',
          severity: 'watch',
          about,
          numbers: { depth: depth.value },
          text: say`${name} sinks into its channel: it is ${mm(along.value)} long, the pocket ${mm(depth.value)} deep.`,
        },
      ];
    if (held < HELD.value - 0.005)
      return [
        {
          code: 'channel.tipsOut',
          severity: 'watch',
          about,
          numbers: { held },
          limit: HELD.value,
          text: say`Only ${Math.round(held * 100)} % of ${name} stand in the pocket; it may tip out while it is rolled. A flap over the top would hold it.`,
        },
      ];
    return [];
  });
}

type Placed = PlacedHolder<ChannelRow, 'channels'>;

/** Distances of the lines between channels from the inside end, mm. */
const linesOf = ({ channels }: ChannelRow): number[] => linesBetween(channels.map(({ width }) => width.value));

function place(measured: MeasuredHolder<ChannelRow>, seat: SeatOf<'channels'>, { id }: HolderInputs): Placed {
  const left = sum('left over', [seat.width, minus(measured.width)]);
  const detail: ChannelRow = { ...measured.detail, channels: shared(measured.detail, left) };
  const slabs = slabsOf(detail.channels);
  const sizes = { ...measured.sizes, ...widthsOf(detail.channels) };
  const { x, y } = seat;
  const depth = detail.depth.value;
  return {
    id,
    kind: 'channel-row',
    seat,
    sizes,
    mouths: [{ id, y: y + depth, bottom: y, x0: x, x1: x + seat.width.value }],
    stitching: linesOf(detail).map((at, index) => ({
      id: `${id}-${index + 1}`,
      from: [x + at, y + depth],
      to: [x + at, y],
      label: 'channel',
    })),
    things: slabs.map(({ label, x0, x1, y1 }, index) => {
      const { line, radius, round } = detail.channels[index]!.thing;
      return { line, name: label, x: x + x0, y, width: x1 - x0, height: y1, radius: round ? 0 : radius };
    }),
    slabs,
    detail,
  };
}

/** The pocket is stitched to what lies behind it between the channels. */
function contribute({ id, seat, detail }: Placed, { rules }: HolderInputs): Contribution {
  const places = linesOf(detail);
  const { panels } = seat;
  const lines = linesOnPanels({ id, panels, places, down: detail.depth.value, name: 'channel' });
  const rooms = partedRooms({
    id,
    seat,
    seams: lines.joins,
    stands: detail.channels.map(({ thing }) => [stoodOf(thing)]),
    grips: true,
    ease: { across: rules.length(easeChannelAcross), deep: rules.length(easeChannelEnd) },
  });
  if (places.length === 0) return contribution({ rooms });
  return contribution({
    ...lines,
    rooms,
    operations: [
      {
        id: `holders/${id}/channels`,
        phase: 'finish',
        needs: ['body/pocket'],
        title: `Stitch the channels of ${id}`,
        actions: [
          { verb: 'tryIn', holders: [id], each: true },
          {
            verb: 'sew',
            seams: idsOf(lines.joins),
            facing: 'wrongToRight',
            allLayers: true,
            from: 'fold',
            stopsAt: 'mouth',
          },
        ],
      },
    ],
  });
}

/** A row of channels in a pocket as wide as the piece: pens, probes, brushes, tools. */
export const channelRow: HolderKind<ChannelRow, 'channels'> = {
  title: 'Channels',
  params: channelParams,
  rules: [easeChannelAcross, easeChannelEnd],
  shown: { numbered: 'things', clearWidth: 'channel1' },
  findings: ['channel.sinks', 'channel.tipsOut'],
  seats: ['channels'],
  suits: ({ shape, length, width }) => ({
    score: shape === 'card' || length < 1.5 * width ? 0.5 : length >= 2.5 * width ? 0.9 : 0.7,
    why: 'Long things stand best in channels.',
  }),
  // what is stiff and flat is rolled up first, the widest before all: it is not bent
  first: ({ rigid, shape, width, length, thickness }) =>
    rigid && (shape === 'card' || shape === 'box' || shape === 'book')
      ? Math.max(0, Math.min(width, length) - thickness)
      : 0,
  measure,
  place,
  contribute,
};
