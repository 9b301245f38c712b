import { sum, times, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { asCut } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { shallowCorner } from '../../pieces/shallow-corner.ts';
import { cornerBinding } from './corner-binding.ts';
import { linedOperations, singleOperations } from './operations.ts';
import { panelOutline, type PanelShape } from '../../geometry/panel.ts';
import { foldedBends, foldedOutline, foldEnds, panelBends } from './outlines.ts';
import { sideStart, type Sleeve } from './params.ts';
import { bagSeams, mouthSeams, type Layer } from './seams.ts';
import { mouthHem, seamAllowance } from '../../shelves/rules/common-rules.ts';

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
      ...(lined ? linedOperations(detail, seams, inputs) : singleOperations(seams.shell, detail, inputs)),
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
  const { bottom, width, panelHeight, shallower } = detail;
  const shape = shapeOf(detail, layer);
  const seam = rules.length(seamAllowance);
  const height: Derived =
    layer === 'lining' ? sum('panel of the lining', [panelHeight, times(-1, shallower)]) : panelHeight;
  const name = layer === 'shell' ? 'Shell' : 'Lining';
  const role = layer === 'shell' ? ('exterior' as const) : ('lining' as const);
  const side = height.value - sideStart(detail) - detail.slope.value;
  const fold = bottom === 'fold';
  const stitch = fold ? foldedOutline(shape) : panelOutline(shape);
  const hem = detail.lined ? seam : rules.length(mouthHem);
  const deeper = sum('seam allowance, sewn deeper', [seam, detail.deeperSeam]);
  const below = layer === 'lining' && detail.deeperSeam.value > 0 ? deeper : seam;
  const allowance = Object.fromEntries(stitch.map(({ id }) => [id, allowanceOf(id, seam, hem, below)]));
  const draft = (id: string, title: string): PieceDraft => ({
    id,
    name: title,
    role,
    stitch,
    width,
    height: fold ? sum('front and back', [times(2, height)]) : height,
    allowance,
    spans: {
      across: fold ? ['right-back', 'left-back'] : ['right', 'left'],
      up: fold ? ['mouth-back', 'mouth-front'] : ['bottom', 'mouth'],
    },
    topArrow: true,
    bends: fold ? foldedBends(shape) : panelBends(shape),
    ...(fold && {
      printUp: 'turns',
      folds: [foldLine(shape)],
      note: 'The middle is the bottom; the back stands on its head.',
    }),
  });
  if (fold) {
    const piece = draft(`body/${layer}`, name);
    return [layer === 'lining' ? { ...piece, gaps: [middleGap('right-front', side, rules)] } : piece];
  }
  const [front, back] = [draft(`body/${layer}-front`, `${name} front`), draft(`body/${layer}-back`, `${name} back`)];
  return layer === 'lining' ? [{ ...front, gaps: [middleGap('right', side, rules)] }, back] : [front, back];
}

/** Corners that are cut off are bound; a single layer is hemmed at the mouth. */
const allowanceOf = (edge: string, seam: Derived, hem: Derived, below: Derived): Derived => {
  if (edge === 'bottom') return below;
  if (edge.startsWith('cut-')) return asCut;
  return edge.startsWith('mouth') ? hem : seam;
};

function foldLine(shape: PanelShape) {
  const [from, to] = foldEnds(shape);
  return { id: 'bottom', order: 1, kind: 'valley' as const, from, to };
}
