import { half } from '../../derived/constants.ts';
import { product, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { Notch, PieceDraft } from '../../pieces/piece.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { shallowCorner } from '../../pieces/shallow-corner.ts';
import { zipTubeOperations } from './operations.ts';
import { cornerLines, tubeBends, tubeOutline, type TubePanel } from './outline.ts';
import type { TubeLayer, ZipTube } from './params.ts';
import { bottomSeam, cornerSeams, endSeams, zipSeams, type TubePiece } from './seams.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

/** One panel round the outside, two for the lining with a seam below, through which it is turned. */
export function contributeZipTube({ detail }: SizedBody<ZipTube>, inputs: BodyInputs): Contribution {
  const { shell, lining, form, corners } = detail;
  const onHalf = product('half round the lining', [lining.round, half]);
  const seams = {
    zip: zipSeams(detail),
    ends: [...endSeams(detail), bottomSeam],
    corners: cornerSeams(detail),
  };
  const liningPiece = (which: 'front' | 'back') => ({
    ...panelPiece(`body/lining-${which}`, detail, inputs, { ...lining, round: onHalf }),
    name: `Lining, ${which}`,
    ...(which === 'front' && { gaps: [middleGap('bottom', lining.along.value, inputs.rules)] }),
  });
  return contribution({
    pieces: [
      { ...panelPiece('body/shell', detail, inputs, shell), name: 'Shell' },
      liningPiece('front'),
      liningPiece('back'),
    ],
    joins: [...seams.zip, ...seams.ends, ...seams.corners],
    operations: zipTubeOperations(detail, seams, inputs),
    findings:
      form === 'boxed' && corners === 'cut'
        ? // the lining is the smaller one
          shallowCorner('boxing', lining.height, inputs.rules.length(seamAllowance))
        : [],
  });
}

/** Lying flat with the zipper in its middle, the tube is folded a quarter of the way round on either side of it. */
function foldsOf({ round }: TubeLayer, { exposed }: ZipTube, whole: boolean): number[] {
  const around = (whole ? round.value : 2 * round.value) + exposed.value;
  const first = around / 4 - exposed.value / 2;
  return whole ? [first, round.value - first] : [first];
}

function panelPiece(id: TubePiece, detail: ZipTube, { rules }: BodyInputs, layer: TubeLayer): Omit<PieceDraft, 'name'> {
  const whole = id === 'body/shell';
  const cutOut = detail.form === 'boxed' && detail.corners === 'cut';
  const panel: TubePanel = {
    along: layer.along.value,
    round: layer.round.value,
    folds: foldsOf(layer, detail, whole),
    ...(whole && { printUp: 'turns' as const }),
    boxing: layer.height.value,
    names: whole ? { bottom: 'zip-front', top: 'zip-back' } : { bottom: 'zip', top: 'bottom' },
  };
  const stitch = tubeOutline(panel, cutOut);
  const [seam, zip] = [rules.length(seamAllowance), rules.length(zipSeam)];
  const allowance: Record<string, Derived> = Object.fromEntries(
    stitch.map(({ id: edge }) => [edge, edge.startsWith('zip') ? zip : seam]),
  );
  const middle = (edge: string): Notch => ({ id: `middle-${edge}`, edge, at: layer.along.value / 2 });
  return {
    id,
    role: whole ? 'exterior' : 'lining',
    stitch,
    width: layer.along,
    height: layer.round,
    allowance,
    spans: {
      across: ['left-1', 'right-1'],
      up: [panel.names.bottom, panel.names.top],
    },
    notches: whole ? [middle('zip-front'), middle('zip-back')] : [],
    bends: tubeBends(panel, cutOut),
    ...(detail.form === 'boxed' && !cutOut && { lines: cornerLines(panel) }),
  };
}
