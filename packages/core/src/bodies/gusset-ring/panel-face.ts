import { byRule, sum, times, type Derived } from '../../derived/derived.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { SizedFace } from '../body-kind.ts';
import { cornerRule, cornerTakes } from './corners.ts';
import { hostPart, type Host, type HostRim, type Side } from '../../holders/seat.ts';
import type { RunPart } from '../../pieces/seam.ts';
import type { Ring } from './ring.ts';
import { hingeSpan } from './runs.ts';
import { pocketFrame } from '../../shelves/rules/common-rules.ts';

/** How far from the edge of a panel what is sewn onto it stays: clear of its round corners too. mm
 * @param radius of the stitch line, mm */
export const clearOfCorners = (radius: Derived, rules: Rules): Derived =>
  sum('clear of edge and corners', [
    byRule(cornerRule, 'corners stay inside by', cornerTakes(radius.value), [radius]),
    rules.length(pocketFrame),
  ]);

const stitched = { kind: 'stitchedOn' } as const;

/** The face of a panel of the ring, clear of its edge and its round corners.
 * @param seams where its edge lies: ids of its seams with the zipper part and with the hinge, as in `roundSeams`; default nothing
 *   runs from edge to edge */
export function panelFace(id: string, piece: string, ring: Ring, seams?: Seams): SizedFace {
  const { length, width, clear } = ring;
  const room = (size: Derived) => sum('between the corners', [size, times(-2, clear)]);
  const flat = { piece, width: length.value, height: width.value };
  return {
    id,
    seat: 'wall',
    host: seams ? { ...flat, run: straightRun(flat, ring.radius.value), rim: rimOf(ring, seams) } : flat,
    room: { x: clear.value, y: clear.value, width: room(length), height: room(width), towards: 'middle' },
    edges: { left: stitched, right: stitched, bottom: stitched, top: stitched },
  };
}

interface Seams {
  zipper: string;
  hinge: string;
}

/** Its straight edges begin and end where the corners do. */
const straightRun = ({ width, height, ...flat }: Host, radius: number) => {
  const between = { ...flat, width: width - 2 * radius, height: height - 2 * radius };
  return (side: Side, from: number, to: number): RunPart => hostPart(between, side, from - radius, to - radius);
};

function rimOf(ring: Ring, { zipper, hinge }: Seams): HostRim {
  const { length, width, radius } = ring;
  const r = radius.value;
  // from the panel's left end, not from where its corner ends
  const [low, high] = hingeSpan(ring).map((at) => r + at) as [number, number, number];
  const up = { from: r, to: width.value - r };
  const over = { from: r, to: length.value - r };
  return {
    across: length,
    up: width,
    stretches: [
      { side: 'left', ...up, within: zipper },
      { side: 'right', ...up, within: zipper },
      { side: 'top', ...over, within: zipper },
      { side: 'bottom', from: r, to: low, within: zipper },
      { side: 'bottom', from: low, to: high, within: hinge },
      { side: 'bottom', from: high, to: length.value - r, within: zipper },
    ],
  };
}
