import { half } from '../derived/constants.ts';
import { largest, named, product, sum, times, type Derived } from '../derived/derived.ts';

/** How far a zipper opens between two end seams: clear of both, so that no stop and no tooth lies in a seam, but never less
 * than half of the way (common practice). mm
 * @param run from end seam to end seam
 * @param clear of each end seam */
export const zipperOpening = (run: Derived, clear: Derived): Derived =>
  named(
    'opening',
    largest('opening', [sum('clear of both ends', [run, times(-2, clear)]), product('half of the way', [run, half])]),
  );
