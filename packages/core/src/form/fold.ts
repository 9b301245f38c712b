import { polygonArea } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { GluedPiece, Joint } from './glue.ts';
import { about, after, still, unit, type Motion, type Vector } from './vector.ts';

/** Facets of one piece that are rigid among themselves: all their bends are known. */
export interface Folded {
  /** Index of the piece. */
  piece: number;
  /** Facets by index, and how each lies when the largest one stays where it is, flat. */
  facets: Map<number, Motion>;
}

export const inSpace = ([x, y]: Point): Vector => [x, y, 0];

/** Folds a piece along every bend whose angle is known; one that its seams decide parts it into things that hinge on each other. */
export function fold(glued: GluedPiece, piece: number): Folded[] {
  const { facets, joints, points } = glued;
  const known = joints.filter(({ free }) => !free);
  const folded: Folded[] = [];
  const seen = new Set<number>();
  const areas = facets.map((ring) => Math.abs(polygonArea(ring.map((index) => points[index]!))));
  // the largest facet stays where it is
  const bySize = facets.map((_, index) => index).sort((a, b) => areas[b]! - areas[a]!);
  bySize.forEach((first) => {
    if (seen.has(first)) return;
    const motions = new Map([[first, still]]);
    seen.add(first);
    const queue = [first];
    for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
      for (const joint of known.filter(({ facets: pair }) => pair.includes(at!))) {
        const other = joint.facets[0] === at ? joint.facets[1] : joint.facets[0];
        if (seen.has(other)) continue;
        seen.add(other);
        motions.set(other, after(motions.get(at)!, turnAt(joint, at, glued)));
        queue.push(other);
      }
    }
    folded.push({ piece, facets: motions });
  });
  return folded;
}

/** The turn of the facet beyond a bend, seen from the facet on this side of it. */
function turnAt({ facets, u, v, angle }: Joint, from: number, { points }: GluedPiece): Motion {
  const [a, b] = facets[0] === from ? [u, v] : [v, u];
  const [start, end] = [inSpace(points[a]!), inSpace(points[b]!)];
  return about(start, unit([end[0] - start[0], end[1] - start[1], 0]), angle);
}
