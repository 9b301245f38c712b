import { byRule, sum, times, type Derived } from '../../derived/derived.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { SizedFace } from '../body-kind.ts';
import { cornerRule, cornerTakes } from './corners.ts';
import type { Ring } from './ring.ts';
import { pocketFrame } from '../../shelves/rules/common-rules.ts';

/** How far from the edge of a panel what is sewn onto it stays: clear of its round corners too. mm
 * @param radius of the stitch line, mm */
export const clearOfCorners = (radius: Derived, rules: Rules): Derived =>
  sum('clear of edge and corners', [
    byRule(cornerRule, 'corners stay inside by', cornerTakes(radius.value), [radius]),
    rules.length(pocketFrame),
  ]);

const stitched = { kind: 'stitchedOn' } as const;

/** The face of a panel of the ring, clear of its edge and its round corners. */
export function panelFace(id: string, piece: string, { length, width, clear }: Ring): SizedFace {
  const room = (size: Derived) => sum('between the corners', [size, times(-2, clear)]);
  return {
    id,
    seat: 'wall',
    host: { piece, width: length.value, height: width.value },
    room: { x: clear.value, y: clear.value, width: room(length), height: room(width), towards: 'middle' },
    edges: { left: stitched, right: stitched, bottom: stitched, top: stitched },
  };
}
