import { sum, times, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { edgeLength, type Outline } from '../../geometry/outline.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { asCut } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { shallowCorner } from '../../pieces/shallow-corner.ts';
import { cornerBinding } from './corner-binding.ts';
import { linedOperations, singleOperations } from './operations.ts';
import { panelOutline, type PanelShape } from '../../geometry/panel.ts';
import { foldedBends, foldedOutline, foldEnds, panelBends } from './outlines.ts';
import { sideStart, type Sleeve, type SleeveBottom, type Layer } from './params.ts';
import { sideFold, sideFoldedBends, sideFoldedOutline } from './side-fold.ts';
import { bagSeams, mouthSeams } from './seams.ts';
import { mouthHem, mouthTurnIn, seamAllowance } from '../../shelves/rules/common-rules.ts';

/** Shell and lining of a sleeve: each sewn into a bag, joined at the mouth and turned through a gap in the lining. One of a
 * single layer is hemmed at its mouth. */
export function contributeSleeve({ detail }: SizedBody<Sleeve>, inputs: BodyInputs): Contribution {
  const { lined } = detail;
  const corners = detail.cut.value > 0 ? cornerBinding(detail, inputs) : contribution({});
  const lining = lined ? layerPieces(detail, 'lining', inputs) : [];
  const seams = { shell: bagSeams(detail, 'shell'), lining: lined ? bagSeams(detail, 'lining') : [] };
  return contribution({
    ...corners,
    pieces: [...layerPieces(detail, 'shell', inputs), ...lining, ...corners.pieces],
    joins: [...seams.shell, ...seams.lining, ...(lined ? mouthSeams(detail) : []), ...corners.joins],
    operations: [
      ...(lined ? linedOperations(detail, seams, inputs) : singleOperations(seams.shell, detail)),
      ...corners.operations,
    ],
    findings: detail.form === 'boxed' ? shallowCorner('base', detail.base, inputs.rules.length(seamAllowance)) : [],
  });
}

function shapeOf({ width, panelHeight, base, taper, shallower, cut, slope }: Sleeve, layer: Layer): PanelShape {
  const inner = layer === 'lining';
  return {
    width: width.value,
    height: panelHeight.value - (inner ? shallower.value : 0),
    taper: inner ? taper.value : 0,
    notch: base.value / 2,
    cut: cut.value,
    slope: slope.value,
  };
}

function layerPieces(detail: Sleeve, layer: Layer, { rules }: BodyInputs): PieceDraft[] {
  const { bottom, panelHeight, shallower } = detail;
  const shape = shapeOf(detail, layer);
  const seam = rules.length(seamAllowance);
  const height: Derived =
    layer === 'lining' ? sum('panel of the lining', [panelHeight, times(-1, shallower)]) : panelHeight;
  const side = height.value - sideStart(detail) - detail.slope.value;
  const { stitch, halves, gap, whole = side, ...made } = madeOf[bottom]({ shape, layer, width: detail.width, height });
  const hem = rules.length(mouthRule(detail));
  const deeper = sum('seam allowance, sewn deeper', [seam, detail.deeperSeam]);
  const below = layer === 'lining' && detail.deeperSeam.value > 0 ? deeper : seam;
  const allowance = Object.fromEntries(stitch.map(({ id }) => [id, allowanceOf(id, seam, hem, below)]));
  const name = layer === 'shell' ? 'Shell' : 'Lining';
  const role = layer === 'shell' ? ('exterior' as const) : ('lining' as const);
  return halves.map((half, index): PieceDraft => ({
    id: half ? `body/${layer}-${half}` : `body/${layer}`,
    name: half ? `${name} ${half}` : name,
    role,
    stitch,
    allowance,
    topArrow: true,
    ...made,
    ...(index === 0 && gapsOf(detail, layer, stitch, { edge: gap, length: whole }, rules)),
  }));
}

/** What the mouth is cut longer by: it is sewn, turned in, or hemmed. */
const mouthRule = ({ lined, hemmed, turn }: Sleeve) => {
  if (!lined) return hemmed ? mouthHem : seamAllowance;
  return turn === 'dropped' ? mouthTurnIn : seamAllowance;
};

/** Where it is turned through: a gap in the lining, or in the front of the mouth, in both layers.
 * @param side the edge of the lining that is left open by default, and how long that is, mm */
function gapsOf(
  { lined, turn }: Sleeve,
  layer: Layer,
  stitch: Outline,
  side: { edge: string; length: number },
  rules: BodyInputs['rules'],
): Pick<PieceDraft, 'gaps'> {
  if (!lined || turn === 'dropped' || (turn !== 'mouth' && layer === 'shell')) return {};
  if (turn === 'side') return { gaps: [middleGap(side.edge, side.length, rules)] };
  const names = turn === 'mouth' ? ['mouth-front', 'mouth'] : ['bottom'];
  const edge = stitch.find(({ id }) => names.includes(id))!;
  return { gaps: [middleGap(edge.id, edgeLength(edge), rules)] };
}

interface Panelled {
  shape: PanelShape;
  layer: Layer;
  /** Flat, at the mouth, and of one panel, mm. */
  width: Derived;
  height: Derived;
}

interface Made extends Pick<
  PieceDraft,
  'stitch' | 'width' | 'height' | 'spans' | 'bends' | 'printUp' | 'folds' | 'note'
> {
  /** Its pieces; nothing of one piece that is front and back. */
  halves: readonly ('front' | 'back' | '')[];
  /** The edge in which the lining is left open, and how long that is, mm; default as the sides of the bag. */
  gap: string;
  whole?: number;
}

/** A layer by how it is made. */
const madeOf: Record<SleeveBottom, (panelled: Panelled) => Made> = {
  fold: ({ shape, width, height }) => ({
    halves: [''],
    stitch: foldedOutline(shape),
    width,
    height: sum('front and back', [times(2, height)]),
    spans: { across: ['right-back', 'left-back'], up: ['mouth-back', 'mouth-front'] },
    bends: foldedBends(shape),
    printUp: 'turns',
    folds: [foldLine(shape)],
    note: 'The middle is the bottom; the back stands on its head.',
    gap: 'right-front',
  }),
  side: ({ shape, layer, width, height }) => ({
    halves: [''],
    stitch: sideFoldedOutline(shape, layer),
    width: sum('front and back', [times(2, width)]),
    height,
    spans: { across: ['left', 'right'], up: ['bottom-front', 'mouth-front'] },
    bends: sideFoldedBends(shape),
    folds: [sideFold(shape)],
    note: 'The middle is a side.',
    gap: 'bottom-front',
    whole: shape.width - shape.taper,
  }),
  seam: ({ shape, width, height }) => ({
    halves: ['front', 'back'],
    stitch: panelOutline(shape),
    width,
    height,
    spans: { across: ['right', 'left'], up: ['bottom', 'mouth'] },
    bends: panelBends(shape),
    gap: 'right',
  }),
};

/** Corners that are cut off are bound; a single layer is hemmed at the mouth. */
const allowanceOf = (edge: string, seam: Derived, hem: Derived, below: Derived): Derived => {
  if (edge.startsWith('bottom')) return below;
  if (edge.startsWith('cut-')) return asCut;
  return edge.startsWith('mouth') ? hem : seam;
};

function foldLine(shape: PanelShape) {
  const [from, to] = foldEnds(shape);
  return { id: 'bottom', order: 1, kind: 'valley' as const, from, to };
}
