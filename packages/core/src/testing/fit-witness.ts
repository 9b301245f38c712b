import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Ring, Room, RoomWall, Stood } from '../pieces/room.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { facedIn, isFaced } from './faced-witness.ts';
import { outlineArea } from './measures.ts';
import { across, pointsOn, upwards, type Cut } from './room-witness.ts';
import {
  bodyOf,
  clothOf,
  corners,
  leastOfEach,
  type Asked,
  type Body,
  type Placed,
  type Witnessed,
} from './thing-witness.ts';
import { alongWall, roundRing } from './tube-witness.ts';
import { isWalled, walledIn } from './walled-witness.ts';

export type { Witnessed };

// Whether things go into rooms, by another way than the fitting: sampled hulls moved out by the cloth, and lines of the pieces as points.

/** Rooms that this file knows how to measure. */
const isKnown = ({ rings }: Room): boolean =>
  rings.every(
    ({ parts, walls, floor }) =>
      !parts && !(floor && walls.length === 2) && walls.every(({ flat, beyond }) => !flat && !beyond),
  );

/** What a room clears; nothing for rooms that it does not know how to measure. */
export function witnessed(cut: Cut, room: Room, asked: Asked): Witnessed[] {
  const { stands, rings } = room;
  if (stands && isFaced(room)) return facedIn(cut, room, asked, asked.over ?? 0);
  if (stands && isWalled(room)) return walledIn(cut, room, asked);
  if (!stands || 'packed' in stands || !isKnown(room)) return [];
  const body = (stood: Stood): Body[] => {
    const held = asked.contents(stood.line);
    if (!held) return [];
    const own = bodyOf(stood, held.line, held.item);
    const { wide, deep, thick } = own;
    return [room.lengthwise ? { wide: deep, deep: wide, thick, section: corners(deep, thick) } : own];
  };
  const behind = asked.behind.flatMap(({ stands: others, rings: [ring] }): Body[] => {
    const own = others && 'beside' in others ? others.beside.flatMap((pile) => pile.flatMap(body)) : [];
    const wide = Math.max(...own.map((each) => each.wide));
    const { thick } = clothOf(cut.pieces, ring!.walls[0]!);
    // beside what lies in it its front lies on its back
    return own.length > 0 ? [...own, { wide, thick, deep: 0, section: corners(wide, thick) }] : [];
  });
  let within: number[] = [];
  let floors = 0;
  const found = rings.flatMap((each): Witnessed[] => {
    const cloth = each.walls.map((wall) => clothOf(cut.pieces, wall));
    const before = cloth.map((_, index) => within[index] ?? within[0] ?? 0);
    const reach = cloth.map((own, index) => own.reach + before[index]!);
    within = cloth.map(({ thick }, index) => before[index]! + thick);
    const floor = each.floor && clothOf(cut.pieces, each.floor);
    const lies = floors + (floor?.reach ?? 0);
    floors += floor?.thick ?? 0;
    if ('above' in stands)
      return inRound(
        cut,
        each,
        stands.above.flatMap((stood) => body(stood).map((own) => ({ own, stood }))),
        { reach, lies },
        asked,
      );
    const piles = stands.beside.map((pile) => pile.flatMap((stood) => body(stood).map((own) => ({ own, stood }))));
    if (each.walls.length > 2 || each.floor) return [];
    return (each.corners?.length ?? 0) > 0
      ? onBase(cut, each, piles, reach)
      : inTube(cut, each, piles, reach, { ...asked, shut: asked.shut || !!room.shut }, behind);
  });
  // a wall that is stretched onto the other is left to the fitting
  const mesh = rings.some(({ walls }) =>
    walls.some(({ piece }) => stretches(cut.pieces.find(({ id }) => id === piece)!)),
  );
  return leastOfEach(found.filter(({ direction }) => !mesh || direction !== 'across'));
}

const stretches = ({ layers }: Piece): boolean =>
  layers.every(({ material }) => {
    const { stretchAlong = 0, stretchAcross = 0 } = standardMaterials.find((each) => each.id === material)!;
    return Math.max(stretchAlong, stretchAcross) > 0;
  });

function inTube(
  cut: Cut,
  { walls }: Ring,
  piles: readonly Placed[][],
  reach: readonly number[],
  asked: Asked,
  behind: readonly Body[],
): Witnessed[] {
  let x = 0;
  const points = piles.flatMap((pile) => {
    const all = [...behind, ...pile.map(({ own }) => own)];
    const wide = Math.max(...all.map((own) => own.wide));
    let y = 0;
    const placed = all.flatMap((own) => {
      const [dx, dy] = [x + (wide - own.wide) / 2, y];
      y += own.thick;
      return own.section.map(([u, v]): Point => [u + dx, v + dy]);
    });
    x += wide;
    return placed;
  });
  const deep = walls.flatMap((wall, index) =>
    piles.flatMap((pile) => {
      const thick = pile.reduce((sum, { own }) => sum + own.thick, 0);
      return pile.flatMap((thing) => alongWall(cut, wall, thing, thick, reach[index]!, asked));
    }),
  );
  return [roundRing(cut, { walls }, points, reach, asked), ...deep];
}

function inRound(
  cut: Cut,
  { walls, floor }: Ring,
  things: readonly Placed[],
  { reach, lies }: { reach: readonly number[]; lies: number },
  { taken }: Asked,
): Witnessed[] {
  const [wall] = walls;
  if (!wall || !floor) return [];
  // each lies on what is below it, the lowest on the floor
  const high = upwards(cut, wall) - taken;
  let top = lies;
  const base = cut.pieces.find(({ id }) => id === floor.piece)!;
  const clear = Math.min(across(cut, wall) / Math.PI, 2 * Math.sqrt(outlineArea(base.stitch) / Math.PI));
  const foot = ({ own }: Placed) => (own.section.length > 4 ? own.wide : Math.hypot(own.wide, own.thick));
  return things.flatMap((thing): Witnessed[] => {
    const { line } = thing.stood;
    top += thing.own.deep;
    return [
      { form: 'round', direction: 'across', line, clearance: clear - foot(thing) - 2 * reach[0]! },
      { form: 'round', direction: 'deep', line, clearance: high - top },
    ];
  });
}

/** Between the ends of the bottom line things stand side by side. */
function onBase(cut: Cut, { walls, boxed }: Ring, piles: readonly Placed[][], reach: readonly number[]): Witnessed[] {
  if (boxed && boxed.length < 2) return [];
  const wide = piles.reduce((sum, pile) => sum + Math.max(...pile.map(({ own }) => own.wide)), 0);
  const thick = Math.max(...piles.map((pile) => pile.reduce((sum, { own }) => sum + own.thick, 0)));
  return standOn(cut, walls, wide, thick, reach);
}

/** What is left on a boxed base, across and from front to back.
 * @param wide and thick of all that stands there, mm */
export function standOn(
  cut: Cut,
  walls: readonly RoomWall[],
  wide: number,
  thick: number,
  reach: readonly number[],
): Witnessed[] {
  const far = Math.max(...reach);
  const bottoms = walls.map(({ piece, base }) => {
    const xs = pointsOn(cut, piece, base!).map(([x]) => x);
    return Math.max(...xs) - Math.min(...xs);
  });
  const base = Math.min(...walls.map((wall) => across(cut, wall))) - Math.min(...bottoms);
  return [
    { form: 'boxed', direction: 'across', clearance: Math.min(...bottoms) - wide - 2 * far },
    { form: 'boxed', direction: 'thick', clearance: base - thick - 2 * far },
  ];
}
