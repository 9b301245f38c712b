import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { given, sum, times, type Derived } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import { BACK, crease, SQUARE } from '../../pieces/bend.ts';
import type { Bend, Fold, PieceDraft } from '../../pieces/piece.ts';
import { idsOf, edgePart, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import { baggedOut } from '../bagged-out.ts';
import { baggedAndTurned } from '../bagged-steps.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { ELASTIC, LINING, SHELL, type Jacket } from './size.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

const MARKER = 'body/marker';
const [BAND, RIBBON] = ['elastic-10', 'ribbon-10'];
const MORE = given('marker hangs out by', 40, { kind: 'standard', path: 'jacket/marker', source: 'common practice' });

/** Shell and lining bagged out, turned; the flaps are folded in and stitched along their short ends. */
export function contributeJacket({ detail }: SizedBody<Jacket>, inputs: BodyInputs): Contribution {
  const { rules } = inputs;
  const seam = rules.length(seamAllowance);
  const { width, height, elastic, marker } = detail;
  const h = height.value;
  const piece = (id: string, name: string, role: PieceDraft['role']): PieceDraft =>
    patch({
      id,
      name,
      role,
      width,
      height,
      seam,
      topArrow: true,
      folds: foldLines(detail, role === 'lining'),
      bends: bendsOf(detail),
      // in the short end of the loose flap: the last topstitch closes it
      gaps: [middleGap(role === 'lining' ? 'right' : 'left', h, rules)],
    });
  const around = baggedOut(SHELL, LINING);
  const flaps = flapSeams(detail);
  const bands = [
    ...(elastic ? [elasticBand(detail, seam, inputs)] : []),
    ...(marker ? [markerBand(detail, seam, inputs)] : []),
  ];
  return contribution({
    findings: shallower(detail),
    pieces: [piece(SHELL, 'Shell', 'exterior'), piece(LINING, 'Lining', 'lining'), ...bands.map((band) => band.piece)],
    joins: [...around, ...flaps, ...bands.flatMap((band) => band.joins)],
    hardware: bands.map((band) => ({ id: band.piece.cutFrom!, count: 1, length: band.piece.width.value })),
    operations: operations(detail, around, flaps, bands, rules.length(topstitchInset).value),
  });
}

/** A flap ends before the edge of its board: what is set deeper is told. */
function shallower({ most, wished }: Jacket): Finding[] {
  const [made, asked] = [most.value, wished.value];
  if (made >= asked - 1) return [];
  const text = say`The flaps are ${mm(made)} deep, not ${mm(asked)} as it is set: a flap ends clear of the far edge of its board. Set less, or leave it so.`;
  return [{ code: 'setting.limited', severity: 'note', about: ['body'], numbers: { asked, made }, text }];
}

/** Drawn right side up: the fixed flap is on the left of the lining, and on the right of the shell. */
function foldLines(detail: Jacket, lining: boolean): Fold[] {
  const { width, height, flap, second, spine } = detail;
  const [w, half, middle] = [width.value, spine.value / 2, middleOf(detail)];
  const across = [flap.value, middle - half, middle + half, w - second.value];
  const seen = lining ? across : across.map((x) => w - x).reverse();
  return seen.map((x, index) => ({
    id: `fold-${index + 1}`,
    order: index + 1,
    kind: lining ? 'valley' : 'mountain',
    from: [x, 0],
    to: [x, height.value],
  }));
}

/** The flaps are folded in; closed, the cover goes square round the back of the book. */
const bendsOf = (detail: Jacket): Bend[] =>
  foldLines(detail, false).map(({ from, to }, index) =>
    index === 0 || index === 3 ? crease(from, to, BACK) : { ...crease(from, to, SQUARE), opens: true },
  );

/** Of the spine, from the left of the lining. mm */
const middleOf = ({ width, flap, second }: Jacket): number =>
  flap.value + (width.value - flap.value - second.value) / 2;

/** The ends of a stitched flap lie on the cover beside its fold. */
function flapSeams({ width, flap, second, elastic }: Jacket): Seam[] {
  const [w, f, g] = [width.value, flap.value, second.value];
  const seam = (id: string, edge: string, from: number, fold: number, to: number): Seam => ({
    id: `body/flap-${id}`,
    kind: 'stitchedOn',
    a: edgePart(LINING, edge, from, fold),
    b: edgePart(LINING, edge, fold, to, true),
  });
  const fixed = [seam('bottom', 'bottom', 0, f, 2 * f), seam('top', 'top', w - 2 * f, w - f, w)];
  const other = [seam('bottom-2', 'bottom', w - 2 * g, w - g, w), seam('top-2', 'top', 0, g, 2 * g)];
  return elastic ? fixed : [...fixed, ...other];
}

interface Band {
  piece: PieceDraft;
  joins: Seam[];
  title: string;
  actions: OperationDraft['actions'];
  cautions?: OperationDraft['cautions'];
}

const end = (piece: string, edge: 'left' | 'right', wide: Derived, b: EdgeRun, within: string): Seam => ({
  id: `${piece}#${edge}`,
  kind: 'caught',
  within,
  a: edgePart(piece, edge, 0, wide.value),
  b,
});

function elasticBand({ width, height, elastic }: Jacket, seam: Derived, inputs: BodyInputs): Band {
  const w = width.value;
  const wide = hardwareWidth('band, wide', BAND, inputs);
  // the loose end is on the right of the lining
  const [from, to] = [elastic!.value, elastic!.value + wide.value];
  const length = sum('elastic, top to bottom', [height, times(2, seam)]);
  return {
    piece: strip({ id: ELASTIC, name: 'Elastic', cutFrom: BAND, length, width: wide }),
    joins: [
      end(ELASTIC, 'left', wide, edgePart(LINING, 'top', from, to), 'body/top'),
      end(ELASTIC, 'right', wide, edgePart(LINING, 'bottom', w - to, w - from), 'body/bottom'),
    ],
    title: 'Baste the elastic on',
    actions: [
      {
        verb: 'baste',
        seams: [`${ELASTIC}#left`, `${ELASTIC}#right`],
        aside: { distance: from, edge: 'right' },
        slack: 'none',
      },
    ],
  };
}

function markerBand(detail: Jacket, seam: Derived, inputs: BodyInputs): Band {
  const { width, height } = detail;
  const wide = hardwareWidth('band, wide', RIBBON, inputs);
  // along the top edge, which runs from the right
  const middle = width.value - middleOf(detail);
  const length = sum('marker', [height, seam, MORE]);
  const half = wide.value / 2;
  return {
    piece: strip({
      id: MARKER,
      name: 'Marker',
      cutFrom: RIBBON,
      length,
      width: wide,
      note: 'Seal the lower end.',
    }),
    joins: [end(MARKER, 'left', wide, edgePart(LINING, 'top', middle - half, middle + half), 'body/top')],
    title: 'Baste the marker on',
    actions: [
      { verb: 'seal', pieces: [MARKER] },
      { verb: 'baste', seams: [`${MARKER}#left`], pointing: 'down' },
      { verb: 'tack', pieces: [MARKER], how: 'pinAway' },
    ],
    cautions: ['flame'],
  };
}

function operations(
  { elastic, flap, second }: Jacket,
  around: Seam[],
  flaps: Seam[],
  bands: Band[],
  inset: number,
): OperationDraft[] {
  const folds: Action[] = [
    { verb: 'fold', piece: LINING, fold: 'fold-1', sides: 'right', by: flap.value },
    ...(elastic ? [] : [{ verb: 'fold', piece: LINING, fold: 'fold-4', sides: 'right', by: second.value } as const]),
  ];
  return [
    ...bands.map(({ piece, title, actions, cautions }): OperationDraft => ({
      id: `${piece.id}/baste`,
      phase: 'layers',
      needs: [],
      title,
      actions,
      ...(cautions && { cautions }),
    })),
    ...baggedAndTurned(SHELL, LINING, around, [
      { verb: 'topstitch', piece: SHELL, along: ['left'], distance: inset, closesGap: true },
    ]),
    {
      id: 'body/flaps',
      phase: 'finish',
      needs: ['body/turn'],
      title: elastic ? 'Stitch the fixed flap' : 'Stitch both flaps',
      actions: [
        { verb: 'tryIn', closed: true },
        ...folds,
        { verb: 'edgestitch', seams: idsOf(flaps), facing: 'rightToRight', throughOnly: LINING },
      ],
    },
  ];
}
