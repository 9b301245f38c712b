import { sum, times, type Derived } from '../../derived/derived.ts';
import { line, type ArcEdge, type Outline } from '../../geometry/outline.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import { BACK } from '../../pieces/bend.ts';
import { CLIP } from '../../pieces/clip.ts';
import { patch } from '../../pieces/patch.ts';
import type { Bend, PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { liningPushedIn, mouthJoined } from '../layer-steps.ts';
import { middleGap } from '../turning-gap.ts';
import { BAND, bandEdge, type RoundLayer as Layer } from './rings.ts';
import type { Round } from './params.ts';
import { mouthHem, seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** A base and a wall for each layer; the layers are joined at the mouth and turned through a gap in the lining. */
export function contributeRound({ detail }: SizedBody<Round>, inputs: BodyInputs): Contribution {
  const layers: Layer[] = detail.lined ? ['shell', 'lining'] : ['shell'];
  return contribution({
    pieces: [
      ...layers.flatMap((layer) => piecesOf(layer, detail, inputs)),
      ...(detail.band ? [bandPiece(detail, detail.band, inputs)] : []),
    ],
    joins: [...layers.flatMap(seamsOf), ...mouthSeams(detail)],
    operations: operations(layers, detail, inputs),
  });
}

/** Shell and lining are sewn to each other, or each to an edge of the band. */
function mouthSeams({ lined, band }: Pick<Round, 'lined' | 'band'>): Seam[] {
  if (!lined) return [];
  const shell = wholeEdge('body/shell-wall', 'top');
  const lining = wholeEdge('body/lining-wall', 'top', true);
  if (!band) return [{ id: 'body/mouth', kind: 'sewn', a: shell, b: lining }];
  return [
    { id: 'body/mouth', kind: 'sewn', a: shell, b: wholeEdge(BAND, bandEdge.shell, true) },
    { id: 'body/facing', kind: 'sewn', a: lining, b: wholeEdge(BAND, bandEdge.lining) },
    { id: 'body/band-side', kind: 'sewn', a: wholeEdge(BAND, 'right'), b: wholeEdge(BAND, 'left', true) },
  ];
}

/** A strip as long as the wall, folded lengthwise: one half of it outside, one inside. */
function bandPiece({ wallLength }: Round, high: Derived, { rules }: BodyInputs): PieceDraft {
  return patch({
    id: BAND,
    name: 'Band of the mouth',
    role: 'pocket',
    width: wallLength,
    height: sum('band, unfolded', [times(2, high)]),
    seam: rules.length(seamAllowance),
    folds: [{ id: 'mouth', order: 1, kind: 'mountain', from: [0, high.value], to: [wallLength.value, high.value] }],
    bends: [{ ...roundIts(wallLength), to: [wallLength.value / 2, 2 * high.value] }],
    note: 'Press the fold, and open it again.',
  });
}

/** Bent round evenly all along. */
const roundIts = (length: Derived): Pick<Bend, 'from' | 'angle' | 'over'> => ({
  from: [length.value / 2, 0],
  angle: 2 * BACK,
  over: length.value,
});

/** A circle of four quarters, counter-clockwise from its rightmost point. */
export function circle(diameter: number): Outline {
  const r = diameter / 2;
  const at = (quarter: number): [number, number] => {
    const [x, y] = (
      [
        [1, 0],
        [0, 1],
        [-1, 0],
        [0, -1],
      ] as const
    )[quarter % 4]!;
    return [r + r * x, r + r * y];
  };
  return [0, 1, 2, 3].map((quarter): ArcEdge => ({
    id: `quarter-${quarter + 1}`,
    kind: 'arc',
    from: at(quarter),
    to: at(quarter + 1),
    centre: [r, r],
    sweep: Math.PI / 2,
  }));
}

/** A wall, wider at the mouth than at the base if the base is that of a lining. Edges `bottom`, `right`, `top`, `left`. */
function wallOutline(base: number, mouth: number, height: number): Outline {
  const inset = (mouth - base) / 2;
  return [
    line('bottom', [inset, 0], [mouth - inset, 0]),
    line('right', [mouth - inset, 0], [mouth, height]),
    line('top', [mouth, height], [0, height]),
    line('left', [0, height], [inset, 0]),
  ];
}

/** The band is looped first, sewn to the shell, then to the lining. */
const banded = (bags: readonly OperationDraft[]): OperationDraft[] => [
  {
    id: 'body/band',
    phase: 'layers',
    needs: [],
    title: 'Sew the band into a ring',
    actions: [
      { verb: 'fold', piece: BAND, fold: 'mouth', sides: 'wrong', opened: true },
      { verb: 'sew', seams: ['body/band-side'] },
    ],
  },
  {
    id: 'body/mouth',
    phase: 'join',
    needs: ['body/band', ...bags.map(({ id }) => id)],
    title: 'Sew the band to both mouths',
    actions: [
      { verb: 'sew', seams: ['body/mouth'], meet: 'sideSeams', oneLayer: true },
      { verb: 'press', pieces: [BAND, 'body/shell-wall'], towards: BAND },
      { verb: 'sew', seams: ['body/facing'], meet: 'sideSeams', oneLayer: true },
    ],
  },
];

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };

function piecesOf(layer: Layer, detail: Round, { rules }: BodyInputs): PieceDraft[] {
  const seam = rules.length(seamAllowance);
  const lining = layer === 'lining';
  const diameter = lining ? detail.liningDiameter : detail.diameter;
  const around = lining ? detail.liningLength : detail.wallLength;
  const role = lining ? 'lining' : 'exterior';
  const [length, height] = [around.value, detail.wallHeight.value];
  const quarters = [1, 2, 3];
  const top = detail.lined ? seam : rules.length(mouthHem);
  return [
    {
      id: `body/${layer}-wall`,
      name: `${names[layer]} wall`,
      role,
      stitch: wallOutline(length, detail.wallLength.value, height),
      width: detail.wallLength,
      height: detail.wallHeight,
      allowance: { bottom: seam, right: seam, top, left: seam },
      spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
      topArrow: true,
      notches: quarters.map((quarter) => ({ id: `quarter-${quarter}`, edge: 'bottom', at: (quarter * length) / 4 })),
      ...(lining && { gaps: [middleGap('right', height, rules)] }),
      bends: [{ ...roundIts(detail.wallLength), to: [detail.wallLength.value / 2, height] }],
      note: 'A print with a top runs across the wall.',
    },
    {
      id: `body/${layer}-base`,
      name: `${names[layer]} base`,
      role,
      stitch: circle(diameter.value),
      width: diameter,
      height: sum('base, diameter', [diameter]),
      allowance: Object.fromEntries(circle(1).map(({ id }) => [id, seam])),
      spans: { across: ['quarter-1', 'quarter-3'], up: ['quarter-2', 'quarter-4'] },
      // sewn clockwise from its rightmost point: the last quarter comes first
      notches: [
        { id: 'side-seam', edge: 'quarter-1', at: 0 },
        ...quarters.map((quarter) => ({ id: `quarter-${quarter}`, edge: `quarter-${5 - quarter}`, at: 0 })),
      ],
    },
  ];
}

function seamsOf(layer: Layer): Seam[] {
  const [wall, base] = [`body/${layer}-wall`, `body/${layer}-base`];
  return [
    { id: `body/${layer}/side`, kind: 'sewn', a: wholeEdge(wall, 'right'), b: wholeEdge(wall, 'left', true) },
    {
      id: `body/${layer}/base`,
      kind: 'sewn',
      a: wholeEdge(wall, 'bottom'),
      b: { piece: base, parts: [4, 3, 2, 1].map((quarter) => ({ edge: `quarter-${quarter}`, reversed: true })) },
    },
  ];
}

function operations(layers: Layer[], { lined, hemmed, band }: Round, { rules }: BodyInputs): OperationDraft[] {
  const own = (layer: Layer) => [`body/${layer}-wall`, `body/${layer}-base`];
  const [shell, lining] = [own('shell'), lined ? own('lining') : []];
  const pieces = [...shell, ...lining];
  const wall = shell[0]!;
  const bags = layers.map((layer): OperationDraft => {
    const [side, base] = seamsOf(layer);
    return {
      id: `body/${layer}`,
      phase: 'layers',
      needs: [],
      title: layer === 'shell' ? 'Sew the shell' : 'Sew the lining',
      actions: [
        { verb: 'sew', seams: [side!.id] },
        { verb: 'press', pieces: own(layer), allowances: 'open' },
        { verb: 'sew', seams: [base!.id], meet: 'notches', onTop: 'first', eased: true },
        { verb: 'clip', pieces: own(layer), every: CLIP },
      ],
    };
  });
  const mouth = mouthSeams({ lined, band });
  const joined = lined ? [mouthJoined('body/mouth', { shell, lining }, mouth, 'sideSeams')] : [];
  const join = band ? banded(bags) : joined;
  const inset = rules.length(topstitchInset).value;
  const last: Action[] = !lined
    ? [
        hemmed
          ? { verb: 'hem', pieces: [wall], edges: ['top'], round: true }
          : { verb: 'press', pieces: [wall], what: 'mouth' },
      ]
    : band
      ? [
          { verb: 'fold', piece: BAND, fold: 'mouth', sides: 'wrong' },
          { verb: 'topstitch', piece: BAND, place: 'bandEdge', distance: inset, through: [wall, 'body/lining-wall'] },
        ]
      : [{ verb: 'topstitch', piece: wall, place: 'mouth', distance: inset, through: ['body/lining-wall'] }];
  return [
    ...bags,
    ...join,
    {
      id: 'body/turn',
      phase: 'turn',
      needs: [...bags, ...join].map(({ id }) => id),
      title: 'Turn it right side out',
      actions: [
        { verb: 'turn', pieces: band ? [...pieces, BAND] : pieces, ...(lined && { through: 'body/lining-wall' }) },
      ],
    },
    ...(lined ? [liningPushedIn('body/lining-wall', lining, wall, [{ verb: 'press', pieces, what: 'mouth' }])] : []),
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: [lined ? 'body/close' : 'body/turn'],
      title: lined ? 'Topstitch the mouth' : hemmed ? 'Hem the mouth' : 'Press and try it',
      actions: [...last, { verb: 'tryIn' }],
    },
  ];
}
