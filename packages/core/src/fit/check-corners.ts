import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Room, RoomWall } from '../pieces/room.ts';
import { GRIP } from './check-held.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { layered } from './layered.ts';
import { thingsIn } from './piles.ts';
import { turned } from './tube.ts';

/** The upper corner of a thing in a mouth with three sides. */
export interface CornerOut {
  room: string;
  line: string;
  name: string;
  /** How much of its edges sticks out there, from the corner, of a round one as if it were as deep; less than nothing if the
   * corner lies within. mm */
  shows: number;
}

/** How far the corners of things stick out of rooms whose walls are cut off there: they stand in the middle, on the bottom. */
export function cornersOut(fitting: Fitting, parts: CutParts): CornerOut[] {
  return fitting.rooms.flatMap((room) => {
    const sloped = room.rings.some(({ walls }) => walls.some(({ slopes }) => slopes));
    const own = sloped ? thingsIn(room, fitting) : undefined;
    if (!own) return [];
    const row = own.own.reduce((total, { across }) => total + across.value, 0);
    const walls = wallsOf(room, parts);
    return own.own.flatMap(({ things, thick }) =>
      things.map((thing): CornerOut => {
        const least = Math.min(
          ...walls.map(({ wall, reach }) => {
            const up = thing.deep.value + thick.value / 2 + turned('cloth under it', 1, reach).value;
            return stickingOut(wall, { row, up }, parts);
          }),
        );
        return { room: room.id, line: thing.line, name: thing.name, shows: least - (2 - Math.SQRT2) * thing.round };
      }),
    );
  });
}

const wallsOf = ({ rings }: Room, parts: CutParts) =>
  layered(rings, parts).flatMap(({ ring, cloth }) =>
    ring.walls.flatMap((wall, index) => (wall.slopes ? [{ wall, reach: cloth.walls[index]!.reach }] : [])),
  );

/** @param of a thing: the row that it is the end of, and how far up along the wall it goes. mm */
function stickingOut(wall: RoomWall, { row, up }: { row: number; up: number }, parts: CutParts): number {
  const { piece, slopes = [], base, mouth } = wall;
  const all = parts.bounds(piece, slopes);
  const ends = slopes.map((slope) => parts.bounds(piece, [slope]));
  if (!all || !base || !mouth || ends.some((end) => !end)) return -Infinity;
  const high = parts.whole(wall, base, mouth);
  const beside = (all.x[1] - all.x[0] - row) / 2;
  const above = high - up;
  return Math.min(
    ...ends.map((end) => {
      const [across, down] = [end!.x[1] - end!.x[0], end!.y[1] - end!.y[0]];
      return Math.min(across * (1 - above / down) - beside, down * (1 - beside / across) - above);
    }),
  );
}

/** Things in a mouth with three sides that cannot be gripped by their corners. */
export function checkCorners(fitting: Fitting, parts: CutParts): Finding[] {
  const seen = new Set<string>();
  return cornersOut(fitting, parts).flatMap(({ room, line, name, shows }): Finding[] => {
    if (shows >= GRIP || seen.has(line)) return [];
    seen.add(line);
    const [, holder = room] = room.split('/');
    const out = Math.max(0, shows);
    const text = say`Of the corners of ${name} ${mm(out)} stick out of the mouth: too little to grip. Let more of them stick out, or leave the corners of the carrier whole.`;
    const about = [`holders/${holder}`, `contents/${line}`];
    return [{ code: 'held.cornerHidden', severity: 'watch', about, numbers: { shows: out }, limit: GRIP, text }];
  });
}
