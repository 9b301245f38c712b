import { sum, times } from '../../derived/derived.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { idsOf, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { foldedBends, foldedOutline } from '../sleeve/outlines.ts';
import { mouthOf, shellIds, shellPieces, shellSeams } from './shell.ts';
import { ends, type DoubleTube, type End } from './params.ts';
import { seamAllowance, topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';

const ZIPPER = 'closure/zipper';
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
  const shells = shellIds(detail);
  const linings = ends.map(lining);
  const pieces = [...shells, ...linings];
  const at = (end: End, which: string) => mouths.filter(({ id }) => id === `body/mouth-${end}-${which}`);
  const beside = (end: End, which: string): OperationDraft['actions'] => {
    const [seam] = at(end, which);
    return [
      {
        verb: 'sew',
        seams: [seam!.id],
        between: [ZIPPER],
        faceTo: seam!.a.piece,
        besideTeeth: rules.length(zipSeam).value,
      },
      {
        verb: 'topstitch',
        piece: seam!.a.piece,
        place: 'zipper',
        distance: rules.length(topstitchInset).value,
        through: [lining(end)],
      },
    ];
  };
  return [
    {
      id: 'body/mouths',
      phase: 'layers',
      needs: ['closure/zipper'],
      title: 'Sew the zippers in',
      actions: [
        { verb: 'inspect', what: 'sameWay' },
        ...ends.flatMap((end) => [...beside(end, 'front'), ...beside(end, 'back')]),
      ],
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/mouths'],
      title: 'Sew shell and linings shut',
      cautions: ['needleZipper'],
      actions: [
        { verb: 'moveSlider', zipper: ZIPPER, to: 'open', why: 'turning' },
        { verb: 'sew', seams: idsOf(shell), keepOut: linings, twice: 'zipper' },
        ...ends.map((end) => ({
          verb: 'sew' as const,
          seams: idsOf(bags.filter(({ a }) => a.piece === lining(end))),
          keepOut: [...shells, ...linings.filter((id) => id !== lining(end))],
        })),
      ],
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      title: 'Turn it right side out',
      actions: [{ verb: 'turn', pieces, through: lining('b'), zipper: ZIPPER }],
    },
    {
      id: 'body/close',
      phase: 'turn',
      needs: ['body/turn'],
      title: 'Close the gap, push the linings in',
      actions: [
        { verb: 'closeGap', piece: lining('b') },
        ...linings.map((id) => ({ verb: 'insert' as const, pieces: [id], into: shells[0]!, way: 'ownMouth' as const })),
        { verb: 'tryIn' },
      ],
    },
  ];
}
