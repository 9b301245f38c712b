import { sum } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { patch } from '../../pieces/patch.ts';
import { BACK, crease } from '../../pieces/bend.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { edgePart, type Seam } from '../../pieces/seam.ts';
import { baggedOut } from '../bagged-out.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { rollStandsOff } from './rules.ts';
import { LINING, SHELL, type Roll } from './size.ts';
import { stiffInside } from './stiff.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** Shell and lining bagged out, turned, and the lower part folded up into the pocket. */
export function contributeRoll({ detail }: SizedBody<Roll>, { rules }: BodyInputs): Contribution {
  const { width, height, pocketDepth, flap } = detail;
  const total = sum('height with the pocket', [height, pocketDepth, flap]);
  const top = total.value - flap.value;
  const [w, h, fold] = [width.value, total.value, pocketDepth.value];
  const seam = rules.length(seamAllowance);
  const piece = (id: string, name: string, role: PieceDraft['role'], kind: 'valley' | 'mountain'): PieceDraft =>
    patch({
      id,
      name,
      role,
      width,
      height: total,
      seam,
      topArrow: true,
      folds: [
        { id: 'pocket', order: 1, kind, from: [0, fold], to: [w, fold] },
        ...(flap.value > 0 ? [{ id: 'flap', order: 2, kind, from: [0, top] as Point, to: [w, top] as Point }] : []),
      ],
      bends: [
        crease([0, fold], [w, fold], BACK),
        ...(flap.value > 0 ? [{ ...crease([0, top], [w, top], BACK), opens: true }] : []),
      ],
      gaps: [middleGap('top', w, rules)],
    });
  const around = baggedOut(SHELL, LINING);
  const sides = pocketSeams(h, fold);
  return contribution({
    findings: stiffInside(detail.winding, rules.length(rollStandsOff).value),
    pieces: [piece(SHELL, 'Shell', 'exterior', 'mountain'), piece(LINING, 'Lining', 'lining', 'valley')],
    joins: [...around, ...sides],
    operations: [
      {
        id: 'body/join',
        phase: 'join',
        needs: [],
        uses: [SHELL, LINING],
        seams: around.map(({ id }) => id),
        text: say`Shell and lining right sides together: sew all round, leaving the gap in the top open.`,
      },
      {
        id: 'body/turn',
        phase: 'turn',
        needs: ['body/join'],
        uses: [SHELL, LINING],
        seams: [],
        text: say`Trim the corners, turn through the gap, press; topstitch the bottom edge, which is the pocket's mouth, and the top, which closes the gap.`,
      },
      {
        id: 'body/pocket',
        phase: 'finish',
        needs: ['body/turn'],
        uses: [SHELL, LINING],
        seams: sides.map(({ id }) => id),
        text: say`Fold the bottom up by ${mm(fold)}, lining inside, and stitch the pocket's two sides ${mm(rules.length(topstitchInset).value)} from the edge, back-tacking at the mouth.`,
      },
    ],
  });
}

/** The lower part of each side lies on the part above the fold. */
function pocketSeams(total: number, fold: number): Seam[] {
  return [
    {
      id: 'body/pocket-right',
      kind: 'stitchedOn',
      a: edgePart(LINING, 'right', 0, fold),
      b: edgePart(LINING, 'right', fold, 2 * fold, true),
    },
    {
      id: 'body/pocket-left',
      kind: 'stitchedOn',
      a: edgePart(LINING, 'left', total - fold, total),
      b: edgePart(LINING, 'left', total - 2 * fold, total - fold, true),
    },
  ];
}
