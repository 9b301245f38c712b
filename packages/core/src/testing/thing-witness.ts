import type { ContentsLine } from '../document/design-document.ts';
import { bundleOf } from '../geometry/bundle.ts';
import { hullPerimeter, type Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Opening, Room, RoomWall, Stood } from '../pieces/room.ts';
import { standardHardware } from '../shelves/hardware/hardware.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';

// Whether things go into a room, by another way than the fitting: sampled hulls moved out by the cloth, and lines of the pieces as points.

/** What a thing is, read from its line and its entry: plain ones only. mm */
export interface Body {
  wide: number;
  thick: number;
  deep: number;
  section: Point[];
  /** Of its corners, seen from above. */
  round?: number;
}

const STEPS = 360;
const ring = (x: number, y: number, r: number): Point[] =>
  Array.from({ length: STEPS }, (_, index): Point => {
    const angle = (2 * Math.PI * index) / STEPS;
    return [x + r * Math.cos(angle), y + r * Math.sin(angle)];
  });
export const corners = (wide: number, thick: number): Point[] => [
  [0, 0],
  [wide, 0],
  [wide, thick],
  [0, thick],
];

/** Across, down and from front to back, as it goes in. mm */
export function sidesOf(line: ContentsLine, item: Item): { wide: number; deep: number; thin: number; lying: boolean } {
  const { tolerance: more = 0, compressible = 0 } = item;
  const turned = !['cylinder', 'disc', 'ball'].includes(item.shape) && item.width > item.length;
  const [long, short] = turned ? [item.width, item.length] : [item.length, item.width];
  const { thickness } = item;
  // across, down, from front to back
  const [wide, deep, thin] = {
    lying: [long, short, thickness],
    upright: [short, long, thickness],
    flat: [long, thickness, short],
    'flat-inwards': [short, thickness, long],
    edge: [thickness, long, short],
    'edge-lying': [thickness, short, long],
  }[line.orientation] as [number, number, number];
  const lying = line.orientation !== 'upright' && line.orientation !== 'edge';
  return { wide: wide + more, deep: deep + more, thin: (thin + more) * (1 - compressible), lying };
}

export function bodyOf({ count, above = 1, flat = false, board, only }: Stood, line: ContentsLine, item: Item): Body {
  const { wide, deep, thin: whole, lying } = sidesOf(flat ? { ...line, orientation: 'lying' } : line, item);
  const thin = only && board ? board.value : whole;
  if (flat) {
    const disc = item.shape === 'disc';
    const section = disc ? ring(wide / 2, wide / 2, wide / 2) : corners(wide, deep);
    return { wide, thick: disc ? wide : deep, deep: thin, section };
  }
  if (item.shape === 'ball' || (item.shape === 'cylinder' && !lying)) {
    const heap = bundleOf(count);
    const section = heap.centres.flatMap(([x, y]) => ring(x * wide, y * wide, wide / 2));
    const thick = count === 1 && item.compressible ? thin : heap.height * wide;
    return { wide: heap.width * wide, thick, deep: deep * above, section };
  }
  return { wide, thick: thin * count, deep: deep * above, section: corners(wide, thin * count) };
}

/** From the things outwards: how thick all of it is, and how far it is to the middle of the last layer that neither pads nor stretches. */
export function clothOf(
  pieces: readonly Piece[],
  wall: Pick<RoomWall, 'piece' | 'double' | 'rightSide' | 'layers' | 'shared'>,
): { thick: number; reach: number } {
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
  if (wall.shared) return { thick: whole, reach: whole / 2 };
  return wall.double ? { thick: 2 * whole, reach: whole + own } : { thick: whole, reach: own };
}

/** Length of a line taut round points at a distance, mm. */
export function taut(points: readonly Point[], off: number): number {
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
  form: 'tube' | 'box' | 'round' | 'boxed' | 'case' | 'zipped' | 'pleated' | 'wrapped' | 'faced' | 'fan';
  direction: 'across' | 'thick' | 'deep';
  /** Of a line of contents; without it of all that lies in the room. */
  line?: string;
  /** What is left, mm; less than nothing if it does not go in. */
  clearance: number;
}

export interface Asked {
  contents(line: string): { line: ContentsLine; item: Item } | undefined;
  inset(rule: string): number;
  /** The closure holds front and back together above it, so far below the mouth, mm. */
  shut: boolean;
  taken: number;
  /** Pockets between its things and its back. */
  behind: readonly Room[];
  /** What lies loose on the base, mm. */
  onBase: number;
  /** All other rooms: what is sewn onto its walls takes of it. */
  others: readonly Room[];
  /** What opens. */
  opening?: Opening;
  /** How much of what goes over the edge of the piece lies over that, mm; default nothing does. */
  over?: number;
}

/** A thing, and how it stands. */
export type Placed = { own: Body; stood: Stood };

/** Piles of a room, each from the back to the front. */
export const pilesIn = ({ stands }: Room, { contents }: Pick<Asked, 'contents'>): Placed[][] =>
  (stands && 'beside' in stands ? stands.beside : [])
    .map((pile) =>
      pile.flatMap((stood) => {
        const held = contents(stood.line);
        return held ? [{ own: bodyOf(stood, held.line, held.item), stood }] : [];
      }),
    )
    .filter((pile) => pile.length > 0);

/** Of what is told of one direction and line more than once, the least. */
export function leastOfEach(found: readonly Witnessed[]): Witnessed[] {
  const least = new Map<string, Witnessed>();
  for (const each of found) {
    const key = `${each.direction} ${each.line}`;
    if (each.clearance < (least.get(key)?.clearance ?? Infinity)) least.set(key, each);
  }
  return [...least.values()];
}
