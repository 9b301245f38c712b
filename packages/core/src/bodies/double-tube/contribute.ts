import { sum, times } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { foldedBends, foldedOutline } from '../sleeve/outlines.ts';
import { mouthOf, shellIds, shellPieces, shellSeams } from './shell.ts';
import { ends, type DoubleTube, type End } from './params.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const lining = (end: End) => `body/lining-${end}`;

/** One shell folded along one side, open at both ends; two linings, each a bag that opens at its own end. */
export function contributeDoubleTube({ detail }: SizedBody<DoubleTube>, inputs: BodyInputs): Contribution {
  const seams = {
    shell: shellSeams(detail),
    bags: ends.flatMap(bagSeams),
    mouths: ends.flatMap((end) => mouthSeams(end, detail)),
  };
  return contribution({
    pieces: [...shellPieces(detail, inputs), ...ends.map((end) => liningPiece(end, detail, inputs))],
    joins: [...seams.shell, ...seams.bags, ...seams.mouths],
    operations: operations(detail, seams, inputs),
  });
}

function liningPiece(end: End, { width, depth, taper }: DoubleTube, { rules }: BodyInputs): PieceDraft {
  const seam = rules.length(seamAllowance);
  const shape = { width: width.value, height: depth.value, taper: taper.value, notch: 0 };
  const stitch = foldedOutline(shape);
  const side = Math.hypot(depth.value, taper.value / 2);
  const mouth = (id: string) => (id.startsWith('mouth') ? rules.length(zipSeam) : seam);
  return {
    id: lining(end),
    name: `Lining ${end.toUpperCase()}`,
    role: 'lining',
    stitch,
    width,
    height: sum('front and back', [times(2, depth)]),
    allowance: Object.fromEntries(stitch.map(({ id }) => [id, mouth(id)])),
    spans: { across: ['left-front', 'right-front'], up: ['mouth-back', 'mouth-front'] },
    bends: foldedBends(shape),
    folds: [
      {
        id: 'bottom',
        order: 1,
        kind: 'valley',
        from: [taper.value / 2, depth.value],
        to: [width.value - taper.value / 2, depth.value],
      },
    ],
    ...(end === 'b' && { gaps: [middleGap('left-front', side, rules)] }),
  };
}

const bagSeams = (end: End): Seam[] =>
  (['right', 'left'] as const).map((side) => ({
    id: `${lining(end)}/${side}`,
    kind: 'sewn',
    a: wholeEdge(lining(end), `${side}-front`),
    b: wholeEdge(lining(end), `${side}-back`, true),
  }));

const mouthSeams = (end: End, detail: DoubleTube): Seam[] =>
  (['front', 'back'] as const).map((which) => ({
    id: `body/mouth-${end}-${which}`,
    kind: 'sewn',
    a: mouthOf(detail, end, which),
    b: wholeEdge(lining(end), `mouth-${which}`, true),
  }));

function operations(
  detail: DoubleTube,
  { shell, bags, mouths }: Record<'shell' | 'bags' | 'mouths', Seam[]>,
  { rules }: BodyInputs,
): OperationDraft[] {
  const all = [...shellIds(detail), ...ends.map(lining)];
  const ids = (seams: Seam[]) => seams.map(({ id }) => id);
  return [
    {
      id: 'body/mouths',
      phase: 'layers',
      needs: ['closure/zipper'],
      uses: all,
      seams: ids(mouths),
      text: say`At each end: shell, zipper and the lining of that end right sides together, the zipper face down on the shell, ${mm(rules.length(zipSeam).value)} from the edge of its tape; first the front, then the back. Both sliders open towards the same side. Topstitch beside the zippers, only between the tabs.`,
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/mouths'],
      uses: all,
      seams: [...ids(shell), ...ids(bags)],
      text: say`Open both zippers, or it cannot be turned. Fold shell to shell and lining to lining, right sides together; sew ${detail.making === 'panels' ? 'both sides' : 'the side'} of the shell with the zipper ends in it, then the sides of each lining, the gap in lining B left open. Keep the other end out of the seam.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      uses: all,
      seams: [],
      text: say`Turn through the gap and through its zipper, close the gap, push each lining in through its own mouth: they lie on each other, and each ends before the other zipper. Try everything in it.`,
    },
  ];
}
