/** What a helper makes of a measurement: a size, or why it cannot. */
export type Measured = { ok: true; mm: number } | { ok: false; message: string };

const known = (mm: number): Measured => ({ ok: true, mm });
const refused = (message: string): Measured => ({ ok: false, message });

/** Thickness of a boxy thing from a tape round it (geometry: half the girth is both sides together). It is a little too
 * large for what has round edges.
 * @param girth mm
 * @param width the side that is known, mm */
export function thicknessFromGirth(girth: number, width: number): Measured {
  const thickness = girth / 2 - width;
  return thickness > 0
    ? known(thickness)
    : refused('The tape is shorter than twice its width: measure it again, or its width.');
}

/** Diameter of a round thing from a tape round it (geometry).
 * @param girth mm */
export const diameterFromGirth = (girth: number): Measured =>
  girth > 0 ? known(girth / Math.PI) : refused('Lay the tape once round it.');

/** Thickness of one of several that are alike, from their stack: what is too thin for a ruler.
 * @param total thickness of the stack, mm */
export function oneOfStack(total: number, count: number): Measured {
  if (!Number.isInteger(count) || count < 2) return refused('Stack at least two of them.');
  return total > 0 ? known(total / count) : refused('Measure the whole stack.');
}

/** Several measurements of one size: their mean, and how much larger the largest is. */
export interface Repeated {
  mean: number;
  /** Largest less mean: what a piece of the kind may be larger. mm */
  tolerance: number;
}

/** @param sizes of one thing measured several times, or of several alike, mm
 * @returns nothing for less than two */
export function repeated(sizes: readonly number[]): Repeated | undefined {
  if (sizes.length < 2) return undefined;
  const mean = sizes.reduce((sum, size) => sum + size, 0) / sizes.length;
  return { mean, tolerance: Math.max(...sizes) - mean };
}

/** Common practice: an ounce of leather is a sixty-fourth of an inch. */
const OUNCE = 25.4 / 64;

/** Thickness of leather sold by the ounce, mm. */
export const leatherThickness = (ounces: number): Measured =>
  ounces > 0 && ounces <= 40 ? known(ounces * OUNCE) : refused('Leather is sold from 1 to 40 ounces.');

/** An existing pouch, lying flat and empty. All mm. */
export interface FlatCover {
  /** Inside, from side seam to side seam. */
  width: number;
  /** Inside, from mouth to bottom. */
  depth: number;
  /** Front and back together, pressed flat. */
  walls: number;
  /** Of the thing that goes in. */
  thickness: number;
  ease: number;
}

/** The largest boxy thing that goes into an existing pouch: the flat width is half its girth, the cloth going round it and the
 * ease (rule tube-width, read backwards). */
export function fitsCover({ width, depth, walls, thickness, ease }: FlatCover): Measured & { long?: number } {
  const across = width - thickness - (Math.PI / 4) * walls - ease;
  if (across <= 0) return refused('Nothing so thick goes into a pouch of this width.');
  return { ...known(across), long: depth };
}
