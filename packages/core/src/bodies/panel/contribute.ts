import { roundedRectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';
import { baggedOut } from '../bagged-out.ts';
import { baggedSteps } from '../bagged-steps.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { LINING, SHELL, type Panel } from './params.ts';

/** Shell and lining of a panel, sewn right sides together all round and turned through a gap in the bottom: its top may be taken. */
export function contributePanel({ detail }: SizedBody<Panel>, { rules }: BodyInputs): Contribution {
  const { width, height, radius } = detail;
  const stitch = roundedRectangle(width.value, height.value, radius.value);
  const seam = rules.length(seamAllowance);
  const gap = middleGap('bottom', width.value - 2 * radius.value, rules);
  const layer = (id: string, name: string, role: PieceDraft['role']): PieceDraft => ({
    id,
    name,
    role,
    stitch,
    width,
    height,
    allowance: Object.fromEntries(stitch.map((edge) => [edge.id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    gaps: [gap],
  });
  const joins = baggedOut(SHELL, LINING, undefined, radius.value > 0);
  return contribution({
    pieces: [layer(SHELL, 'Shell', 'exterior'), layer(LINING, 'Lining', 'lining')],
    joins,
    operations: baggedSteps(SHELL, LINING, joins, rules.length(topstitchInset).value),
  });
}
