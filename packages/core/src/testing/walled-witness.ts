import { flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { NamedLine, Packed, Ring, Room, RoomWall, Stood } from '../pieces/room.ts';
import {
  bodyOf,
  clothOf,
  corners,
  leastOfEach,
  sidesOf,
  taut,
  type Asked,
  type Body,
  type Witnessed,
} from './thing-witness.ts';
import { across, closest, pointsOn, type Cut } from './room-witness.ts';
import { takenOf } from './sewn-witness.ts';
import { alongWall, roundRing } from './tube-witness.ts';

// Rooms with walls all round, and what goes round a book: whether things go in, by places of sampled points and by search, not by formulas.

/** Whether a room is one that this file measures. */
export const isWalled = ({ rings }: Room): boolean =>
  rings.some(
    ({ walls, floor, wraps }) =>
      wraps || walls.length > 2 || walls.some(({ beyond }) => beyond) || (floor && walls.length === 2),
  );

/** What such a room clears. */
export function walledIn(cut: Cut, room: Room, asked: Asked): Witnessed[] {
  const { rings, stands } = room;
  const things = thingsOf(room, asked);
  if (!stands || things.length === 0) return [];
  let within: number[] = [];
  let inner: Inner = {};
  const found = rings.flatMap((ring): Witnessed[] => {
    const reach = (walls: readonly RoomWall[]) =>
      walls.map((wall, index) => clothOf(cut.pieces, wall).reach + (within[index] ?? within[0] ?? 0));
    const own: Walls = {
      cut,
      ring,
      reach: reach(ring.walls),
      inner: { floor: within[0] ?? 0, roof: within[0] ?? 0, lid: within[0] ?? 0, ...inner },
      asked,
      room,
    };
    const left = measured(own, things);
    inner = { ...inner, ...innerOf(cut, ring, own.inner) };
    within = ring.walls.map((wall, index) => clothOf(cut.pieces, wall).thick + (within[index] ?? within[0] ?? 0));
    return left;
  });
  // what is too long for a panel has no place in it to be broad in: nothing can be said of that
  return leastOfEach(found).filter(({ clearance }) => clearance > -Infinity);
}

interface Inner {
  floor?: number;
  roof?: number;
  lid?: number;
}
/** What a ring that has a floor or something over it adds to what lies within the next. */
function innerOf({ pieces }: Cut, { floor, over }: Ring, before: Required<Inner>): Inner {
  const thick = (wall: Parameters<typeof clothOf>[1]) => clothOf(pieces, wall).thick;
  return {
    ...(floor && { floor: before.floor + thick(floor) }),
    ...(over && { roof: before.roof + Math.max(0, ...over.walls.map(thick)) }),
    ...(over?.floor && { lid: before.lid + thick(over.floor) }),
  };
}

interface Walls {
  cut: Cut;
  ring: Ring;
  /** To the outermost layer of each wall, mm. */
  reach: readonly number[];
  /** Cloth between the things and this ring, mm: on its floor, under what leans together above it, and on the floor of that. */
  inner: Required<Inner>;
  asked: Asked;
  room: Room;
}
type Held = { body: Body; stood: Stood | undefined };

function measured(own: Walls, things: readonly Held[]): Witnessed[] {
  const { ring, room } = own;
  if (ring.wraps) return aroundBook(own, things);
  if (room.rings.some(({ walls }) => walls.some(({ beyond }) => beyond))) return alongZipper(own, things[0]!.body);
  if (ring.fans) return inFan(own, things);
  if (ring.walls.some(({ pleated }) => pleated)) return betweenPleats(own, things);
  return ring.walls.length === 2 ? inCase(own, things[0]!.body) : inBox(own, things);
}

function thingsOf({ stands }: Room, { contents }: Asked): Held[] {
  if (!stands) return [];
  if ('packed' in stands) return [{ body: heap(stands.packed, contents), stood: undefined }];
  const stood = 'above' in stands ? stands.above : stands.beside.flat();
  return stood.flatMap((each) => {
    const held = contents(each.line);
    return held ? [{ body: bodyOf(each, held.line, held.item), stood: each }] : [];
  });
}

/** The box round things in their places, each turned as its place is. */
function heap(places: readonly Packed[], contents: Asked['contents']): Body {
  const far = [0, 0, 0];
  for (const { line, at, size } of places) {
    const held = contents(line)!;
    const { wide, deep, thin } = sidesOf(held.line, held.item);
    const sides = [wide, deep, thin].sort((a, b) => a - b);
    const ranks = [0, 1, 2].map(
      (axis) => size.filter((other, index) => other < size[axis]! || (other === size[axis] && index < axis)).length,
    );
    ranks.forEach((rank, axis) => (far[axis] = Math.max(far[axis]!, at[axis]! + sides[rank]!)));
  }
  return { wide: far[0]!, thick: far[1]!, deep: far[2]!, section: [] };
}

const inset = (asked: Asked, ...lines: { inset?: string }[]): number =>
  lines.reduce((sum, line) => sum + (line.inset ? asked.inset(line.inset) : 0), 0);

function inBox({ cut, ring, reach, inner, asked, room }: Walls, things: readonly Held[]): Witnessed[] {
  const { walls, floor, over } = ring;
  const wide = things.reduce((sum, { body }) => sum + body.wide, 0);
  const spans = walls.map((wall) => across(cut, wall));
  const [front, side] = [Math.min(spans[0]!, spans[2]!), Math.min(spans[1]!, spans[3]!)];
  const [low, beside] = [Math.max(reach[0]!, reach[2]!), Math.max(reach[1]!, reach[3]!)];
  const base = floor ? clothOf(cut.pieces, floor).reach + inner.floor + asked.onBase : 0;
  let high = Math.min(...walls.map(({ piece, base: from, mouth }) => closest(cut, piece, from!, mouth!))) - base;
  if (over) {
    const [band] = over.walls;
    const { piece, shows } = asked.opening!;
    const shown = closest(cut, piece, ...shows!) - inset(asked, ...shows!);
    const roof = inner.roof + Math.max(...over.walls.map((wall) => clothOf(cut.pieces, wall).reach));
    high += closest(cut, band!.piece, band!.base!, band!.mouth!) - (side - shown) / 2 - roof;
  }
  const found: Witnessed[] = [
    { form: 'box', direction: 'across', clearance: front - 2 * beside - wide },
    { form: 'box', direction: 'deep', clearance: high - Math.max(...things.map(({ body }) => body.deep)) },
  ];
  const thick = Math.max(...things.map(({ body }) => body.thick)) + takenOf(cut, room.rings, asked);
  return [...found, { form: 'box', direction: 'thick', clearance: side - 2 * low - thick }];
}

/** The thing in the middle of the panel: how much longer it may be until a point of it touches the gusset. */
function inCase({ cut, ring, reach, inner, asked, room }: Walls, { wide, thick, deep }: Body): Witnessed[] {
  const panel = cut.pieces.find(({ id }) => id === ring.floor!.piece)!;
  const outline = flatten(panel.stitch, { tolerance: 0.002 });
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const middle: Point = [(Math.max(...xs) + Math.min(...xs)) / 2, (Math.max(...ys) + Math.min(...ys)) / 2];
  const far = Math.max(...reach);
  const stays = (w: number, h: number) =>
    w > 0 &&
    h > 0 &&
    Array.from({ length: 4 }, (_, index): Point => [
      middle[0] + ((index < 2 ? 1 : -1) * w) / 2,
      middle[1] + ((index % 2 === 0 ? 1 : -1) * h) / 2,
    ]).every((point) => inside(point, outline, far));
  const most = (least: number, fits: (by: number) => boolean): number => {
    let [low, high] = [least + 1e-6, 2000];
    if (!fits(low)) return -Infinity;
    for (let step = 0; step < 40; step++) {
      const by = (low + high) / 2;
      if (fits(by)) low = by;
      else high = by;
    }
    return low;
  };
  const long = most(-wide, (by) => stays(wide + by, thick));
  const broad = most(-thick, (by) => stays(wide, thick + by));
  const found: Witnessed[] = [
    { form: 'case', direction: 'across', clearance: long },
    { form: 'case', direction: 'thick', clearance: broad },
  ];
  const [hinge] = ring.walls;
  const panels = [ring, ring.over!].reduce(
    (sum, { floor }) => sum + clothOf(cut.pieces, floor!).reach,
    inner.floor + inner.lid,
  );
  const high = closest(cut, hinge!.piece, hinge!.base!, hinge!.mouth!);
  return [
    ...found,
    { form: 'case', direction: 'deep', clearance: high - panels - takenOf(cut, room.rings, asked) - deep },
  ];
}

/** Whether a point is within an outline, and so far from it. */
function inside([x, y]: Point, outline: readonly Point[], far: number): boolean {
  let within = false;
  for (let index = 0; index < outline.length; index++) {
    const [[x0, y0], [x1, y1]] = [outline[index]!, outline[(index + 1) % outline.length]!];
    if (y0 > y !== y1 > y && x < x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)) within = !within;
    const square = (x1 - x0) ** 2 + (y1 - y0) ** 2;
    const share = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - x0) * (x1 - x0) + (y - y0) * (y1 - y0)) / square));
    if (Math.hypot(x - x0 - share * (x1 - x0), y - y0 - share * (y1 - y0)) < far) return false;
  }
  return within;
}

/** From where the corners are sewn across on one end to where they are on the other. */
function alongZipper({ cut, ring, reach, asked }: Walls, { wide, thick, deep }: Body): Witnessed[] {
  const { piece, shows } = asked.opening!;
  const shown = closest(cut, piece, ...shows!) - inset(asked, ...shows!);
  const far = Math.max(...reach);
  const run = ring.walls.reduce(
    (sum, { piece: id, mouth, base, beyond }) => sum + closest(cut, id, mouth!, (beyond ?? base)!),
    0,
  );
  const half = (run + shown) / 2;
  const [wall] = ring.walls;
  if ((ring.corners ?? []).length === 0) {
    const round = (across: number) => taut(corners(across, deep), far) / 2;
    return [
      { form: 'zipped', direction: 'across', clearance: across(cut, wall!) - round(wide) },
      { form: 'zipped', direction: 'thick', clearance: half - round(thick) },
    ];
  }
  const own = cut.pieces.find(({ id }) => id === wall!.piece)!;
  const ends = ['left-1', 'right-1'].map((name) => pointsOn(cut, own.id, lineOf(own, `${name}-across`)));
  const xs = ends.map((points) => points.map(([x]) => x));
  const long = Math.min(...xs[1]!) - Math.max(...xs[0]!);
  const ys = ends[0]!.map(([, y]) => y);
  const high = Math.max(...ys) - Math.min(...ys);
  return [
    { form: 'zipped', direction: 'across', clearance: long - 2 * far - wide },
    { form: 'zipped', direction: 'thick', clearance: half - high - 2 * far - thick },
    { form: 'zipped', direction: 'deep', clearance: high - 2 * far - deep },
  ];
}

const lineOf = ({ lines }: Cut['pieces'][number], id: string) =>
  lines.some((line) => line.id === id) ? { line: id } : { edge: id };

/** Things between two walls, the pleats beside them pushed out. */
function betweenPleats({ cut, ring, reach, asked, room }: Walls, things: readonly Held[]): Witnessed[] {
  const { walls } = ring;
  const pleats = walls.filter(({ pleated }) => pleated);
  const gap = Math.min(
    ...pleats.map(({ piece, left, right, pinched }) =>
      closest(cut, piece, pinched?.left ?? left, pinched?.right ?? right),
    ),
  );
  const thick = things.reduce((sum, { body }) => sum + body.thick, 0);
  const [right] = pleats;
  // front and back in the order of the walls: the pleat on the right begins at the front
  const [front, back] = [right!.pinched?.left ? 0 : reach[0]!, right!.pinched?.right ? 0 : reach[2]!];
  const filled = thick + front + back + takenOf(cut, room.rings, asked);
  const side = Math.max(reach[1]!, reach[3]!);
  const flat = Math.min(across(cut, walls[0]!), across(cut, walls[2]!));
  const high = Math.min(...walls.map(({ piece, base, mouth }) => closest(cut, piece, base!, mouth!))) - asked.taken;
  return [
    { form: 'pleated', direction: 'thick', clearance: gap - filled },
    ...things.flatMap(({ body, stood }): Witnessed[] => [
      { form: 'pleated', direction: 'across', line: stood!.line, clearance: flat - 2 * side - body.wide },
      { form: 'pleated', direction: 'deep', line: stood!.line, clearance: high - side - body.deep },
    ]),
  ];
}

/** Between two walls that meet at their foot, and closed between pleats: by the upper ends of the lines that bound those. */
function inFan({ cut, ring, reach, asked, room }: Walls, things: readonly Held[]): Witnessed[] {
  const { walls } = ring;
  const [front, back] = [walls[0]!, walls[2]!];
  const wide = Math.max(...things.map(({ body }) => body.wide));
  let y = 0;
  const points = things.flatMap(({ body }) => {
    const at = body.section.map(([u, v]): Point => [u + (wide - body.wide) / 2, v + y]);
    y += body.thick;
    return at;
  });
  const sewn = takenOf(cut, room.rings, asked);
  points.push(...corners(wide, sewn).map(([u, v]): Point => [u, v + y]));
  y += sewn;
  const upper = (piece: string, line: NamedLine): Point =>
    pointsOn(cut, piece, line).reduce((top, each) => (each[1] > top[1] ? each : top));
  const between = (piece: string, one: NamedLine, two: NamedLine): number => {
    const [[x0, y0], [x1, y1]] = [upper(piece, one), upper(piece, two)];
    return Math.hypot(x1 - x0, y1 - y0);
  };
  const mouth = ({ piece, mouth: line }: RoomWall): number => {
    const xs = pointsOn(cut, piece, line!).map(([x]) => x);
    return Math.max(...xs) - Math.min(...xs);
  };
  const [pinched, legs] = walls
    .filter(({ pleated }) => pleated)
    .reduce<[number, number]>(
      ([beside, all], { piece, left, right, pinched: { left: near, right: far } = {} }) => [
        beside + (near ? between(piece, left, near) : 0) + (far ? between(piece, right, far) : 0),
        all + between(piece, near ?? left, far ?? right) / 2,
      ],
      [0, 0],
    );
  const clear = (mouth(front) + mouth(back) - pinched) / 2 - legs - 2 * Math.max(reach[1]!, reach[3]!);
  const own = { ...asked, shut: asked.shut || !!room.shut };
  const deep = [0, 2].flatMap((index) =>
    things.flatMap(({ body, stood }) =>
      alongWall(cut, walls[index]!, { own: body, stood: stood! }, y, reach[index]!, own),
    ),
  );
  return [
    roundRing(cut, { walls: [front, back] }, points, [reach[0]!, reach[2]!], asked),
    ...deep,
    { form: 'fan', direction: 'across', clearance: clear - wide },
  ];
}

/** All round the closed book, less the edges of its pages that the jacket leaves open. */
function aroundBook({ cut, ring, reach }: Walls, [held]: readonly Held[]): Witnessed[] {
  const { wide, thick } = held!.body;
  const board = held!.stood!.board!.value;
  const round = taut(corners(wide, thick), reach[0]!) - (thick - board);
  return [
    { form: 'wrapped', direction: 'across', line: held!.stood!.line, clearance: across(cut, ring.walls[0]!) - round },
  ];
}
