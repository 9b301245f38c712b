import type { ContentsLine } from '../document/design-document.ts';
import { bundleOf } from '../geometry/bundle.ts';
import { hullPerimeter, type Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Ring, Room, RoomWall, Stood } from '../pieces/room.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardHardware } from '../shelves/hardware/hardware.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { outlineArea } from './measures.ts';
import { across, closest, pointsOn, ringGirth, type Cut } from './room-witness.ts';

// Whether things go into a room, by another way than the fitting: sampled hulls moved out by the cloth, and lines of the pieces as points.

/** What a thing is, read from its line and its entry: plain ones only. mm */
interface Body {
  wide: number;
  thick: number;
  deep: number;
  section: Point[];
}

const STEPS = 360;
const ring = (x: number, y: number, r: number): Point[] =>
  Array.from({ length: STEPS }, (_, index): Point => {
    const angle = (2 * Math.PI * index) / STEPS;
    return [x + r * Math.cos(angle), y + r * Math.sin(angle)];
  });
const corners = (wide: number, thick: number): Point[] => [
  [0, 0],
  [wide, 0],
  [wide, thick],
  [0, thick],
];

/** Across, down and from front to back, as it goes in. mm */
function sidesOf(line: ContentsLine, item: Item): { wide: number; deep: number; thin: number; lying: boolean } {
  const { tolerance: more = 0, compressible = 0 } = item;
  const turned = !['cylinder', 'disc', 'ball'].includes(item.shape) && item.width > item.length;
  const [long, short] = turned ? [item.width, item.length] : [item.length, item.width];
  const lying = line.orientation === 'lying';
  const [wide, deep] = lying ? [long, short] : [short, long];
  return { wide: wide + more, deep: deep + more, thin: (item.thickness + more) * (1 - compressible), lying };
}

function bodyOf({ count, above = 1, flat = false }: Stood, line: ContentsLine, item: Item): Body {
  const { wide, deep, thin, lying } = sidesOf(line, item);
  if (flat) {
    const disc = item.shape === 'disc';
    const section = disc ? ring(wide / 2, wide / 2, wide / 2) : corners(wide, deep);
    return { wide, thick: disc ? wide : deep, deep: thin, section };
  }
  if (item.shape === 'ball' || (item.shape === 'cylinder' && !lying)) {
    const heap = bundleOf(count);
    const section = heap.centres.flatMap(([x, y]) => ring(x * wide, y * wide, wide / 2));
    return { wide: heap.width * wide, thick: heap.height * wide, deep: deep * above, section };
  }
  return { wide, thick: thin * count, deep: deep * above, section: corners(wide, thin * count) };
}

/** From the things outwards: how thick all of it is, and how far it is to the middle of the last layer that neither pads nor stretches. */
function clothOf(pieces: readonly Piece[], wall: RoomWall): { thick: number; reach: number } {
  const layers = (wall.layers ?? [wall.piece]).flatMap((id) => {
    const piece = pieces.find((each) => each.id === id)!;
    const own = piece.byRuler
      ? piece.materials.map((name) => {
          const { thickness = 0, kind } = standardHardware.find((each) => each.id === name)!;
          return { thickness, soft: kind === 'elastic' };
        })
      : piece.layers.map(({ material }) => {
          const { thickness, use, ...gives } = standardMaterials.find((each) => each.id === material)!;
          const most = Math.max(gives.stretchAlong ?? 0, gives.stretchAcross ?? 0);
          return { thickness, soft: use === 'padding' || most >= 0.1 };
        });
    return piece.role === 'lining' || (id === wall.piece && wall.rightSide) ? own : own.reverse();
  });
  const total = (some: typeof layers) => some.reduce((sum, { thickness }) => sum + thickness, 0);
  const whole = total(layers);
  const hard = layers.map(({ soft }) => !soft).lastIndexOf(true);
  const own = hard < 0 ? whole / 2 : total(layers.slice(0, hard)) + layers[hard]!.thickness / 2;
  return wall.double ? { thick: 2 * whole, reach: whole + own } : { thick: whole, reach: own };
}

/** Length of a line taut round points at a distance, mm. */
function taut(points: readonly Point[], off: number): number {
  return hullPerimeter(
    Array.from({ length: 2 * STEPS }, (_, index): Point => {
      const angle = (Math.PI * (index + 0.5)) / STEPS;
      const [c, s] = [Math.cos(angle), Math.sin(angle)];
      const far = points.reduce((most, [x, y]) => (x * c + y * s > most[0] * c + most[1] * s ? [x, y] : most));
      return [far[0] + off * c, far[1] + off * s];
    }),
  );
}

export interface Witnessed {
  /** How the room is bounded. */
  form: 'tube' | 'box' | 'round' | 'boxed';
  direction: 'across' | 'thick' | 'deep';
  /** Of a line of contents; without it of all that lies in the room. */
  line?: string;
  /** What is left, mm; less than nothing if it does not go in. */
  clearance: number;
}

interface Asked {
  contents(line: string): { line: ContentsLine; item: Item } | undefined;
  inset(rule: string): number;
  /** The closure holds front and back together above it, so far below the mouth, mm. */
  shut: boolean;
  taken: number;
}

/** Rooms that this file knows how to measure. */
const isKnown = ({ rings, behind = [], lengthwise = false }: Room): boolean =>
  behind.length === 0 &&
  !lengthwise &&
  rings.every(
    ({ parts, walls, floor }) =>
      !parts && !(floor && walls.length === 2) && walls.every(({ flat, beyond }) => !flat && !beyond),
  );

/** What a room clears; nothing for rooms that it does not know how to measure. */
export function witnessed(cut: Cut, room: Room, asked: Asked): Witnessed[] {
  const { stands, rings } = room;
  if (!stands || 'packed' in stands || !isKnown(room)) return [];
  const body = (stood: Stood): Body[] => {
    const held = asked.contents(stood.line);
    return held ? [bodyOf(stood, held.line, held.item)] : [];
  };
  let within: number[] = [];
  const found = rings.flatMap((each): Witnessed[] => {
    const cloth = each.walls.map((wall) => clothOf(cut.pieces, wall));
    const before = cloth.map((_, index) => within[index] ?? within[0] ?? 0);
    const reach = cloth.map((own, index) => own.reach + before[index]!);
    within = cloth.map(({ thick }, index) => before[index]! + thick);
    if ('above' in stands)
      return inRound(
        cut,
        each,
        stands.above.flatMap((stood) => body(stood).map((own) => ({ own, stood }))),
        reach,
        asked,
      );
    const piles = stands.beside.map((pile) => pile.flatMap((stood) => body(stood).map((own) => ({ own, stood }))));
    if (each.walls.length > 2 || each.floor) return [];
    return (each.corners?.length ?? 0) > 0
      ? onBase(cut, each, piles, reach)
      : inTube(cut, each, piles, reach, { ...asked, shut: asked.shut || !!room.shut });
  });
  // a wall that is stretched onto the other is left to the fitting
  const mesh = rings.some(({ walls }) =>
    walls.some(({ piece }) => stretches(cut.pieces.find(({ id }) => id === piece)!)),
  );
  const least = new Map<string, Witnessed>();
  for (const each of found) {
    if (mesh && each.direction === 'across') continue;
    const key = `${each.direction} ${each.line}`;
    if (each.clearance < (least.get(key)?.clearance ?? Infinity)) least.set(key, each);
  }
  return [...least.values()];
}

type Placed = { own: Body; stood: Stood };

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
): Witnessed[] {
  let x = 0;
  const points = piles.flatMap((pile) => {
    const wide = Math.max(...pile.map(({ own }) => own.wide));
    let y = 0;
    const placed = pile.flatMap(({ own }) => {
      const [dx, dy] = [x + (wide - own.wide) / 2, y];
      y += own.thick;
      return own.section.map(([u, v]): Point => [u + dx, v + dy]);
    });
    x += wide;
    return placed;
  });
  const round = ringGirth(cut, { walls }, asked.inset);
  // each wall goes round one half of it, at its own distance
  const needed = (taut(points, reach[0]!) + taut(points, reach[1] ?? reach[0]!)) / 2;
  const deep = walls.flatMap((wall, index): Witnessed[] => {
    const { piece, base, mouth, low } = wall;
    if (!base || !mouth || low) return [];
    const beside = [base, mouth].reduce((sum, { inset }) => sum + (inset ? asked.inset(inset) : 0), 0);
    const high = closest(cut, piece, base, mouth) - beside - asked.taken;
    return piles.flatMap((pile) => {
      const thick = pile.reduce((sum, { own }) => sum + own.thick, 0);
      return pile.map(({ own, stood }): Witnessed => {
        const shows = !asked.shut && (stood.shows?.value ?? 0) > 0;
        const inside = shows ? 0.55 * own.deep : own.deep;
        // lengthwise: half of the line round it, or of one that is mirrored in the mouth
        const along = taut(corners(thick, asked.shut ? inside : 2 * inside), reach[index]!) / (asked.shut ? 2 : 4);
        return { form: 'tube', direction: 'deep', line: stood.line, clearance: high - along };
      });
    });
  });
  return [{ form: 'tube', direction: 'across', clearance: (round - needed) / 2 }, ...deep];
}

function inRound(
  cut: Cut,
  { walls, floor }: Ring,
  things: readonly Placed[],
  reach: readonly number[],
  _asked: Asked,
): Witnessed[] {
  const [wall] = walls;
  if (!wall || !floor) return [];
  const base = cut.pieces.find(({ id }) => id === floor.piece)!;
  const clear = Math.min(across(cut, wall) / Math.PI, 2 * Math.sqrt(outlineArea(base.stitch) / Math.PI));
  const foot = ({ own }: Placed) => (own.section.length > 4 ? own.wide : Math.hypot(own.wide, own.thick));
  return things.map((thing) => ({
    form: 'round',
    direction: 'across',
    line: thing.stood.line,
    clearance: clear - foot(thing) - 2 * reach[0]!,
  }));
}

/** Between the ends of the bottom line things stand side by side. */
function onBase(cut: Cut, { walls, boxed }: Ring, piles: readonly Placed[][], reach: readonly number[]): Witnessed[] {
  if (boxed && boxed.length < 2) return [];
  const far = Math.max(...reach);
  const bottoms = walls.map(({ piece, base }) => {
    const points = pointsOn(cut, piece, base!);
    const xs = points.map(([x]) => x);
    return Math.max(...xs) - Math.min(...xs);
  });
  const wide = piles.reduce((sum, pile) => sum + Math.max(...pile.map(({ own }) => own.wide)), 0);
  const thick = Math.max(...piles.map((pile) => pile.reduce((sum, { own }) => sum + own.thick, 0)));
  const base = Math.min(...walls.map((wall) => across(cut, wall))) - Math.min(...bottoms);
  return [
    { form: 'boxed', direction: 'across', clearance: Math.min(...bottoms) - wide - 2 * far },
    { form: 'boxed', direction: 'thick', clearance: base - thick - 2 * far },
  ];
}
