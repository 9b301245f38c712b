import { given, sum, type Derived } from '../../derived/derived.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { patch } from '../../pieces/patch.ts';
import { BACK, crease } from '../../pieces/bend.ts';
import type { Fold, PieceDraft } from '../../pieces/piece.ts';
import { idsOf, edgePart, type Seam } from '../../pieces/seam.ts';
import { baggedOut } from '../bagged-out.ts';
import { baggedAndTurned } from '../bagged-steps.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { rollStandsOff } from './rules.ts';
import { innerOf, LINING, SHELL, type Roll } from './size.ts';
import { stiffInside } from './stiff.ts';
import { mouthHem, seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** The cloth of a roll, its lower part folded up into the pocket: shell and lining bagged out and turned, or one layer. */
export function contributeRoll({ detail }: SizedBody<Roll>, inputs: BodyInputs): Contribution {
  const { rules } = inputs;
  const lined = detail.layers === 'lined';
  const [fold, total] = [detail.pocketDepth.value, totalOf(detail).value];
  const sides = pocketSeams(innerOf(detail), lined, total, fold);
  const around = lined ? baggedOut(SHELL, LINING) : [];
  const sheets = lined ? (['shell', 'lining'] as const) : (['shell'] as const);
  const cloth = sheets.map((sheet) => clothPiece(sheet, detail, inputs));
  const uses = cloth.map(({ id }) => id);
  return contribution({
    findings: stiffInside(detail.winding, rules.length(rollStandsOff).value),
    pieces: cloth,
    joins: [...around, ...sides],
    operations: [
      ...(lined ? linedSteps(around, inputs) : edgeSteps(detail)),
      {
        id: 'body/pocket',
        phase: 'finish',
        needs: [lined ? 'body/turn' : 'body/edges'],
        title: 'Fold and stitch the pocket',
        actions: [
          { verb: 'fold', piece: uses[0]!, fold: 'pocket', sides: 'wrong', by: fold, level: true },
          {
            verb: 'edgestitch',
            seams: idsOf(sides),
            facing: lined ? 'rightToRight' : 'wrongToWrong',
            fromEdge: rules.length(topstitchInset).value,
            stopsAt: 'mouth',
          },
        ],
      },
    ],
  });
}

const totalOf = ({ height, pocketDepth, flap }: Roll): Derived =>
  sum('height with the pocket', [height, pocketDepth, flap]);

const NO_ALLOWANCE = given('its own hem', 0, { kind: 'standard', path: 'roll/ready' });

function clothPiece(layer: 'shell' | 'lining', detail: Roll, { rules }: BodyInputs): PieceDraft {
  const { width, pocketDepth, flap, layers } = detail;
  const height = totalOf(detail);
  const [w, fold, top] = [width.value, pocketDepth.value, height.value - flap.value];
  const shell = layer === 'shell';
  const kind: Fold['kind'] = shell ? 'mountain' : 'valley';
  const allowances = {
    lined: rules.length(seamAllowance),
    hemmed: rules.length(mouthHem),
    ready: NO_ALLOWANCE,
  };
  return patch({
    id: shell ? SHELL : LINING,
    name: layers === 'lined' ? (shell ? 'Shell' : 'Lining') : 'Cloth',
    role: shell ? 'exterior' : 'lining',
    width,
    height,
    seam: allowances[layers],
    topArrow: true,
    folds: [
      { id: 'pocket', order: 1, kind, from: [0, fold], to: [w, fold] },
      ...(flap.value > 0 ? [{ id: 'flap', order: 2, kind, from: [0, top] as Point, to: [w, top] as Point }] : []),
    ],
    bends: [
      crease([0, fold], [w, fold], BACK),
      ...(flap.value > 0 ? [{ ...crease([0, top], [w, top], BACK), opens: true }] : []),
    ],
    ...(layers === 'lined' && { gaps: [middleGap('top', w, rules)] }),
    ...(layers === 'ready' && { note: 'A ready-hemmed cloth of this size: nothing is cut.' }),
  });
}

/** Shell and lining sewn all round and turned; the bottom becomes the mouth of the pocket. */
const linedSteps = (around: readonly Seam[], { rules }: BodyInputs): OperationDraft[] =>
  baggedAndTurned(SHELL, LINING, around, [
    {
      verb: 'topstitch',
      piece: SHELL,
      along: ['bottom', 'top'],
      distance: rules.length(topstitchInset).value,
      closesGap: true,
    },
  ]);

/** The edges of a single cloth. */
const edgeSteps = ({ layers }: Roll): OperationDraft[] => [
  {
    id: 'body/edges',
    phase: 'prepare',
    needs: [],
    ...(layers === 'hemmed'
      ? { title: 'Hem all edges', actions: [{ verb: 'hem', pieces: [SHELL], edges: 'all' }] }
      : { title: 'Measure the cloth', actions: [{ verb: 'measure', what: 'cloth', pieces: [SHELL] }] }),
  },
];

/** The lower part of each side lies on the part above the fold.
 * @param lined the piece is drawn from inside; else what is right inside lies on its left */
function pocketSeams(piece: string, lined: boolean, total: number, fold: number): Seam[] {
  const [right, left] = lined ? ['pocket-right', 'pocket-left'] : ['pocket-left', 'pocket-right'];
  return [
    {
      id: `body/${right}`,
      kind: 'stitchedOn',
      a: edgePart(piece, 'right', 0, fold),
      b: edgePart(piece, 'right', fold, 2 * fold, true),
    },
    {
      id: `body/${left}`,
      kind: 'stitchedOn',
      a: edgePart(piece, 'left', total - fold, total),
      b: edgePart(piece, 'left', total - 2 * fold, total - fold, true),
    },
  ];
}
