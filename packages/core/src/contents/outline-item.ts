import { Clipper } from 'clipper2-ts';
import { limits } from '../document/limits.ts';
import { crosses } from '../geometry/crosses.ts';
import type { Point } from '../geometry/perimeter.ts';
import { smallestBox, turnedBy } from '../geometry/smallest-box.ts';

/** A closed outline laid straight: its longer side along x, its lower left corner at the origin, mm. */
export type OutlineRead =
  { ok: true; outline: Point[]; length: number; width: number } | { ok: false; code: OutlineFault; message: string };
export type OutlineFault = 'outline.open' | 'outline.crosses' | 'outline.size' | 'outline.corners';

/** Points nearer than this to the line between their neighbours are left out, mm; of what has very many, up to the second. */
const FINE = 0.02;
const COARSE = 0.4;
/** Points that an outline keeps at most. */
const KEPT = 1000;

/** Lays an outline straight and measures it by its smallest box.
 * @param points one after the other round the thing, mm; the last is joined to the first */
export function outlineItem(points: readonly Point[]): OutlineRead {
  const refuse = (code: OutlineFault, message: string): OutlineRead => ({ ok: false, code, message });
  const kept = points.every((point) => point.every(Number.isFinite)) ? simpler(points) : points.slice(0, 2);
  // thinning out takes a hundredth off what is round, so the box is measured before it where it can be
  const box = kept && smallestBox(points.length <= KEPT ? points : kept);
  if (!kept) return refuse('outline.corners', `The outline has too many corners. Draw it with at most ${KEPT} points.`);
  if (!box) return refuse('outline.open', 'An outline needs three points or more that do not lie in one line.');
  const { least, most } = limits.size;
  if (box.long > most || box.short < Math.max(least, 0.5))
    return refuse(
      'outline.size',
      `The outline is ${box.long.toFixed(1)} x ${box.short.toFixed(1)} mm: a thing may be 0.5 to ${most} mm. Is its scale right?`,
    );
  if (crosses(kept))
    return refuse('outline.crosses', 'The outline crosses itself. Draw it as one closed line round the thing.');
  const turned = kept.map((point) => turnedBy(point, box.turn));
  const [left, bottom] = [0, 1].map((axis) => Math.min(...turned.map((point) => point[axis]!))) as [number, number];
  const outline = turned.map(([x, y]): Point => [hundredth(x - left), hundredth(y - bottom)]);
  return { ok: true, outline, length: hundredth(box.long), width: hundredth(box.short) };
}

const hundredth = (mm: number): number => Math.round(mm * 100) / 100;

const path = (points: readonly Point[]) => points.map(([x, y]) => ({ x, y }));

/** With as few points as it may have; nothing where it has too many corners. */
function simpler(points: readonly Point[]): Point[] | undefined {
  for (let fine = FINE; fine <= COARSE; fine *= 2) {
    const kept = Clipper.simplifyPathD(path(points), fine, true);
    if (kept.length < 3) return [...points].slice(0, KEPT);
    if (kept.length <= KEPT) return kept.map(({ x, y }): Point => [x, y]);
  }
  return undefined;
}
