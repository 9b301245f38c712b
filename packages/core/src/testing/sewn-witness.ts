import type { NamedLine, Ring, Room } from '../pieces/room.ts';
import { pointsOn, type Cut } from './room-witness.ts';
import { clothOf, pilesIn, type Asked } from './thing-witness.ts';

// What rooms that are sewn onto the walls of a box or the panels of a case take of what lies between those, point by point.

/** Rooms that overlap by less share a seam. mm */
const SEAM = 2;

/** The pieces that bound what lies on each other in a ring. */
function facing({ walls, floor, over }: Ring): string[] {
  const own = walls.length > 2 ? [walls[0]!.piece, walls[2]!.piece] : floor ? [floor.piece] : [];
  return over ? [...own, ...facing(over)] : own;
}

/** How far across a piece the things reach that lie in a room sewn onto it: by the way its foot goes. mm; 0 for none */
export function acrossPiece(cut: Cut, id: string, room: Room, asked: Pick<Asked, 'contents'>): number {
  const on = [...(room.rings[0]?.walls ?? []), ...(room.onto ? [room.onto] : [])].find(({ piece }) => piece === id);
  const piles = pilesIn(room, asked);
  if (!on || piles.length === 0) return 0;
  const base = (on as { base?: NamedLine }).base;
  const foot = base ? pointsOn(cut, id, base) : [];
  const spread = (axis: 0 | 1) => Math.max(...foot.map((at) => at[axis])) - Math.min(...foot.map((at) => at[axis]));
  const turned = foot.length > 0 && spread(1) > spread(0);
  const sizes = piles.map((pile) => Math.max(...pile.map(({ own }) => (turned ? own.deep : own.wide))));
  return turned || room.lengthwise ? Math.max(...sizes) : sizes.reduce((sum, each) => sum + each, 0);
}

interface Sewn {
  thick: number;
  x: readonly [number, number];
  y: readonly [number, number];
}

/** How thick everything is that is sewn onto the walls round a room, or hangs between them, where it is thickest. mm */
export function takenOf(cut: Cut, rings: readonly Ring[], asked: Pick<Asked, 'contents' | 'others'>): number {
  const linings = [...new Set(rings.flatMap(facing))].filter(
    (id) => cut.pieces.find((piece) => piece.id === id)!.role === 'lining',
  );
  const onThem = linings.map((id) => thickOn(cut, id, asked));
  const hung = asked.others
    .filter(({ hangs }) => hangs)
    .flatMap((room) => {
      const { walls } = room.rings[0]!;
      const others = asked.others.filter(({ hangs }) => !hangs);
      return [fullOf(cut, room, walls, asked), ...walls.map(({ piece }) => thickOn(cut, piece, { ...asked, others }))];
    });
  return [...onThem, ...hung].reduce((sum, thick) => sum + thick, 0);
}

/** How thick all is that is sewn onto a piece, where it is thickest. mm */
export const thickOn = (cut: Cut, id: string, asked: Pick<Asked, 'contents' | 'others'>): number =>
  thickestAt(asked.others.flatMap((room) => sewnTo(cut, id, room, asked)));

function sewnTo(cut: Cut, host: string, room: Room, asked: Pick<Asked, 'contents'>): Sewn[] {
  const walls = room.rings[0]?.walls ?? [];
  const on = [...walls, ...(room.onto ? [room.onto] : [])].find(({ piece }) => piece === host);
  if (!on) return [];
  const points = [...pointsOn(cut, host, on.left), ...pointsOn(cut, host, on.right)];
  const spread = (axis: 0 | 1): [number, number] => {
    const along = points.map((point) => point[axis]);
    return [Math.min(...along), Math.max(...along)];
  };
  const before = walls.filter((wall) => wall !== on);
  return [{ thick: fullOf(cut, room, before, asked), x: spread(0), y: spread(1) }];
}

/** Things of a room where they are thickest, and the cloth of some of its walls, mm. */
function fullOf(cut: Cut, room: Room, walls: Ring['walls'], asked: Pick<Asked, 'contents'>): number {
  const piles = pilesIn(room, asked).map((pile) => pile.reduce((sum, { own }) => sum + own.thick, 0));
  return walls.reduce((sum, wall) => sum + clothOf(cut.pieces, wall).thick, Math.max(0, ...piles));
}

/** The most that lies over one point: halfway between any two sides that are far enough from each other. mm */
function thickestAt(sewn: readonly Sewn[]): number {
  const between = (sides: number[]): number[] => {
    const sorted = [...sides].sort((a, b) => a - b);
    return sorted.slice(1).flatMap((to, index) => (to - sorted[index]! > SEAM ? [(to + sorted[index]!) / 2] : []));
  };
  const [xs, ys] = [between(sewn.flatMap(({ x }) => x)), between(sewn.flatMap(({ y }) => y))];
  const over = (x: number, y: number): number =>
    sewn
      .filter(({ x: [left, right], y: [low, high] }) => left < x && x < right && low < y && y < high)
      .reduce((sum, { thick }) => sum + thick, 0);
  return Math.max(0, ...xs.flatMap((x) => ys.map((y) => over(x, y))));
}
