import { halfOf, minus, sum, type Derived } from '../derived/derived.ts';
import type { Ring, Room } from '../pieces/room.ts';
import { baseOf } from './boxed.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { acrossOn, sewnOnto } from './on-walls.ts';
import { pilesIn } from './piles.ts';
import { rowOf, thickestOf, type Load } from './load.ts';
import { box, clothOver, discsOf, NOTHING, pileOf, widest, type Pile, type Thing } from './things.ts';

/** What stands between two walls, or between a wall and a divider, side by side. */
export interface Row {
  rooms: readonly Room[];
  piles: readonly Pile[];
}

/** A front and a back, and nothing else all round. */
export const isBag = ({ walls, floor }: Ring): boolean => walls.length === 2 && !floor;

/** What stands in a bag, by the walls that it stands between: what loose dividers part lies one behind the other. */
export function rowsIn(fitting: Fitting): Row[] {
  const rows = new Map<string, Row>();
  for (const room of fitting.rooms.filter(({ underClosure }) => underClosure)) {
    const key = room.rings[0]?.walls.map(({ piece }) => piece).join(' ') ?? '';
    const { rooms, piles } = rows.get(key) ?? { rooms: [], piles: [] };
    rows.set(key, { rooms: [...rooms, room], piles: [...piles, ...pilesIn(room, fitting)] });
  }
  return [...rows.values()].filter(({ piles }) => piles.length > 0);
}

/** From where the sides of what hangs in a bag are caught in its walls up to their mouth, mm; nothing if they are caught elsewhere.
 * @param ring of the bag */
export function belowMouth({ rings: [pouch] }: Room, ring: Ring, parts: CutParts): Derived | undefined {
  const [side] = pouch!.walls;
  const within = side && 'seam' in side.left ? side.left.seam : '';
  const wall = ring.walls.find(({ piece, mouth }) => mouth && parts.has(piece, { seam: within, side: 'b' }));
  return wall && parts.between('below the mouth', wall, { seam: within, side: 'b' }, wall.mouth!);
}

/** From the base of a ring up to its mouth, mm. */
export function upright(ring: Ring, parts: CutParts): Derived {
  const [whole] = parts.heights('bottom to mouth', ring.walls);
  const boxed = (ring.corners?.length ?? 0) > 0;
  return boxed ? sum('base to mouth', [whole!, minus(halfOf('half of the base', baseOf(ring, parts)))]) : whole!;
}

/** All that lies between front and back of a bag, one behind the other: each has its own room, and together they go round, on the base
 * and under the mouth. Nothing where all of it has one room.
 * @param how its mouth is, and what lies on its base */
export function loadTogether(
  fitting: Fitting,
  how: Pick<Load, 'shut' | 'taken' | 'beneath' | 'ease'>,
  parts: CutParts,
): (Load & { rooms: readonly Room[] }) | undefined {
  const { inside, rooms } = fitting;
  const [ring] = inside ?? [];
  if (!ring || !isBag(ring)) return undefined;
  const rows = rowsIn(fitting);
  const hung = rooms
    .filter(({ hangs }) => hangs)
    .map((room): Row => ({ rooms: [room], piles: pilesIn(room, fitting) }))
    .filter(({ piles }) => piles.length > 0);
  const walls = new Set(inside!.flatMap((each) => each.walls.map(({ piece }) => piece)));
  // front and back are stitched together between them: each has its own room
  if (rows.some((row) => row.rooms.length > 1 && fillsBag(row, walls))) return undefined;
  if (rows.length + hung.length < 2 && rows.every((row) => fillsBag(row, walls))) return undefined;
  const [first, ...others] = rows;
  const sewn = sewnInto(ring, [...rows, ...hung], fitting, parts);
  // what is sewn on lies outermost, where it is farthest round it, and what hangs there behind all that stands
  const all = [
    ...sewn,
    ...hung.flatMap((row) => {
      const one = anywhere(row, rows);
      const [before, behind] = row.rooms[0]!.rings[0]!.walls.map((wall) => clothOver([one], parts.cloth(wall).thick));
      return [...(behind ? [behind] : []), one, before!];
    }),
    ...(first ? [asOne(first), ...dividersOf(rows, walls, parts)] : []),
    ...others.map(asOne),
  ];
  const tops = [
    ...rows.map(({ piles }): Topped => ({ piles, base: upright(ring, parts).value })),
    ...hung.flatMap(({ rooms: [room], piles }): Topped[] => {
      const above = belowMouth(room!, ring, parts);
      return above ? [{ piles, base: above.value + upright(room!.rings[0]!, parts).value }] : [];
    }),
  ];
  const onWalls = sewn.map(({ thick }) => thick);
  const own = tops
    .slice(0, rows.length)
    .flatMap(({ piles, base }) =>
      piles.flatMap(({ things }) => things.map((thing) => reachingUp(thing, base, tops, onWalls))),
    );
  return {
    ...how,
    things: own.flatMap(({ things }) => things),
    own,
    piles: [pileOf(all)],
    shows: [],
    // they are among the piles
    onWalls: [],
    rooms: (rows.length > 0 ? rows : hung).flatMap((row) => row.rooms),
  };
}

/** Whether a row stands between the walls of the bag, and not of a divider. */
const fillsBag = ({ rooms }: Row, bag: ReadonlySet<string>): boolean =>
  rooms.every(({ rings }) => rings.some(({ walls }) => walls.every(({ piece }) => bag.has(piece))));

/** Piles beside each other as one thing. */
const asOne = ({ piles }: Row): Thing => ({
  ...NOTHING,
  name: 'a row',
  across: rowOf({ piles }),
  thick: thickestOf({ piles }),
  section: discsOf(piles),
});

/** What hangs in a bag may lie anywhere along the width of what stands before it. */
function anywhere(row: Row, rows: readonly Row[]): Thing {
  const across = widest('the widest', [row, ...rows].map(rowOf));
  const thick = thickestOf(row);
  return { ...NOTHING, name: 'what hangs there', across, thick, section: box(across.value, thick.value) };
}

/** What is sewn onto the linings of its walls and onto what hangs between those, anywhere along their width: as thick as where it is
 * thickest. */
function sewnInto({ walls }: Ring, rows: readonly Row[], fitting: Fitting, parts: CutParts): Thing[] {
  const pilesOf = (room: Room) => pilesIn(room, fitting);
  const others = fitting.rooms.filter(({ underClosure, hangs }) => !underClosure && !hangs);
  const linings = walls.filter(({ piece }) => parts.isLining(piece));
  const hung = fitting.rooms.filter(({ hangs }) => hangs).flatMap((room) => room.rings[0]!.walls);
  return sewnOnto([...linings, ...hung], fitting.rooms, pilesOf, parts).map(({ piece, thick }) => {
    const across = widest('the widest', [...rows.map(rowOf), ...acrossOn(piece, others, pilesOf, parts)]);
    return { ...NOTHING, name: 'what is sewn onto a wall', across, thick, section: box(across.value, thick.value) };
  });
}

/** The cloth of what parts a bag, as wide as the widest row. */
function dividersOf(rows: readonly Row[], bag: ReadonlySet<string>, parts: CutParts): Thing[] {
  const walls = rows.flatMap(({ rooms }) =>
    rooms.flatMap(({ rings }) => rings[0]!.walls.filter(({ pleated }) => !pleated)),
  );
  const dividers = new Map(walls.flatMap((wall) => (bag.has(wall.piece) ? [] : [[wall.piece, wall] as const])));
  return [...dividers.values()].map((wall) => clothOver(rows.map(asOne), parts.cloth(wall).thick));
}

interface Topped {
  piles: readonly Pile[];
  /** How far below the mouth they stand, mm. */
  base: number;
}

/** A thing, and how thick all of it is that reaches as high: dividers end below the top of what leans on them. */
function reachingUp(thing: Thing, base: number, all: readonly Topped[], onWalls: readonly Derived[]): Pile {
  const top = base - thing.deep.value;
  const up = [
    ...onWalls,
    ...all.flatMap(({ piles, base: from }) => thickUpTo(piles, ({ deep }) => from - deep.value <= top + 1e-9)),
  ];
  return { things: [thing], across: thing.across, thick: up.length === 1 ? up[0]! : sum('up to there', up) };
}

/** Of piles beside each other the thickest, as far as their things reach up; nothing where none does. mm */
export function thickUpTo(piles: readonly Pile[], reaches: (thing: Thing) => boolean): Derived[] {
  const reaching = piles.map(({ things }) => things.filter(reaches)).filter((things) => things.length > 0);
  const thicks = reaching.map((things) => pileOf(things).thick);
  return thicks.length > 0 ? [widest('the thickest', thicks)] : [];
}
