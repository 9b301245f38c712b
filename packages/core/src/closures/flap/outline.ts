import { line, moved, type ArcEdge, type Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';

/** Its base at the bottom, both far corners rounded; edges `bottom`, `right`, `corner-right`, `tip`, `corner-left`, `left`.
 * @param radius at most half of the width, mm */
export function flapOutline(width: number, length: number, radius: number): Outline {
  return [line('bottom', [0, 0], [width, 0]), ...around(width, length, radius, 0)];
}

/** From the lower end of its right side round its end to the lower end of its left side. */
function around(width: number, length: number, radius: number, low: number): Outline {
  const shoulder = length - radius;
  const corner = (id: string, from: Point, to: Point, x: number): ArcEdge => ({
    id,
    kind: 'arc',
    from,
    to,
    centre: [x, shoulder],
    sweep: Math.PI / 2,
  });
  return [
    line('right', [width, low], [width, shoulder]),
    corner('corner-right', [width, shoulder], [width - radius, length], width - radius),
    ...(width - 2 * radius > 1e-9 ? [line('tip', [width - radius, length], [radius, length])] : []),
    corner('corner-left', [radius, length], [0, shoulder], radius),
    line('left', [0, shoulder], [0, low]),
  ];
}

/** A flap parted by a zipper along an arc that bulges towards its end. All mm. */
export interface Curve {
  /** Of the edge nearer to the base; what shows of the zipper lies outside it. */
  radius: number;
  exposed: number;
  /** Where both edges of the gap meet the sides, from the base. */
  near: number;
  far: number;
  /** Height of the arc over its chord. */
  rise: number;
  /** Lengths of the near edge, of the middle of the zipper, and of the far edge. */
  lengths: { near: number; zipper: number; far: number };
}

/** The curve whose near edge meets the sides so far from the base. */
export function curveAt(width: number, rise: number, exposed: number, near: number): Curve {
  const radius = (width ** 2 / 4 + rise ** 2) / (2 * rise);
  const centre = near + rise - radius;
  const lengthOf = (r: number) => 2 * r * Math.asin(width / 2 / r);
  return {
    radius,
    exposed,
    near,
    far: centre + Math.sqrt((radius + exposed) ** 2 - width ** 2 / 4),
    rise,
    lengths: {
      near: lengthOf(radius),
      zipper: lengthOf(radius + exposed / 2),
      far: lengthOf(radius + exposed),
    },
  };
}

function arc(width: number, { radius, near, rise }: Curve, r: number, height: number, back: boolean): ArcEdge {
  const centre: Point = [width / 2, near + rise - radius];
  const turn = 2 * Math.asin(width / 2 / r);
  const [right, left]: [Point, Point] = [
    [width, height],
    [0, height],
  ];
  return back
    ? { id: 'zip', kind: 'arc', from: left, to: right, centre, sweep: -turn }
    : { id: 'zip', kind: 'arc', from: right, to: left, centre, sweep: turn };
}

/** The half at the base; edges `bottom`, `right`, `zip`, `left`. */
export const baseHalf = (width: number, curve: Curve): Outline => [
  line('bottom', [0, 0], [width, 0]),
  line('right', [width, 0], [width, curve.near]),
  arc(width, curve, curve.radius, curve.near, false),
  line('left', [0, curve.near], [0, 0]),
];

/** The half at the end; edges `zip`, `right`, `corner-right`, `tip`, `corner-left`, `left`. */
export function endHalf(width: number, length: number, radius: number, curve: Curve): Outline {
  const zip = arc(width, curve, curve.radius + curve.exposed, curve.far, true);
  return moved([zip, ...around(width, length, radius, curve.far)], 0, -curve.far);
}
