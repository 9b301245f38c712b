import { byRule, minus, sum, type Derived, type Rule } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';

const rule: Rule = {
  id: 'flat-back-pocket',
  formula: 'the taut mid-line of the front from stitch line to stitch line, over the upper edges of the thing',
  source: 'geometry: taut line over an offset rectangle',
};

export interface FlatBackPocket {
  /** The thing, mm. */
  width: Derived;
  thickness: Derived;
  /** Between the stitch lines on the back, which stays flat, mm. */
  backSpan: Derived;
  frontThickness: Derived;
}

/** The front of a pocket whose back must stay flat: its length between the stitch lines, and what it is longer by.
 * @returns mm, without any ease
 * @throws CoreError `size.spanTooNarrow` if the line would enter the thing */
export function flatBackPocket({ width, thickness, backSpan, frontThickness }: FlatBackPocket): {
  frontLength: Derived;
  fullness: Derived;
} {
  const least = width.value + frontThickness.value;
  if (backSpan.value < least - 1e-9)
    throw new CoreError(
      'size.spanTooNarrow',
      `The back span must be at least the thing and the front together (${least}), or the front runs into the thing.`,
      'backSpan',
    );
  const side = tautOverEdge(
    (backSpan.value - width.value) / 2,
    thickness.value - frontThickness.value / 2,
    frontThickness.value / 2,
  );
  const frontLength = byRule(rule, 'front, between the stitch lines', width.value + 2 * side, [
    width,
    thickness,
    backSpan,
    frontThickness,
  ]);
  return { frontLength, fullness: sum('fullness', [frontLength, minus(backSpan)]) };
}

/** From an anchor, `out` beside and `below` under an upper edge, over a round of a radius about that edge to its top: mm. */
function tautOverEdge(out: number, below: number, radius: number): number {
  // an edge below the mid-line of the front is never touched
  if (below <= -radius) return out;
  const reach = Math.hypot(out, below);
  const straight = Math.sqrt(Math.max(0, reach * reach - radius * radius));
  // from the anchor the edge is seen under atan2(below, out); the tangent leaves the round at asin(radius / reach) above
  const rise = Math.atan2(below, out) + Math.asin(Math.min(1, radius / Math.max(reach, 1e-12)));
  return straight + radius * Math.max(0, rise);
}
