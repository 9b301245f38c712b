import { given, rounded, sum } from '../../derived/derived.ts';
import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import type { HardwareNeed } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { edgePart, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { BodyInputs } from '../body-kind.ts';
import { halves, type Ring } from './ring.ts';
import { panelOutline } from './runs.ts';

const BINDING = 'binding-20';
const OVERLAP = given('ends of the binding lap by', 20, {
  kind: 'standard',
  path: 'shell/lap',
  source: 'common practice',
});

/** Tape round the raw edges of both panels of a gusset. */
export function ringBinding(
  ring: Ring,
  name: string,
  inputs: BodyInputs,
): { piece: PieceDraft; hardware: HardwareNeed; seams: Seam[] } {
  const id = `${ring.own}/binding`;
  const length = rounded(sum('binding, cut length', [ring.round, OVERLAP]), inputs.grid, 'up');
  return {
    piece: strip({
      id,
      name,
      cutFrom: BINDING,
      length,
      width: hardwareWidth('binding, wide', BINDING, inputs),
      count: 2,
    }),
    hardware: { id: BINDING, count: 2, length: 2 * length.value },
    seams: halves.map((half) => ({
      id: `${id}#${half}`,
      kind: 'caught',
      within: `${ring.own}/shell-${half}/zipper`,
      a: edgePart(id, 'bottom', 0, ring.round.value),
      b: { piece: ring.panel('shell', half), parts: panelOutline(ring).map(({ id: edge }) => ({ edge })) },
    })),
  };
}
