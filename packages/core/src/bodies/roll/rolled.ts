import type { Point } from '../../geometry/perimeter.ts';
import type { StackThickness } from '../../holders/holder-kind.ts';
import type { Section, SectionLayer } from '../section.ts';
import { stretchesOf } from './stretches.ts';

/** A roll wound up, seen from its end. All mm, the middle of its core at the origin, y upwards. */
export interface Rolled {
  /** The middles of its walls, from the inside end. */
  walls: Point[][];
  /** Shell and lining together. */
  wall: number;
  things: { line: string; label: string; points: Point[] }[];
  /** From outside to outside. */
  width: number;
  height: number;
  left: number;
  bottom: number;
  /** How often it goes round. */
  turns: number;
  /** Whether its core is round. */
  round: boolean;
}

/** Flats of a wound-up strip are drawn in pieces of this length, and corners in so many. */
const STEP = 1;
const CORNER = 12;
/** A stretch takes up this much of the strip at least, so that the winding ends. */
const LEAST = 0.01;
/** Corners of what is round. */
const ROUND = 32;

/** Winds a strip round its first thing: along each stretch it is as thick as its thing and both walls, and lies on what was
 * wound there before.
 * @param section of the roll lying open, its inside end at u = 0
 * @returns nothing if there is nothing to wind it round */
export function rolledUp(
  { layers, width }: Pick<Section, 'layers' | 'width'>,
  stacks: Pick<StackThickness, 'exterior' | 'lining'>,
): Rolled | undefined {
  const things = layers.filter(isThing).sort((a, b) => a.u0 - b.u0);
  const [core, ...others] = things;
  if (!core) return undefined;
  const wall = stacks.exterior.value + stacks.lining.value;
  const stretches = stretchesOf(
    things.map(({ u0, u1 }) => ({ from: u0, to: u1 })),
    width,
  );
  const around = coreOf(core, wall);
  const heights = around.bins.map(() => 0);
  const [inner, outer]: [Point[], Point[]] = [around.upper, around.lower];
  const passed: Passed[] = [];
  let at = stretches[0]?.from ?? width;
  let turned = 0;
  for (; at < width - 1e-9; turned++) {
    const index = turned % around.bins.length;
    const bin = around.bins[index]!;
    const thing = others[stretches.findIndex(({ to }) => at < to)];
    const thick = (thing ? heightOf(thing) : 0) + 2 * wall;
    const below = around.radius + heights[index]!;
    inner.push(out(bin, below + wall / 2));
    outer.push(out(bin, below + thick - wall / 2));
    const length = Math.max(LEAST, bin.length + bin.turn * (below + thick / 2));
    passed.push({ bin, at, below, thick });
    heights[index]! += thick;
    at += length;
  }
  const drawn = [
    thingShape(core, around.shape),
    ...others.map((thing) => thingShape(thing, placed(thing, passed, wall))),
  ];
  const walls = [inner, outer, ...(around.ring ? [around.ring] : [])].filter((points) => points.length > 1);
  return {
    walls,
    wall,
    things: drawn,
    turns: turned / around.bins.length,
    round: core.round === true,
    ...extentOf(walls, drawn, wall),
  };
}

type ThingLayer = SectionLayer & { of: { line: string } };
const isThing = (layer: SectionLayer): layer is ThingLayer => 'line' in layer.of;
const heightOf = ({ z0, z1 }: SectionLayer): number => z1 - z0;
const thingShape = ({ of, label }: ThingLayer, points: Point[]) => ({ line: of.line, label, points });

/** A part of the way round the core: of a flat its length, of a corner its turn in rad. */
interface Bin {
  base: Point;
  normal: Point;
  length: number;
  turn: number;
}

/** A part of the strip where it has come to lie. */
interface Passed {
  bin: Bin;
  /** Along the strip. */
  at: number;
  /** From the base of the bin to where the strip begins. */
  below: number;
  thick: number;
}

const out = ({ base: [x, y], normal: [u, v] }: Bin, by: number): Point => [x + u * by, y + v * by];

interface Core {
  bins: Bin[];
  /** Of its corners: of a round one its own. */
  radius: number;
  /** Where the walls above and below it begin. */
  upper: Point[];
  lower: Point[];
  /** The wall round a round one. */
  ring?: Point[];
  shape: Point[];
}

/** The first thing between the walls, from the right end round and back to it, counter-clockwise. */
function coreOf(core: ThingLayer, wall: number): Core {
  const thick = heightOf(core) + 2 * wall;
  const wide = core.u1 - core.u0 + 2 * wall;
  if (core.round) {
    const ring = circle([0, 0], (thick - wall) / 2);
    return {
      bins: corner([0, 0], -Math.PI / 2, 4),
      radius: thick / 2,
      upper: [],
      lower: [],
      ring: [...ring, ring[0]!],
      shape: circle([0, 0], heightOf(core) / 2),
    };
  }
  const [w, t] = [wide / 2, thick / 2];
  const corners: Point[] = [
    [w, t],
    [-w, t],
    [-w, -t],
    [w, -t],
  ];
  const line = (y: number): Point[] => [
    [-w, y],
    [w, y],
  ];
  return {
    bins: corners.flatMap((end, side) => [
      ...flat(corners[(side + 3) % 4]!, end),
      ...corner(end, (side * Math.PI) / 2, 1),
    ]),
    radius: 0,
    upper: line(t - wall / 2),
    lower: line(wall / 2 - t),
    shape: [
      [wall - w, wall - t],
      [w - wall, wall - t],
      [w - wall, t - wall],
      [wall - w, t - wall],
    ],
  };
}

function flat([x, y]: Point, [u, v]: Point): Bin[] {
  const length = Math.hypot(u - x, v - y);
  const count = Math.max(1, Math.round(length / STEP));
  const normal: Point = [(v - y) / length, (x - u) / length];
  return Array.from({ length: count }, (_, index): Bin => {
    const share = (index + 0.5) / count;
    return { base: [x + share * (u - x), y + share * (v - y)], normal, length: length / count, turn: 0 };
  });
}

/** So many right angles from a direction on. */
function corner(base: Point, from: number, quarters: number): Bin[] {
  const turn = Math.PI / 2 / CORNER;
  return Array.from({ length: CORNER * quarters }, (_, index): Bin => {
    const angle = from + (index + 0.5) * turn;
    return { base, normal: [Math.cos(angle), Math.sin(angle)], length: 0, turn };
  });
}

const circle = ([x, y]: Point, radius: number): Point[] =>
  Array.from({ length: ROUND }, (_, index): Point => {
    const angle = (2 * Math.PI * index) / ROUND;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** A thing where its stretch of the strip has come to lie: what is flat goes along with it. */
function placed(thing: ThingLayer, passed: readonly Passed[], wall: number): Point[] {
  const middle = (thing.u0 + thing.u1) / 2;
  const own = passed.filter(({ at }) => at >= thing.u0 - 1e-9 && at <= thing.u1 + 1e-9);
  const nearest = passed.reduce<Passed | undefined>(
    (best, each) => (best && Math.abs(best.at - middle) <= Math.abs(each.at - middle) ? best : each),
    undefined,
  );
  if (!nearest) return [];
  if (thing.round) return circle(out(nearest.bin, nearest.below + nearest.thick / 2), heightOf(thing) / 2);
  const along = own.length > 1 ? own : [nearest];
  return [
    ...along.map(({ bin, below }) => out(bin, below + wall)),
    ...along.map(({ bin, below, thick }) => out(bin, below + thick - wall)).reverse(),
  ];
}

/** A large round thing at the end of a short strip may stand out of its walls. */
function extentOf(
  walls: readonly Point[][],
  things: Rolled['things'],
  wall: number,
): Pick<Rolled, 'width' | 'height' | 'left' | 'bottom'> {
  const range = (axis: 0 | 1): [number, number] => {
    const cloth = walls.flat().map((point) => point[axis]);
    const within = things.flatMap(({ points }) => points.map((point) => point[axis]));
    return [Math.min(Math.min(...cloth) - wall / 2, ...within), Math.max(Math.max(...cloth) + wall / 2, ...within)];
  };
  const [[left, right], [bottom, top]] = [range(0), range(1)];
  return { left, bottom, width: right - left, height: top - bottom };
}
