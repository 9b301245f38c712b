import { byRule, type Derived, type Rule } from '../../derived/derived.ts';
import { volumeOf, type Packable, type Packing, type Triple } from '../../packing/packable.ts';
import type { Orientation } from '../../document/design-document.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { HeldContents } from '../holder-kind.ts';
import { pressedSides } from '../../contents/held.ts';
import { wayOf } from '../../contents/ways.ts';
import { isRound, type Sides } from '../sides.ts';

/** One thing with the ways in which it may lie in a room. */
export interface Loose extends Packable {
  line: string;
  name: string;
  item: Item;
  sides: Sides;
  round: boolean;
  /** The way that it stands is told: nothing is turned. */
  told: boolean;
  /** How thick it is. */
  thin: Derived;
  radius: number;
  /** Half of the way round its smallest section: what an opening must let through, mm. */
  halfGirth: number;
}

/** Loose things arranged in a room with walls all round. All mm. */
/** Walls all round, or a front and a back. */
export type PackedSeat = 'box' | 'cavity' | 'walled';

export interface PackedRoom {
  things: Loose[];
  packing: Packing;
  /** The box round all of them. */
  together: Record<RoomSide, Derived>;
}
export type RoomSide = 'across' | 'thick' | 'up';
export const roomSides = ['across', 'thick', 'up'] as const;

/** The things of a line one by one. Upright, the long side goes up and it may be turned about it; lying, the long side is
 * level and it may lie on any of the others. The other ways to stand are one each. */
export function looseThings(held: HeldContents): Loose[] {
  const { line, item, name, count } = held;
  // loose among others it is pressed
  const sides = pressedSides(held);
  const round = isRound(item, { ...line, orientation: 'upright' });
  const [small, middle] = [sides.across, sides.deep, sides.thickness].map(({ value }) => value).sort((a, b) => a - b);
  return Array.from({ length: count }, (_, index) => ({
    id: `${line.id}#${index + 1}`,
    ways: waysIn(line.orientation, sides),
    line: line.id,
    name,
    item,
    sides,
    told: line.orientation !== 'lying' && line.orientation !== 'upright',
    thin: thinOf(line.orientation, sides),
    round,
    radius: item.planRadius ?? 0,
    halfGirth: round ? (Math.PI * middle!) / 2 : small! + middle!,
  }));
}

const girthRule: Rule = {
  id: 'tube-width',
  formula: 'half of the way round its smallest section',
  source: 'geometry: a slit opens to a loop of twice its length',
};

/** Half of the way round a thing where it is slimmest: a slit at least so long lets it through. mm */
export const halfRound = ({ name, halfGirth, sides }: Loose): Derived =>
  byRule(girthRule, `${name}, half round it`, halfGirth, [sides.across, sides.deep, sides.thickness]);

/** Its thickness, whichever way that goes. */
function thinOf(orientation: Orientation, { across, deep, thickness }: Sides): Derived {
  const way = wayOf(orientation);
  if (way.across === 'thin') return across;
  return way.down === 'thin' ? deep : thickness;
}

function waysIn(orientation: Orientation, sides: Sides): Triple[] {
  if (orientation === 'upright') return standing(sides);
  return orientation === 'lying' ? lying(sides) : [values(sides.across, sides.thickness, sides.deep)];
}

const values = (...sizes: Derived[]): Triple => sizes.map(({ value }) => value) as unknown as Triple;

function standing({ across, deep, thickness }: Sides): Triple[] {
  return unlike([values(across, thickness, deep), values(thickness, across, deep)]);
}

function lying({ across: long, deep: wide, thickness }: Sides): Triple[] {
  return unlike([
    values(long, wide, thickness),
    values(long, thickness, wide),
    values(wide, long, thickness),
    values(thickness, long, wide),
  ]);
}

const unlike = (ways: Triple[]): Triple[] => {
  const bySize = new Map(ways.map((way) => [String(way), way]));
  return [...bySize.values()].sort((a, b) => volumeOf(a) - volumeOf(b));
};
