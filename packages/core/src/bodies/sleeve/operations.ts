import type { OperationDraft } from '../../pieces/contribution.ts';
import { edgesOf, idsOf, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { BodyInputs } from '../body-kind.ts';
import { liningPushedIn, mouthJoined } from '../layer-steps.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Sleeve, Layer } from './params.ts';
import { mouthSeams, pieceIds } from './seams.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

const isCorner = ({ id }: Seam): boolean => id.includes('/corner-');
const titles: Record<Layer, string> = { shell: 'Sew the shell', lining: 'Sew the lining' };

/** What both layers of a sleeve are sewn of. */
type Seams = Record<Layer, Seam[]>;

/** The steps of a lined sleeve. */
export function linedOperations(detail: Sleeve, seams: Seams, { rules }: BodyInputs): OperationDraft[] {
  if (detail.turn === 'dropped') return droppedIn(detail, seams, rules);
  if (detail.slope.value > 0 || detail.bottom === 'side') return mouthFirst(detail, seams, rules);
  const [shell, lining] = [pieceIds(detail, 'shell'), pieceIds(detail, 'lining')];
  return [
    bag('shell', detail, seams),
    bag('lining', detail, seams),
    mouthJoined('body/mouth', { shell, lining }, mouthSeams(detail), 'sideSeams'),
    ...turnedOut(['body/mouth'], detail, rules),
  ];
}

/** A layer sewn into a bag: its sides, its bottom, its corners. Allowances of both layers go opposite ways, so that they nest.
 * @param afterMouth both are joined at the mouth already: what is sewn now begins where that ends */
function bag(layer: Layer, detail: Sleeve, seams: Seams, afterMouth = false): OperationDraft {
  const pieces = pieceIds(detail, layer);
  const [flat, corners] = [seams[layer].filter((seam) => !isCorner(seam)), seams[layer].filter(isCorner)];
  return {
    id: `body/${layer}`,
    // what closes on itself at the fold is closed while its ends can be reached
    ...(afterMouth
      ? { phase: 'join', needs: ['body/mouth'], waitsFor: ['closure/slider'] }
      : { phase: 'layers', needs: [] }),
    title: titles[layer],
    actions: [
      { verb: 'sew', seams: idsOf(flat), ...(afterMouth && mouthSewn(layer, detail)) },
      { verb: 'press', pieces, allowances: layer === 'shell' ? 'oneSide' : 'otherSide' },
      ...cornersBoxed(corners, detail),
    ],
  };
}

const cornersBoxed = (corners: readonly Seam[], { bottom }: Sleeve): Action[] =>
  corners.length > 0 ? [{ verb: 'box', seams: idsOf(corners), onto: bottom === 'seam' ? 'seam' : 'middle' }] : [];

const mouthSewn = (layer: Layer, detail: Sleeve) =>
  ({ stopsAt: 'seam', keepOut: pieceIds(detail, layer === 'shell' ? 'lining' : 'shell') }) as const;

function turnedOut(needs: string[], detail: Sleeve, rules: Rules): OperationDraft[] {
  const [shell, lining] = [pieceIds(detail, 'shell'), pieceIds(detail, 'lining')];
  const both = [...shell, ...lining];
  const atMouth = detail.turn === 'mouth';
  const open = (atMouth ? shell : lining)[0]!;
  return [
    {
      id: 'body/turn',
      phase: 'turn',
      needs,
      title: 'Turn it right side out',
      actions: [{ verb: 'turn', pieces: both, through: open }],
    },
    liningPushedIn(atMouth ? undefined : open, lining, shell[0]!, [
      ...(atMouth ? [{ verb: 'press', pieces: both, allowances: 'in' } as const] : []),
      { verb: 'press', pieces: both, what: 'mouth' },
    ]),
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/close'],
      // what closes a plain mouth holds both layers together
      title: detail.rim === 'plain' ? 'Try it' : 'Topstitch the mouth',
      actions: [...(detail.rim === 'plain' ? [] : [mouthRow(detail, rules, atMouth)]), { verb: 'tryIn' }],
    },
  ];
}

const mouthRow = (detail: Sleeve, rules: Rules, closesGap = false): Action => ({
  verb: 'topstitch',
  piece: pieceIds(detail, 'shell')[0]!,
  place: 'mouth',
  distance: rules.length(topstitchInset).value,
  through: [...pieceIds(detail, 'shell').slice(1), ...pieceIds(detail, 'lining')],
  closesGap,
});

/** Shell and lining are two bags of their own, wrong sides together, their mouths turned in towards each other. */
function droppedIn(detail: Sleeve, seams: Seams, rules: Rules): OperationDraft[] {
  const [shell, lining] = [pieceIds(detail, 'shell'), pieceIds(detail, 'lining')];
  const mouth = mouthSeams(detail);
  const edges = (side: 'a' | 'b') => mouth.flatMap((seam) => edgesOf(seam[side]));
  return [
    bag('shell', detail, seams),
    bag('lining', detail, seams),
    {
      id: 'body/turn',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      title: 'Put the lining into the shell',
      actions: [
        { verb: 'turn', pieces: shell },
        { verb: 'turnIn', pieces: shell, edges: [...new Set(edges('a'))] },
        { verb: 'turnIn', pieces: lining, edges: [...new Set(edges('b'))] },
        { verb: 'nest', inner: lining, outer: shell, facing: 'wrong', at: 'sideSeams' },
      ],
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      title: 'Stitch the mouth',
      actions: [
        {
          verb: 'edgestitch',
          seams: idsOf(mouth),
          facing: 'wrongToWrong',
          fromFold: rules.length(topstitchInset).value,
        },
        { verb: 'tryIn' },
      ],
    },
  ];
}

/** A mouth with three sides, or one that goes round a fold, is sewn flat before the sides. */
function mouthFirst(detail: Sleeve, seams: Seams, rules: Rules): OperationDraft[] {
  const both = [...pieceIds(detail, 'shell'), ...pieceIds(detail, 'lining')];
  const threeSided = detail.bottom !== 'side';
  return [
    {
      id: 'body/mouth',
      phase: 'join',
      needs: [],
      title: 'Join both layers at the mouth',
      actions: [
        { verb: 'sew', seams: idsOf(mouthSeams(detail)), stopsAt: 'sides', ...(threeSided && { turns: true }) },
        ...(threeSided ? [{ verb: 'clip', pieces: both } as const] : []),
        { verb: 'press', pieces: both, allowances: 'open' },
      ],
    },
    bag('shell', detail, seams, true),
    bag('lining', detail, seams, true),
    ...turnedOut(['body/shell', 'body/lining'], detail, rules),
  ];
}

/** What is of one layer is turned through its mouth. */
const rightSideOut = (pieces: string[]): OperationDraft => ({
  id: 'body/turn',
  phase: 'turn',
  needs: ['body/shell'],
  title: 'Turn it right side out',
  actions: [{ verb: 'turn', pieces }],
});

/** The edges of the mouth of a single layer. */
const mouthEdges = ({ bottom }: Sleeve): string[] => (bottom === 'seam' ? ['mouth'] : ['mouth-front', 'mouth-back']);

/** The steps of a sleeve of one layer. */
export function singleOperations(seams: readonly Seam[], detail: Sleeve): OperationDraft[] {
  const { hemmed } = detail;
  const pieces = pieceIds(detail, 'shell');
  const [flat, corners] = [seams.filter((seam) => !isCorner(seam)), seams.filter(isCorner)];
  const first = detail.bottom === 'side';
  const hem = (more: object): Action => ({ verb: 'hem', pieces, edges: mouthEdges(detail), ...more });
  // a mouth that goes round a fold is hemmed flat, before the side is sewn
  const hemmedFirst: OperationDraft[] =
    first && hemmed
      ? [
          {
            id: 'body/hem',
            phase: 'prepare',
            needs: [],
            title: 'Hem the mouth',
            actions: [hem({ rows: 2 })],
          },
        ]
      : [];
  const pressed: Action = { verb: 'press', pieces, what: hemmed ? 'hem' : 'mouth' };
  const last = first || !hemmed ? pressed : hem({ round: true });
  return [
    ...hemmedFirst,
    {
      id: 'body/shell',
      phase: 'join',
      needs: first && hemmed ? ['body/hem'] : [],
      ...(first && { waitsFor: ['closure/slider'] }),
      title: titles.shell,
      actions: [
        { verb: 'sew', seams: idsOf(flat), ...(first && { stopsAt: 'mouth' }) },
        { verb: 'zigzag', pieces, beside: idsOf(flat) },
        { verb: 'press', pieces, allowances: 'oneSide' },
        ...cornersBoxed(corners, detail),
      ],
    },
    rightSideOut(pieces),
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      title: first || !hemmed ? 'Press and try it' : 'Hem the mouth',
      actions: [last, { verb: 'tryIn' }],
    },
  ];
}
