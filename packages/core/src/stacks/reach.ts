import { given, halfOf, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Role } from '../document/design-document.ts';
import type { Material } from '../shelves/materials/material.ts';

/** A layer of a wall round a thing. */
export interface WallLayer {
  /** As it lies, mm. */
  thickness: Derived;
  /** How far it stretches across, a share; default not at all. */
  stretch?: Derived;
  /** It gives way when it is drawn round something, so that others hold the thing. */
  gives: boolean;
}

/** Below this much give, as a share, cloth is sewn and drawn taut like any other (common practice). */
export const GIVES = 0.1;

/** Whether a material gives way round a thing: padding, and what stretches (common practice). */
export const givesWay = ({ use, stretchAlong = 0, stretchAcross = 0 }: Material): boolean =>
  use === 'padding' || Math.max(stretchAlong, stretchAcross) >= GIVES;

/** From a thing to the middle of the outermost layer round it that does not give: that one decides how far it is round all of them,
 * whatever lies within. Of a wall that gives altogether, to its middle. mm
 * @param layers from the thing outwards */
export function reachOf(label: string, layers: readonly WallLayer[]): Derived {
  const outermost = layers.findLastIndex(({ gives }) => !gives);
  if (outermost < 0)
    return halfOf(
      label,
      sum(
        'all layers',
        layers.map(({ thickness }) => thickness),
      ),
    );
  const within = layers.slice(0, outermost).map(({ thickness }) => thickness);
  return sum(label, [...within, halfOf('half of the outermost', layers[outermost]!.thickness)]);
}

/** Layers as they lie on each other: all of them, how far they stretch, and how far it is to the outermost from what lies within, and from what is sewn onto
 * the right side. mm */
export interface Stack {
  stack: Derived;
  inner: Derived;
  outside: Derived;
  /** How far all of them together stretch across, a share. */
  stretch: Derived;
}

const UNSTRETCHED = given('no cloth', 0, { kind: 'standard', path: 'stretch' }, 'ratio');

/** @param layers from the right side inwards
 * @param of what they are the layers of; default all that has the role */
export function stackOf(role: Role, layers: readonly WallLayer[], of: string = role): Stack {
  const label = of === role ? role : `${of} (${role})`;
  return {
    stack: sum(
      `${label}, all layers`,
      layers.map(({ thickness }) => thickness),
    ),
    // things lie against the right side of a lining
    inner: reachOf(`${label}, to its outermost layer`, role === 'lining' ? layers : [...layers].reverse()),
    outside: reachOf(`${label === 'exterior' ? 'shell' : label}, from its right side to its outermost layer`, layers),
    stretch: smallest(`${label} stretches across by`, [
      ...layers.map(({ stretch }) => stretch ?? UNSTRETCHED),
      ...(layers.length > 0 ? [] : [UNSTRETCHED]),
    ]),
  };
}

/** What is known of the layers of each role: how thick they lie, and how far it is to the outermost. mm */
interface Layers {
  stacks: Readonly<Record<Role, Derived>>;
  reach: Readonly<Record<Role, Derived>>;
}

/** From what stands in a lined body to the outermost layer of its shell, mm. */
export const wallReach = ({ stacks, reach }: Layers, wall = 'wall'): Derived =>
  sum(`${wall}, to its outermost layer`, [stacks.lining, reach.exterior]);

/** From a thing to the outermost layer of cloth of a role that is folded double, mm. */
export const doubledReach = ({ stacks, reach }: Layers, role: Role, wall = 'front'): Derived =>
  sum(`${wall}, to its outermost layer`, [stacks[role], reach[role]]);

/** What two lined walls that face each other take of a side, or both walls at a corner: each to the outermost layer of its shell, mm. */
export const wallsReach = ({ stacks, reach }: Layers): Derived =>
  sum('two walls, to their outermost layers', [times(2, stacks.lining), times(2, reach.exterior)]);
