import { given, minus, product, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Clearance, HeldContents } from './holder-kind.ts';

/** A thing as it goes into a holder: across its mouth and down into it, mm. */
export interface Sides {
  across: Derived;
  deep: Derived;
  /** Of one thing. */
  thickness: Derived;
}

/** The sides of a thing, by the way it is put in. */
export function sidesOf({ line, item, name }: HeldContents): Sides {
  const side = (label: string, key: 'length' | 'width' | 'thickness') =>
    given(`${name}, ${label}`, item[key], { kind: 'item', path: `items/${item.id}/${key}`, source: item.source });
  const lying = line.orientation === 'lying';
  return {
    across: side('across', lying ? 'length' : 'width'),
    deep: side('down', lying ? 'width' : 'length'),
    thickness: side('thickness', 'thickness'),
  };
}

/** Thickness of several of a thing on each other, mm. */
export const together = (name: string, count: number, one: Derived): Derived =>
  count === 1 ? one : sum(`${name}, ${count} together`, [times(count, one)]);

/** Common practice: a thing that stands in a pocket wants at least this share of its length held. */
const HELD_AT_LEAST = 0.55;
const mayShow = given(
  'share that may stand out',
  1 - HELD_AT_LEAST,
  { kind: 'standard', path: 'held', source: 'common practice' },
  'ratio',
);

/** How much of a thing stands out of its mouth: what is wished, but never so much that it falls out. mm
 * @param deep length of the thing, down into the pocket */
export const standsOut = (deep: Derived, wished: Derived): Derived =>
  smallest('shows above the mouth', [wished, product('at most 45 % of it', [deep, mayShow])]);

/** What is left of the room once the thing has what it asks for. */
export const clearanceOf = (reading: Omit<Clearance, 'clearance'>): Clearance => ({
  ...reading,
  clearance: sum('clearance', [reading.available, minus(reading.required)]),
});

/** Some of one thing lying on each other in a pocket. All mm. */
export interface Sheaf {
  line: string;
  name: string;
  count: number;
  across: Derived;
  deep: Derived;
  /** Of all together. */
  thickness: Derived;
  /** Of one. */
  one: Derived;
  radius: number;
}

/** Everything of a contents line that shares a pocket, on one pile. */
export function sheafOf(held: HeldContents): Sheaf {
  const { line, item, name, count } = held;
  const { across, deep, thickness: one } = sidesOf(held);
  const radius = item.planRadius ?? 0;
  return { line: line.id, name, count, across, deep, thickness: together(name, count, one), one, radius };
}
