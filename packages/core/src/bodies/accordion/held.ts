import { byRule, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import type { BodyInputs } from '../body-kind.ts';
import { nothing } from '../../derived/constants.ts';
import { pocketFrame } from '../../shelves/rules/common-rules.ts';
import type { MeasuredFace } from '../../faces/measure.ts';

export const wallFaces = ['front-wall', 'back-wall'] as const;
export type WallFace = (typeof wallFaces)[number];

export const wallTitles: Record<WallFace, string> = {
  'front-wall': 'inside of the front',
  'back-wall': 'inside of the back',
};

/** What an accordion holds: its compartments from the front, and what is sewn onto the lining of its front and its back. */
export interface Held {
  compartments: readonly MeasuredFace[];
  walls: Readonly<Record<WallFace, MeasuredFace>>;
}

export function heldIn(faces: readonly MeasuredFace[]): Held {
  const wall = (id: WallFace) => faces.find((face) => face.id === id)!;
  return {
    compartments: faces.filter(({ id }) => !wallFaces.some((wall) => wall === id)),
    walls: { 'front-wall': wall('front-wall'), 'back-wall': wall('back-wall') },
  };
}

/** Those walls onto which something is sewn. */
export const sewnOnto = ({ walls }: Held): MeasuredFace[] =>
  wallFaces.flatMap((id) => (walls[id].occupied ? walls[id] : []));

const acrossRule: Rule = {
  id: 'accordion',
  formula: 'from the first to the last',
  source: 'geometry: things beside each other',
};

/** How far across a wall its things reach, whatever holds them, and the ease of all that stands in the bag, mm. */
export function thingsAcross({ id, slabs }: MeasuredFace, ease: Derived): Derived {
  const things = slabs.filter(({ of }) => 'line' in of);
  const [first, last] = [Math.min(...things.map(({ x0 }) => x0)), Math.max(...things.map(({ x1 }) => x1))];
  const across = byRule(
    acrossRule,
    `things on the ${wallTitles[id as WallFace]}`,
    things.length > 0 ? last - first : 0,
    [],
  );
  return sum('things and ease', [across, ease]);
}

/** The width or the height that what is sewn onto the walls asks for, clear of their edges, mm.
 * @param less how much smaller the lining is */
export const askedByWalls = (
  held: Held,
  size: 'width' | 'height',
  less: Derived,
  { rules }: Pick<BodyInputs, 'rules'>,
): Derived[] =>
  sewnOnto(held).map((wall) =>
    sum(`on the ${wallTitles[wall.id as WallFace]}`, [wall[size], less, times(2, rules.length(pocketFrame))]),
  );

/** How thick all is that lies in a compartment, with what is sewn onto the wall beside it, mm.
 * @param index of it, from the front */
export function thickIn({ compartments, walls }: Held, index: number): Derived {
  const { thick = nothing } = compartments[index]!.sizes;
  const beside = [
    ...(index === 0 ? [walls['front-wall']] : []),
    ...(index === compartments.length - 1 ? [walls['back-wall']] : []),
  ].filter(({ occupied }) => occupied);
  return beside.length === 0
    ? thick
    : sum(`in compartment ${index + 1} and on its wall`, [thick, ...beside.map(({ loaded }) => loaded)]);
}
