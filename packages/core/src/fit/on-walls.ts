import { sum, type Derived } from '../derived/derived.ts';
import type { Ring, Room, RoomWall } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import { rowOf } from './load.ts';
import { widest, type Pile } from './things.ts';

/** What lies in a room, from back to front. */
interface Lying {
  /** Its thickest pile, and its front. mm */
  thick: Derived;
  x: [number, number];
  y: [number, number];
}

/** What rooms that are sewn onto a piece take from what lies before it: the thickest place, of which those that lie over each other
 * add up. mm; nothing if there are none
 * @param pilesOf what stands in a room */
export function takenOn(
  piece: string,
  rooms: readonly Room[],
  pilesOf: (room: Room) => readonly Pile[],
  parts: CutParts,
): Derived | undefined {
  const lying = rooms.flatMap((room): Lying[] => {
    const own = room.rings[0]?.walls ?? [];
    const host = hostOf(room, piece);
    // rooms beside each other share the seam below
    const at = host && parts.bounds(piece, [host.left, host.right]);
    if (!at) return [];
    return [
      {
        thick: thickOf(
          own.filter((wall) => wall !== host),
          pilesOf(room),
          parts,
        ),
        ...at,
      },
    ];
  });
  const places = lying.map((one) => lying.filter((other) => meet(one, other)).map(({ thick }) => thick));
  const sums = places.map((thick) => (thick.length === 1 ? thick[0]! : sum('over each other', thick)));
  return sums.length > 0 ? widest('the thickest sewn onto it', sums) : undefined;
}

/** The wall of a room, or what it hangs behind, that is on a piece. */
const hostOf = ({ rings, onto }: Room, piece: string): RoomWall | Room['onto'] =>
  [...(rings[0]?.walls ?? []), ...(onto ? [onto] : [])].find((wall) => wall.piece === piece);

/** How far across a piece the things reach that lie in rooms sewn onto it: along a row, or from foot to top where their mouth looks to a side or a
 * strap goes upwards. mm; nothing where none lie there */
export function acrossOn(
  piece: string,
  rooms: readonly Room[],
  pilesOf: (room: Room) => readonly Pile[],
  parts: CutParts,
): Derived[] {
  return rooms.flatMap((room): Derived[] => {
    const host = hostOf(room, piece);
    const foot = host && 'base' in host && host.base ? parts.bounds(piece, [host.base]) : undefined;
    const piles = pilesOf(room);
    if (!host || piles.length === 0) return [];
    const aside = foot !== undefined && foot.y[1] - foot.y[0] > foot.x[1] - foot.x[0];
    const longest = piles.flatMap(({ things }) => things.map(({ deep }) => deep));
    return [aside || room.lengthwise ? widest('from foot to top', longest) : rowOf({ piles })];
  });
}

/** Whether a place covers the middle of another, or the other way round. */
const meet = (one: Lying, other: Lying): boolean =>
  one === other ||
  (covers(one.x, other.x) && covers(one.y, other.y)) ||
  (covers(other.x, one.x) && covers(other.y, one.y));

const covers = ([from, to]: [number, number], [low, high]: [number, number]): boolean => {
  const middle = (low + high) / 2;
  return middle > from + 1e-6 && middle < to - 1e-6;
};

/** What hangs between the walls of a room takes its things, both of its walls and what is sewn onto those. mm */
export const hanging = (rooms: readonly Room[], pilesOf: (room: Room) => readonly Pile[], parts: CutParts): Derived[] =>
  rooms
    .filter(({ hangs }) => hangs)
    .flatMap((room) => [
      thickOf(room.rings[0]!.walls, pilesOf(room), parts),
      ...sewnOnto(room.rings[0]!.walls, rooms, pilesOf, parts).map(({ thick }) => thick),
    ]);

/** What is sewn onto walls: the piece of each with how thick that is, mm; nothing for a wall that is bare. */
export const sewnOnto = (
  walls: readonly RoomWall[],
  rooms: readonly Room[],
  pilesOf: (room: Room) => readonly Pile[],
  parts: CutParts,
): { piece: string; thick: Derived }[] => {
  const others = rooms.filter(({ underClosure, hangs }) => !underClosure && !hangs);
  return walls.flatMap(({ piece }) => {
    const thick = takenOn(piece, others, pilesOf, parts);
    return thick ? [{ piece, thick }] : [];
  });
};

function thickOf(walls: readonly RoomWall[], piles: readonly Pile[], parts: CutParts): Derived {
  const thickest = widest(
    'the thickest',
    piles.map(({ thick }) => thick),
  );
  return sum('things and cloth', [
    ...(piles.length > 0 ? [thickest] : []),
    ...walls.map((wall) => parts.cloth(wall).thick),
  ]);
}

/** The pieces that bound a room the way that its things lie on each other: front and back of a box, the panels of a case. */
export const facedBy = ({ walls, floor, over }: Ring): string[] =>
  walls.length > 2
    ? walls.flatMap(({ piece }, index) => (index % 2 === 0 ? [piece] : []))
    : [...(floor ? [floor.piece] : []), ...(over ? facedBy(over) : [])];
