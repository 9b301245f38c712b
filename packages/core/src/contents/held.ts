import { given, minus, product, sum, times, type Derived } from '../derived/derived.ts';
import type { ContentsLine } from '../document/design-document.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Item } from '../shelves/items/item.ts';
import { longSide, shortSide } from './long-side.ts';
import { leftOf, type SidesLeft } from './smaller.ts';
import { wayOf } from './ways.ts';

/** Contents of one line that a holder takes. */
export interface HeldContents {
  line: ContentsLine;
  item: Item;
  name: string;
  count: number;
  /** What a pinned size leaves of its sides; default all of them. */
  left?: SidesLeft;
  /** It gives, and is looked at as it comes all the same. */
  resting?: true;
}

/** A thing as it goes into a holder: across its mouth and down into it, mm. */
export interface Sides {
  across: Derived;
  deep: Derived;
  /** Of one thing. */
  thickness: Derived;
}

const whole = given('whole', 1, { kind: 'standard', path: 'one' }, 'ratio');

/** The sides of a thing, by the way it is put in: as large as one of its kind may be, and as thick as it comes. */
export function sidesOf({ line, item, name, left }: HeldContents): Sides {
  const from = (key: keyof typeof item) =>
    ({ kind: 'item', path: `items/${item.id}/${key}`, source: item.source }) as const;
  const more = item.tolerance ? [given('may be larger by', item.tolerance, from('tolerance'))] : [];
  const side = (label: string, key: 'length' | 'width' | 'thickness') => {
    const measured = given(`${name}, ${label}`, item[key], from(key));
    return more.length > 0 ? sum(`${name}, ${label} at most`, [measured, ...more]) : measured;
  };
  const named = { long: longSide(item), short: shortSide(item), thin: 'thickness' } as const;
  const way = wayOf(line.orientation);
  const sides: Sides = {
    across: side('across', named[way.across]),
    deep: side('down', named[way.down]),
    thickness: side('thickness', named[way.inwards]),
  };
  if (!left) return sides;
  return {
    across: leftOf('across', sides.across, left.across),
    deep: leftOf('deep', sides.deep, left.deep),
    thickness: leftOf('thickness', sides.thickness, left.thickness),
  };
}

/** The same thing lying: its thickness up, whatever is said of it. */
export const asLying = (held: HeldContents): HeldContents => ({
  ...held,
  line: { ...held.line, orientation: 'lying' },
});

/** The same of a thing that gives, as thick as it is when pressed, unless it is looked at as it comes. */
export function pressedSides(held: HeldContents): Sides {
  const sides = sidesOf(held);
  return held.resting ? sides : { ...sides, thickness: pressed(sides.thickness, held.name, held.item) };
}

function pressed(thickness: Derived, name: string, { id, compressible = 0, source }: HeldContents['item']): Derived {
  if (compressible === 0) return thickness;
  const gives = given(
    'share that gives',
    compressible,
    { kind: 'item', path: `items/${id}/compressible`, source },
    'ratio',
  );
  const share = sum('share that is left', [whole, minus(gives)]);
  return product(`${name}, pressed`, [thickness, share]);
}

/** Whether a thing has a round cross-section the way it goes in. */
export const isRound = ({ shape }: HeldContents['item'], { orientation }: HeldContents['line']): boolean =>
  shape === 'ball' || (shape === 'cylinder' && wayOf(orientation).down === 'long');

/** Thickness of several of a thing on each other, mm. */
export const together = (name: string, count: number, one: Derived): Derived =>
  count === 1 ? one : sum(`${name}, ${count} together`, [times(count, one)]);

/** A section as it was drawn, as wide and as thick as the thing is: its sides are what was measured. mm */
export function sectionAs(points: readonly Point[], across: number, thick: number): Point[] {
  const range = (axis: 0 | 1): [least: number, size: number] => {
    const all = points.map((point) => point[axis]);
    return [Math.min(...all), Math.max(...all) - Math.min(...all)];
  };
  const [[left, wide], [low, high]] = [range(0), range(1)];
  return points.map(([x, y]): Point => [((x - left) / wide) * across, ((y - low) / high) * thick]);
}

/** Common practice: a thing that stands out of a pocket wants at least this share of its length held, or it tips out. */
export const HELD = given(
  'share that is held',
  0.55,
  { kind: 'standard', path: 'held', source: 'common practice' },
  'ratio',
);
