import { byRule, given, minus, product, sum, type Derived, type Rule } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';

const rule: Rule = {
  id: 'loop',
  formula: '2√(D² - r²) + 2r(π - atan2(a, h) - acos(r / D)), a half the span, r and h to the mid-line of the strap',
  source: 'geometry: belt over one pulley from two anchors',
};

export interface Loop {
  diameter: Derived;
  /** From the axis of the thing to the stitching, mm. */
  halfSpan: Derived;
  strapThickness: Derived;
  /** Share by which elastic is cut shorter. */
  takeUp: Derived;
}

/** A strap over a round thing that lies on a flat back, stitched on both sides of it.
 * @returns length along the mid-line of the strap from stitching to stitching, and of elastic at rest, mm
 * @throws CoreError `size.spanTooNarrow` if the stitching would lie inside the strap's round */
export function loop({ diameter, halfSpan, strapThickness, takeUp }: Loop): {
  pathLength: Derived;
  relaxedLength: Derived;
} {
  const [a, r, h] = [
    halfSpan.value,
    (diameter.value + strapThickness.value) / 2,
    (diameter.value - strapThickness.value) / 2,
  ];
  const reach = Math.hypot(a, h);
  if (reach < r - 1e-9)
    throw new CoreError(
      'size.spanTooNarrow',
      `The stitching lies under the thing: half the span must be larger.`,
      'halfSpan',
    );
  const round = Math.PI - Math.atan2(a, h) - Math.acos(Math.min(1, r / reach));
  const value = 2 * Math.sqrt(Math.max(0, reach * reach - r * r)) + 2 * r * round;
  const pathLength = byRule(rule, 'strap, stitching to stitching', value, [diameter, halfSpan, strapThickness]);
  const one = given('whole', 1, { kind: 'standard', path: 'one' }, 'ratio');
  const share = sum('share left', [one, minus(takeUp)]);
  return { pathLength, relaxedLength: product('elastic at rest', [pathLength, share]) };
}
