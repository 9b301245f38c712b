import { addendsOf, byRule, given, product, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { circleRowPerimeter, ellipsePerimeter, hullPerimeter, type Point } from '../geometry/perimeter.ts';

const STEINER = 'geometry: perimeter of a parallel convex body (Steiner)';
export const tubeWidthRule: Rule = {
  id: 'tube-width',
  formula: '(P + π × (front + back) / 2) / 2 + ease',
  source: STEINER,
};
const halfGirthRule = (formula: string): Rule => ({
  id: 'tube-width',
  formula,
  source: 'geometry: half the perimeter',
});
const clothRule: Rule = { id: 'tube-width', formula: 'π/4 × (front + back)', source: STEINER };
const reachRule: Rule = { id: 'tube-width', formula: 'π/2 × (front + back)', source: STEINER };

/** The two walls of a flat pocket, thickness as they lie, mm. */
export interface Walls {
  front: Derived;
  back: Derived;
}

/** Distance between the stitch lines of a flat pocket, free to give in both walls of one layer each, that just takes a thing.
 * @param halfGirth half the perimeter of the thing's cross-section, mm (see the functions below)
 * @returns mm, as the sum a maker reads: half girth + cloth going round + ease */
export function tubeWidth(halfGirth: Derived, walls: Walls, ease: Derived): Derived {
  const value = (Math.PI / 4) * (walls.front.value + walls.back.value);
  return flat(halfGirth, byRule(clothRule, 'cloth going round it', value, [walls.front, walls.back]), ease);
}

/** The same for walls of several layers.
 * @param reach of each wall: from the thing to the middle of the outermost layer that does not give, mm
 * @returns mm, as the sum a maker reads */
export function tubeAround(halfGirth: Derived, { front, back }: Walls, ease: Derived): Derived {
  const value = (Math.PI / 2) * (front.value + back.value);
  return flat(halfGirth, byRule(reachRule, 'cloth going round it', value, [front, back]), ease);
}

function flat(halfGirth: Derived, cloth: Derived, ease: Derived): Derived {
  return sum('flat width', [...addendsOf(halfGirth), cloth, ease]);
}

/** Half the girth of a card, box or stack of cards lying flat.
 * @param thickness of the whole stack, mm
 * @param edgeRadius of the cross-section, mm */
export function rectHalfGirth(width: Derived, thickness: Derived, edgeRadius?: Derived): Derived {
  if (!edgeRadius || edgeRadius.value === 0) return sum('half its girth', [width, thickness]);
  const rule = halfGirthRule('(4 - π) × edge radius');
  const saved = byRule(rule, 'rounded edges save', (4 - Math.PI) * edgeRadius.value, [edgeRadius]);
  return sum('half its girth', [width, thickness, times(-1, saved)]);
}

/** Half the girth of round things lying side by side. */
export function cylinderHalfGirth(diameter: Derived, count: Derived): Derived {
  const rule = halfGirthRule('(count - 1) × diameter + π/2 × diameter');
  return byRule(rule, 'half its girth', circleRowPerimeter(diameter.value, count.value) / 2, [diameter, count]);
}

/** Half the girth of an elliptic thing.
 * @param long  long axis, mm
 * @param short short axis, mm */
export function ellipseHalfGirth(long: Derived, short: Derived): Derived {
  const rule = halfGirthRule('half the perimeter of the ellipse (arithmetic-geometric mean)');
  return byRule(rule, 'half its girth', ellipsePerimeter(long.value, short.value) / 2, [long, short]);
}

/** Half a girth measured with a tape. */
export function tapeHalfGirth(girth: Derived): Derived {
  const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
  return product('half its girth', [girth, half]);
}

/** Half the girth of any cross-section: the cloth runs round its hull.
 * @param points of the section, mm */
export function outlineHalfGirth(points: Point[]): Derived {
  return given('half the girth of its outline', hullPerimeter(points) / 2, { kind: 'input', path: 'points' });
}
