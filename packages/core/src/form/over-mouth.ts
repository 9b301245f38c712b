import { archControl } from '../geometry/arch.ts';
import { clipped } from '../geometry/clip.ts';
import { boundsOf, flatten, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Vector } from './vector.ts';

/** What goes over a mouth when it is closed, and stands over it to carry it. All mm. */
export interface OverMouth {
  /** Its stitch line, the edge that is caught in the back along the bottom, and how far below the mouth that is. `crossing`
   * is what it takes from the back edge of the mouth to the front one, over what stands out of it; default the mouth's depth. */
  flap?: { outline: Outline; within: number; crossing?: number };
  /** The middles of a handle's ends from the middle of the mouth, its middle above the mouth, and how wide it is. */
  grips: readonly { x0: number; x1: number; drop: number; wide: number }[];
}

/** A flat facet that is drawn with a solid, counter-clockwise seen from its right side. */
export interface OverFacet {
  of: 'flap' | 'grip';
  ring: Vector[];
  /** The places in the ring where a side begins that is no edge of the cloth. */
  within: readonly number[];
}

/** So far over the cloth that they lie on, mm. */
const OFF = 1;
/** Flats of a handle. */
const FLATS = 18;

/** A flap from the back over the mouth and down the front, and a handle at the front and at the back.
 * @param rim corners of the mouth: right, up and towards the eye, mm */
export function overMouth(rim: readonly Vector[], { flap, grips }: OverMouth): OverFacet[] {
  const range = (axis: 0 | 1 | 2): [number, number] => {
    const all = rim.map((corner) => corner[axis]);
    return [Math.min(...all), Math.max(...all)];
  };
  const [[left, right], [, top], [back, front]] = [range(0), range(1), range(2)];
  const mouth = { middle: (left + right) / 2, top, back, front };
  return [...(flap ? flapFacets(flap, mouth) : []), ...grips.flatMap((grip) => gripFacets(grip, mouth))];
}

interface Mouth {
  middle: number;
  top: number;
  back: number;
  front: number;
}

function flapFacets({ outline, within, ...way }: NonNullable<OverMouth['flap']>, { middle, top, back, front }: Mouth) {
  const { left, width, bottom, height } = boundsOf(outline);
  const depth = front - back + 2 * OFF;
  const over = bottom + within;
  const crossing = Math.max(depth, way.crossing ?? depth);
  const part = (from: number, to: number): Point[] =>
    flatten(clipped(outline, [left - 1, from], [left + width + 1, Math.max(from, to)]));
  const across = (x: number) => middle + x - left - width / 2;
  const facet = (points: Point[], place: (point: Point) => Vector): OverFacet[] =>
    // the cloth is cut with its right side down
    points.length < 3 ? [] : [{ of: 'flap', ring: points.map(place).reverse(), within: [] }];
  return [
    ...facet(part(over, over + depth), ([x, y]) => [across(x), top + OFF, back - OFF + y - over]),
    ...facet(part(over + crossing, bottom + height + 1), ([x, y]) => [
      across(x),
      top + OFF - (y - over - crossing),
      front + OFF,
    ]),
  ];
}

/** A ribbon along a curve that stands as high as it is told, at the front and at the back. */
function gripFacets(
  { x0, x1, drop, wide }: OverMouth['grips'][number],
  { middle, top, back, front }: Mouth,
): OverFacet[] {
  const high = archControl(drop);
  const places = Array.from({ length: FLATS + 1 }, (_, index) => placeAt(index / FLATS));
  /** Inner and outer edge. */
  function placeAt(t: number): [Point, Point] {
    const s = 1 - t;
    const [x, y] = [x0 * s * s * (s + 3 * t) + x1 * t * t * (t + 3 * s), 3 * s * t * high];
    const [dx, dy] = [6 * s * t * (x1 - x0), 3 * (s - t) * high];
    const by = wide / 2 / Math.hypot(dx, dy);
    return [
      [x + dy * by, y - dx * by],
      [x - dy * by, y + dx * by],
    ];
  }
  const at = ([x, y]: Point, z: number): Vector => [middle + x, top + y, z];
  return [back - OFF, front + OFF].flatMap((z) =>
    places.slice(1).map(([inner, outer], index): OverFacet => {
      const [before, beforeOuter] = places[index]!;
      return {
        of: 'grip',
        ring: [at(before, z), at(inner, z), at(outer, z), at(beforeOuter, z)],
        within: [1, 3],
      };
    }),
  );
}
