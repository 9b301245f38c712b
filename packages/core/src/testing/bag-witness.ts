import type { Point } from '../geometry/perimeter.ts';
import type { Ring, Room, RoomWall } from '../pieces/room.ts';
import { standOn } from './fit-witness.ts';
import { alongWall, roundRing } from './tube-witness.ts';
import { acrossPiece, thickOn } from './sewn-witness.ts';
import { across, closest, pointsOn, type Cut } from './room-witness.ts';
import {
  clothOf,
  corners,
  taut,
  type Asked,
  type Body,
  type Witnessed,
  pilesIn,
  type Placed,
} from './thing-witness.ts';

// All that lies in one bag, row behind row: sampled hulls and lines of the pieces, not the fitting's formulas.

type Bagged = Pick<Asked, 'contents' | 'inset' | 'shut' | 'taken' | 'onBase'>;

interface Layer {
  /** Beside each other; one flat body for cloth. */
  bodies: readonly Body[];
  wide: number;
  thick: number;
}

/** What the rooms between front and back of a bag clear with everything in it, and which rooms those are; nothing where one room is all
 * of it, or where loose things lie in a heap. */
export function witnessedTogether(
  cut: Cut,
  rings: readonly Ring[] | undefined,
  rooms: readonly Room[],
  asked: Bagged,
): { rooms: readonly Room[]; found: Witnessed[] } {
  const none = { rooms: [], found: [] };
  const [bag] = rings ?? [];
  if (!rings || !bag || bag.walls.length !== 2 || bag.floor) return none;
  const held = rooms.filter(({ underClosure, hangs, stands }) => stands && (underClosure || hangs));
  if (held.some(({ stands }) => 'packed' in stands!)) return none;
  const full = held.filter((room) => bodiesIn(room, asked).length > 0);
  const standing = full.filter(({ hangs }) => !hangs);
  const behind = new Set(full.map(rowName));
  const own = new Set(rings.flatMap(({ walls }) => walls.map(({ piece }) => piece)));
  const apart = full.some((room) => !room.rings.some(({ walls }) => walls.every(({ piece }) => own.has(piece))));
  if (behind.size < 2 && !apart) return none;
  // stitched apart: front and back lie on each other between their rooms
  const cells = standing.filter(({ rings: [ring] }) => ring!.walls.every(({ piece }) => own.has(piece)));
  if (cells.length > 1) return none;
  const sewn = sewnInside(
    cut,
    [...bag.walls, ...held.filter(({ hangs }) => hangs).flatMap((room) => room.rings[0]!.walls)],
    rooms.filter((room) => !room.underClosure && !room.hangs),
    full,
    asked,
  );
  const layers = [...sewn, ...layersOf(cut, full, own, asked)];
  const tops = topsIn(cut, bag, full, asked);
  const found = rings.flatMap((ring, index) => {
    const reach = reachOf(cut, ring, rings.slice(0, index));
    return [...around(cut, ring, reach, layers, asked), ...upWalls(cut, ring, reach, tops, sewn, asked)];
  });
  return { rooms: standing.length > 0 ? standing : full, found };
}

const rowName = ({ id, hangs, rings }: Room): string =>
  hangs ? id : rings[0]!.walls.map(({ piece }) => piece).join(' ');

/** From the things to the outermost layer of each wall, mm. */
const reachOf = (cut: Cut, { walls }: Ring, within: readonly Ring[]): number[] =>
  walls.map((wall: RoomWall, index) => {
    const before = within.map((ring) => clothOf(cut.pieces, (ring.walls[index] ?? ring.walls[0])!).thick);
    return before.reduce((sum, thick) => sum + thick, clothOf(cut.pieces, wall).reach);
  });

/** Each pile as one. */
const bodiesIn = (room: Room, asked: Pick<Asked, 'contents'>): Body[] =>
  pilesIn(room, asked).map((pile): Body => {
    const wide = Math.max(...pile.map(({ own }) => own.wide));
    let back = 0;
    const section = pile.flatMap(({ own }) => {
      const moved = own.section.map(([x, y]): Point => [x + (wide - own.wide) / 2, y + back]);
      back += own.thick;
      return moved;
    });
    return { wide, thick: back, deep: Math.max(...pile.map(({ own }) => own.deep)), section };
  });

interface Topped {
  room: Room;
  /** Each with how far below the mouth its top lies, mm. */
  pile: (Placed & { top: number })[];
}

const topsIn = (cut: Cut, ring: Ring, full: readonly Room[], asked: Bagged): Topped[] =>
  full.flatMap((room) => {
    const base = baseBelow(cut, ring, room);
    return pilesIn(room, asked).map((pile) => ({
      room,
      pile: pile.map((thing) => ({ ...thing, top: base - thing.own.deep })),
    }));
  });

/** Along the walls of a bag: with each thing goes the thickness of all that reaches as high. */
function upWalls(
  cut: Cut,
  ring: Ring,
  reach: readonly number[],
  all: readonly Topped[],
  sewn: readonly Layer[],
  asked: Bagged,
): Witnessed[] {
  const boxed = (ring.corners?.length ?? 0) > 0;
  const upTo = (top: number): number => {
    const rows = new Map<string, number>();
    for (const { room, pile } of all) {
      const up = pile.filter((each) => each.top <= top + 1e-6);
      const thick = up.reduce((sum, { own }) => sum + own.thick, 0);
      rows.set(rowName(room), Math.max(rows.get(rowName(room)) ?? 0, thick));
    }
    return [...rows.values(), ...sewn.map(({ thick }) => thick)].reduce((sum, each) => sum + each, 0);
  };
  return all
    .filter(({ room }) => !room.hangs)
    .flatMap(({ pile }) => pile)
    .flatMap((thing) =>
      ring.walls.flatMap((wall, index) =>
        (boxed ? fromBase : alongWall)(cut, wall, thing, upTo(thing.top), reach[index]!, asked),
      ),
    );
}

/** The same on a boxed base: as high as its top can be lifted until half of the line round the base and it is as long as the wall. */
function fromBase(
  cut: Cut,
  wall: RoomWall,
  { own, stood }: Placed,
  thick: number,
  reach: number,
  { shut, taken, onBase }: Bagged,
): Witnessed[] {
  const depth = baseOf(cut, wall);
  const wallHigh = closest(cut, wall.piece, wall.base!, wall.mouth!) - depth / 2 - taken;
  const shows = !shut && ((stood.mayShow ?? stood.shows)?.value ?? 0) > 0;
  const deep = (shows ? 0.55 : 1) * own.deep + onBase;
  const told = (clearance: number): Witnessed[] => [
    { form: 'boxed', direction: 'deep', line: stood.line, clearance: clearance - deep },
  ];
  if (!shut) return told(wallHigh - reach);
  // what is thicker than the base takes of the wall beside it, and stands straight
  const over = Math.max(0, thick - depth) / 2;
  const foot = Math.max(thick, depth);
  const long = (high: number): number => {
    const trapezoid: Point[] = [
      [-foot / 2, 0],
      [foot / 2, 0],
      [thick / 2, high],
      [-thick / 2, high],
    ];
    return taut(trapezoid, reach) / 2 - foot / 2 - (Math.PI / 2) * reach + reach + over;
  };
  let [low, high] = [0, 2000];
  for (let step = 0; step < 24; step++) {
    const middle = (low + high) / 2;
    if (long(middle) < wallHigh) low = middle;
    else high = middle;
  }
  return told(low);
}

/** From front to back of the base that corners make of a wall, mm. */
function baseOf(cut: Cut, wall: RoomWall): number {
  const xs = pointsOn(cut, wall.piece, wall.base!).map(([x]) => x);
  return across(cut, wall) - (Math.max(...xs) - Math.min(...xs));
}

/** How far below the mouth of a bag the things of a room stand, mm. */
function baseBelow(cut: Cut, ring: Ring, room: Room): number {
  const [wall] = ring.walls;
  if (!room.hangs) {
    const half = (ring.corners?.length ?? 0) > 0 ? baseOf(cut, wall!) / 2 : 0;
    return closest(cut, wall!.piece, wall!.base!, wall!.mouth!) - half;
  }
  const [pouch] = room.rings[0]!.walls;
  const { seam } = pouch!.left as { seam: string };
  const on = ring.walls.find(
    ({ piece, mouth }) => mouth && cut.seams.some(({ id, b }) => id === seam && b.piece === piece),
  );
  if (!on) return Infinity;
  return (
    closest(cut, on.piece, { seam, side: 'b' }, on.mouth!) +
    closest(cut, pouch!.piece, pouch!.base!, pouch!.mouth!) -
    baseOf(cut, pouch!) / 2
  );
}

/** What is sewn onto the linings of front and back, and onto what hangs between them, anywhere along their width. */
function sewnInside(
  cut: Cut,
  walls: readonly RoomWall[],
  others: readonly Room[],
  full: readonly Room[],
  asked: Pick<Asked, 'contents'>,
): Layer[] {
  // rooms beside each other are one row
  const rows = new Map<string, number>();
  for (const room of full) {
    const own = bodiesIn(room, asked).reduce((sum, body) => sum + body.wide, 0);
    rows.set(rowName(room), (rows.get(rowName(room)) ?? 0) + own);
  }
  return walls.flatMap(({ piece }) => {
    const thick =
      cut.pieces.find(({ id }) => id === piece)!.role !== 'exterior' ? thickOn(cut, piece, { ...asked, others }) : 0;
    if (thick === 0) return [];
    const wide = Math.max(...rows.values(), ...others.map((room) => acrossPiece(cut, piece, room, asked)));
    return [{ bodies: [{ wide, thick, deep: 0, section: corners(wide, thick) }], wide, thick }];
  });
}

/** Pouches with their own cloth before and behind, the first row, what parts it from others, and the other rows. */
function layersOf(cut: Cut, rooms: readonly Room[], bag: ReadonlySet<string>, asked: Pick<Asked, 'contents'>): Layer[] {
  const rows = new Map<string, { bodies: Body[]; pouch: number[] }>();
  const dividers = new Map<string, number>();
  for (const room of [...rooms].sort((a, b) => Number(b.hangs ?? false) - Number(a.hangs ?? false))) {
    const { bodies, pouch } = rows.get(rowName(room)) ?? { bodies: [], pouch: [] };
    const cloth = room.rings[0]!.walls.flatMap((wall) =>
      bag.has(wall.piece) || wall.pleated ? [] : [[wall.piece, clothOf(cut.pieces, wall).thick] as const],
    );
    if (!room.hangs) for (const [piece, thick] of cloth) dividers.set(piece, thick);
    rows.set(rowName(room), {
      bodies: [...bodies, ...bodiesIn(room, asked)],
      pouch: room.hangs ? cloth.map(([, thick]) => thick) : pouch,
    });
  }
  const sheet = (wide: number, thick: number): Layer => ({
    bodies: [{ wide, thick, deep: 0, section: corners(wide, thick) }],
    wide,
    thick,
  });
  let standing = 0;
  const wideOf = (bodies: readonly Body[]) => bodies.reduce((sum, body) => sum + body.wide, 0);
  const widest = Math.max(...[...rows.values()].map(({ bodies }) => wideOf(bodies)));
  const widestRow = Math.max(...[...rows.values()].map(({ bodies, pouch }) => (pouch.length > 0 ? 0 : wideOf(bodies))));
  return [...rows.values()].flatMap(({ bodies, pouch }) => {
    const thick = Math.max(...bodies.map((body) => body.thick));
    // what hangs may lie anywhere along its width
    const wide = pouch.length > 0 ? widest : wideOf(bodies);
    const row = pouch.length > 0 ? sheet(wide, thick) : { bodies, wide, thick };
    const parting =
      pouch.length === 0 && standing++ === 0 ? [...dividers.values()].map((thick) => sheet(widestRow, thick)) : [];
    const [behind = [], before = []] = [pouch.slice(1), pouch.slice(0, 1)].map((all) =>
      all.map((thick) => sheet(wide, thick)),
    );
    return [...behind, row, ...before, ...parting];
  });
}

function around(
  cut: Cut,
  ring: Ring,
  reach: readonly number[],
  layers: readonly Layer[],
  asked: Pick<Asked, 'inset'>,
): Witnessed[] {
  const wide = Math.max(...layers.map((layer) => layer.wide));
  const thick = layers.reduce((sum, layer) => sum + layer.thick, 0);
  if ((ring.corners?.length ?? 0) > 0) return standOn(cut, ring.walls, wide, thick, reach);
  let back = 0;
  const points = layers.flatMap((layer) => {
    let left = (wide - layer.wide) / 2;
    const placed = layer.bodies.flatMap(({ section, ...body }) => {
      const moved = section.map(([x, y]): Point => [x + left, y + back]);
      left += body.wide;
      return moved;
    });
    back += layer.thick;
    return placed;
  });
  return [roundRing(cut, ring, points, reach, asked)];
}
