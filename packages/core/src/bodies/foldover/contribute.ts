import { roundedRectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { spine } from '../../pieces/bend.ts';
import type { Bend, Fold, Notch, PieceDraft, TurningGap } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { baggedOut } from '../bagged-out.ts';
import { baggedSteps } from '../bagged-steps.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { LINING, SHELL } from './closing.ts';
import type { Foldover } from './params.ts';
import { seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** Shell and lining of a bifold, sewn right sides together all round and turned through a gap in the top. */
export function contributeFoldover({ detail }: SizedBody<Foldover>, inputs: BodyInputs): Contribution {
  const seam = inputs.rules.length(seamAllowance);
  const r = detail.radius.value;
  const allowance = Object.fromEntries(roundedRectangle(100, 100, r > 0 ? 10 : 0).map(({ id }) => [id, seam]));
  const { height, liningWidth, shellWidth } = detail;
  const shared = { allowance, height, spans: { across: ['left', 'right'], up: ['bottom', 'top'] } } as const;
  const layer = (width: number, seenFrom: Seen): Pick<PieceDraft, 'stitch' | 'notches' | 'gaps'> => ({
    stitch: roundedRectangle(width, height.value, r),
    notches: spineNotches(width, detail.leafWidth.value, seenFrom).map((notch) => ({ ...notch, at: notch.at - r })),
    gaps: [gapIn(detail.turnedBelow ? 'bottom' : 'top', width, detail, inputs, seenFrom)],
  });
  const spans: PieceDraft['spans'] = { across: ['left', 'right'], up: ['bottom', 'top'] };
  return contribution({
    pieces: [
      {
        ...shared,
        spans,
        ...layer(shellWidth.value, 'outside'),
        id: SHELL,
        name: 'Shell',
        role: 'exterior',
        width: shellWidth,
        bends: [spineBend(shellWidth.value, detail)],
      },
      {
        ...shared,
        spans,
        ...layer(liningWidth.value, 'inside'),
        id: LINING,
        name: 'Lining',
        role: 'lining',
        width: liningWidth,
        folds: foldLines(liningWidth.value, detail),
        bends: [spineBend(liningWidth.value, detail)],
      },
    ],
    joins: bodySeams(detail),
    operations: baggedSteps(SHELL, LINING, bodySeams(detail), inputs.rules.length(topstitchInset).value),
  });
}

/** Pieces are drawn right side up, so the shell shows the left leaf on its right. */
type Seen = 'inside' | 'outside';

/** Notches where the leaves end, so that what is longer lies across the fold. */
function spineNotches(width: number, leaf: number, seen: Seen): Notch[] {
  const near = seen === 'inside' ? 'spine-left' : 'spine-right';
  const far = seen === 'inside' ? 'spine-right' : 'spine-left';
  return [
    { id: near, edge: 'bottom', at: leaf },
    { id: far, edge: 'bottom', at: width - leaf },
    { id: far, edge: 'top', at: leaf },
    { id: near, edge: 'top', at: width - leaf },
  ];
}

/** Closed, each layer goes round what lies between the leaves. */
const spineBend = (width: number, { leafWidth, height }: Foldover): Bend =>
  spine(width / 2, height.value, width - 2 * leafWidth.value);

function foldLines(width: number, { leafWidth, height }: Foldover): Fold[] {
  return [leafWidth.value, width - leafWidth.value].map((x, index) => ({
    id: `spine-${index + 1}`,
    order: 1,
    kind: 'valley',
    from: [x, 0],
    to: [x, height.value],
  }));
}

/** In the top of the back (right) leaf, where nothing else is caught, or in its bottom. */
function gapIn(
  edge: 'top' | 'bottom',
  width: number,
  { leafWidth, radius }: Foldover,
  { rules }: BodyInputs,
  seen: Seen,
): TurningGap {
  const r = radius.value;
  const length = Math.min(rules.length(turningGap).value, leafWidth.value - r - 10);
  const start = r + (leafWidth.value - r - length) / 2;
  // top edges run from right to left, bottom ones from left to right: the right leaf is on the right of the inside
  const first = (edge === 'top') === (seen === 'inside');
  const from = first ? start : width - start - length;
  return { edge, from: from - r, to: from - r + length };
}

/** The shell's extra length lies between the notches at the fold. */
const bodySeams = ({ shellExtra, radius }: Foldover): Seam[] =>
  baggedOut(SHELL, LINING, { by: shellExtra, between: ['spine-left', 'spine-right'] }, radius.value > 0);
