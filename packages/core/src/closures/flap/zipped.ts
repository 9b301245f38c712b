import { byRule, minus, rounded, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { edgeLength } from '../../geometry/outline.ts';
import { edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { exposedOf } from '../zipper.ts';
import { flapPiece, mirrored, type Flap, type FlapOuter } from './piece.ts';
import { baseHalf, curveAt, endHalf, flapOutline, type Curve } from './outline.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

export const FLAP_ZIPPER = 'zipper-3';
const curveRule: Rule = {
  id: 'zipper',
  formula: '2 × radius × asin(width / 2 / radius)',
  source: 'geometry: arcs with one middle, before and behind the zipper',
};
/** Common practice: an arc an eighth of its width high still takes a zipper without gathers. */
const RISE = 1 / 8;
/** Straight stretches left at the base and beside the corners, mm. */
const BASE = 12;
const BESIDE = 10;

/** What the zipper shows between both halves. mm */
export const flapExposed = (inputs: ClosureInputs): Derived => exposedOf({ gauge: FLAP_ZIPPER }, inputs);

/** Shorter, a flap has no room for a zipper across it. mm */
export const leastLength = (width: number, corner: number, exposed: number): number =>
  BASE + width * RISE + exposed + BESIDE + corner;

/** The curve in the middle of what room there is. */
export function flapCurve(width: number, length: number, corner: number, exposed: number): Curve {
  const spare = Math.max(0, length - leastLength(width, corner, exposed));
  return curveAt(width, width * RISE, exposed, BASE + spare / 2);
}

/** Two halves with a zipper between them along an arc: behind it the flap is a pocket. */
export function zippedOuter({ width, length, corner }: Flap, exposed: Derived, inputs: ClosureInputs): FlapOuter {
  const { rules, grid, id } = inputs;
  const tape = hardwareWidth('zipper tape, wide', FLAP_ZIPPER, inputs);
  const [w, l, r] = [width.value, length.value, corner.value];
  const curve = flapCurve(w, l, r, exposed.value);
  const [base, end, zipper, lining] = [`${id}/flap`, `${id}/flap-end`, `${id}/zipper`, `${id}/flap-lining`];
  const seam = rules.length(seamAllowance);
  const zip = rules.length(zipSeam);
  const arc = (label: string, value: number) => byRule(curveRule, label, value, [width, exposed]);
  const along = arc('zipper, along its middle', curve.lengths.zipper);
  const cut = rounded(sum('zipper, cut length', [along, times(2, seam)]), grid, 'up');
  const start = (cut.value - along.value) / 2;
  const onto = (edge: 'bottom' | 'top', half: string, label: string, length_: number): Seam => ({
    id: `${zipper}#${edge}`,
    kind: 'sewn',
    centre: true,
    a: edgePart(zipper, edge, start, start + along.value),
    b: wholeEdge(half, 'zip', true),
    ease: { by: sum(label, [along, minus(arc('edge', length_))]) },
  });
  const high = (label: string, value: number) => byRule(curveRule, label, value, [length]);
  return {
    pieces: [
      flapPiece(
        {
          id: base,
          name: 'Flap, half at the base',
          role: 'exterior',
          outline: baseHalf(w, curve),
          width,
          height: high('base to the middle of the curve', curve.near + curve.rise),
        },
        seam,
        zip,
      ),
      flapPiece(
        {
          id: end,
          name: 'Flap, half at the end',
          role: 'exterior',
          outline: endHalf(w, l, r, curve),
          width,
          height: high('side of the curve to the end', l - curve.far),
        },
        seam,
        zip,
      ),
      strip({ id: zipper, name: 'Zipper of the flap', cutFrom: FLAP_ZIPPER, length: cut, width: tape }),
    ],
    first: [
      onto('bottom', base, 'zipper longer than the edge inside its curve', curve.lengths.near),
      onto('top', end, 'zipper longer than the edge outside its curve', curve.lengths.far),
    ],
    joins: aroundSeams({ base, end, lining }, { w, l, r }, curve),
    hardware: [
      { id: FLAP_ZIPPER, count: 1, length: cut.value },
      { id: 'slider-3', count: 1 },
    ],
    base,
  };
}

/** Both halves on the whole lining; at the sides, the ends of the zipper lie between them. */
function aroundSeams(
  { base, end, lining }: Record<'base' | 'end' | 'lining', string>,
  { w, l, r }: Record<'w' | 'l' | 'r', number>,
  { near, far }: Curve,
): Seam[] {
  const whole = flapOutline(w, l, r);
  const side = edgeLength(whole.find(({ id }) => id === 'left')!);
  // the right side runs up, the left one down
  const low = { right: [0, near], left: [side - near, side] } as const;
  const high = { right: [far, side], left: [0, side - far] } as const;
  const sides = (['right', 'left'] as const).flatMap((edge): Seam[] => {
    const mate = mirrored(edge) as 'left' | 'right';
    return [
      {
        id: `${base}#${edge}`,
        kind: 'sewn',
        a: wholeEdge(base, edge),
        b: edgePart(lining, mate, low[mate][0], low[mate][1], true),
      },
      {
        id: `${end}#${edge}`,
        kind: 'sewn',
        a: wholeEdge(end, edge),
        b: edgePart(lining, mate, high[mate][0], high[mate][1], true),
      },
    ];
  });
  const ends = whole
    .map(({ id }) => id)
    .filter((id) => !['bottom', 'right', 'left'].includes(id))
    .map((id): Seam => ({
      id: `${end}#${id}`,
      kind: 'sewn',
      a: wholeEdge(end, id),
      b: wholeEdge(lining, mirrored(id), true),
    }));
  return [...sides, ...ends];
}
