import { byRule, minus, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';

const corners: Rule = { id: 'gusset-run', formula: '(8 - 2π) × corner radius', source: 'geometry: rounded rectangle' };
const standOff: Rule = {
  id: 'gusset-run',
  formula: '2π × offset',
  source: 'geometry: perimeter of a parallel convex body (Steiner)',
};

export interface GussetRun {
  /** The plate, mm. */
  length: Derived;
  width: Derived;
  cornerRadius: Derived;
  /** From the plate out to the stitch line, mm. */
  offset: Derived;
  /** Length of the run that carries the zipper, if it is known, mm. */
  zipperPart?: Derived | undefined;
}

/** The stitch line round a plate with rounded corners, and what is left of it for the hinge. All mm.
 * @throws CoreError `size.radiusTooLarge`, `size.zipperTooLong` */
export function gussetRun({ length, width, cornerRadius, offset, zipperPart }: GussetRun): {
  stitchLine: Derived;
  hingePart?: Derived;
} {
  const largest = Math.min(length.value, width.value) / 2;
  if (cornerRadius.value > largest + 1e-9)
    throw new CoreError(
      'size.radiusTooLarge',
      `The corner radius may be half the shorter side at most (${largest}).`,
      'cornerRadius',
    );
  const saved = byRule(corners, 'rounded corners save', (8 - 2 * Math.PI) * cornerRadius.value, [cornerRadius]);
  const further = byRule(standOff, 'further out', 2 * Math.PI * offset.value, [offset]);
  const stitchLine = sum('stitch line round the plate', [times(2, length), times(2, width), minus(saved), further]);
  if (!zipperPart) return { stitchLine };
  if (zipperPart.value > stitchLine.value + 1e-9)
    throw new CoreError(
      'size.zipperTooLong',
      `The zipper part is longer than the whole run (${stitchLine.value.toFixed(1)}).`,
      'zipperPart',
    );
  return { stitchLine, hingePart: sum('hinge part', [stitchLine, minus(zipperPart)]) };
}
