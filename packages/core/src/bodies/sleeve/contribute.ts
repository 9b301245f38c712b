import { sum, times, type Derived } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { foldedOutline, panelOutline, type PanelShape } from './outlines.ts';
import type { Sleeve } from './params.ts';

type Layer = 'shell' | 'lining';

/** Shell and lining of a sleeve: each sewn into a bag, joined at the mouth and turned through a gap in the lining. */
export function contributeSleeve({ detail }: SizedBody<Sleeve>, inputs: BodyInputs): Contribution {
  const seams = { shell: bagSeams(detail, 'shell'), lining: bagSeams(detail, 'lining') };
  return contribution({
    pieces: [...layerPieces(detail, 'shell', inputs), ...layerPieces(detail, 'lining', inputs)],
    joins: [...seams.shell, ...seams.lining, ...mouthSeams(detail)],
    operations: operations(detail, seams, inputs),
    findings: shallowBase(detail, inputs),
  });
}

/** A base no deeper than the allowances on both sides leaves nothing to cut out. */
function shallowBase({ form, bottom, base }: Sleeve, { rules }: BodyInputs): Finding[] {
  const seam = rules.length('seam.allowance').value;
  if (form !== 'boxed' || bottom !== 'fold' || base.value > 2 * seam) return [];
  return [
    {
      code: 'corner.notCutOut',
      severity: 'note',
      about: ['body'],
      numbers: { base: base.value },
      limit: 2 * seam,
      text: say`The base is ${mm(base.value)} deep, no more than two seam allowances: its corners are not cut out. Mark them, sew across and trim.`,
    },
  ];
}

const pieceIds = ({ bottom }: Sleeve, layer: Layer): string[] =>
  bottom === 'fold' ? [`body/${layer}`] : [`body/${layer}-front`, `body/${layer}-back`];

function shapeOf({ width, panelHeight, base, taper, shallower }: Sleeve, layer: Layer): PanelShape {
  const inner = layer === 'lining';
  return {
    width: width.value,
    height: panelHeight.value - (inner ? shallower.value : 0),
    taper: inner ? taper.value : 0,
    notch: base.value / 2,
  };
}

function layerPieces(detail: Sleeve, layer: Layer, { rules }: BodyInputs): PieceDraft[] {
  const { bottom, width, panelHeight, shallower } = detail;
  const shape = shapeOf(detail, layer);
  const seam = rules.length('seam.allowance');
  const height: Derived =
    layer === 'lining' ? sum('panel of the lining', [panelHeight, times(-1, shallower)]) : panelHeight;
  const name = layer === 'shell' ? 'Shell' : 'Lining';
  const role = layer === 'shell' ? ('exterior' as const) : ('lining' as const);
  const gap = Math.min(rules.length('turning.gap').value, height.value - shape.notch - 20);
  const fold = bottom === 'fold';
  const stitch = fold ? foldedOutline(shape) : panelOutline(shape);
  const allowance = Object.fromEntries(stitch.map(({ id }) => [id, seam]));
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
    ...(fold && { folds: [foldLine(shape)], note: 'The middle is the bottom; the back stands on its head.' }),
  });
  if (fold) {
    const piece = draft(`body/${layer}`, name);
    return [
      layer === 'lining' ? { ...piece, gaps: [turningGap('right-front', gap, height.value - shape.notch)] } : piece,
    ];
  }
  const [front, back] = [draft(`body/${layer}-front`, `${name} front`), draft(`body/${layer}-back`, `${name} back`)];
  return layer === 'lining'
    ? [{ ...front, gaps: [turningGap('right', gap, height.value - shape.notch)] }, back]
    : [front, back];
}

const foldLine = ({ height, taper, width, notch }: PanelShape) => ({
  id: 'bottom',
  order: 1,
  kind: 'valley' as const,
  from: [taper / 2 + notch, height] as [number, number],
  to: [width - taper / 2 - notch, height] as [number, number],
});

/** In the middle of a side, clear of mouth and bottom. */
const turningGap = (edge: string, gap: number, side: number) => ({
  edge,
  from: (side - gap) / 2,
  to: (side + gap) / 2,
});

/** The seams that make a bag of a layer. The right side of the front meets the left side of the back, seen from outside. */
function bagSeams(detail: Sleeve, layer: Layer): Seam[] {
  const seam = (id: string, a: EdgeRun, b: EdgeRun): Seam => ({ id: `body/${layer}/${id}`, kind: 'sewn', a, b });
  const boxed = detail.form === 'boxed';
  if (detail.bottom === 'fold') {
    const piece = `body/${layer}`;
    const edge = (id: string, reversed = false) => wholeEdge(piece, id, reversed);
    return [
      seam('right', edge('right-front'), edge('right-back', true)),
      seam('left', edge('left-front'), edge('left-back', true)),
      // both level cuts, meeting at the side seam, are sewn to the upright one
      ...(boxed ? (['right', 'left'] as const) : []).map((side) =>
        seam(
          `corner-${side}`,
          { piece, parts: [{ edge: `notch-${side}-in` }, { edge: `notch-${side}-out` }] },
          edge(`notch-${side}`),
        ),
      ),
    ];
  }
  const [front, back] = [`body/${layer}-front`, `body/${layer}-back`];
  const corner = (piece: string, side: 'right' | 'left', which: string) =>
    side === 'right'
      ? seam(`corner-${which}-${side}`, wholeEdge(piece, 'notch-right-up'), wholeEdge(piece, 'notch-right-out', true))
      : seam(`corner-${which}-${side}`, wholeEdge(piece, 'notch-left-in'), wholeEdge(piece, 'notch-left-down', true));
  return [
    seam('right', wholeEdge(front, 'right'), wholeEdge(back, 'left', true)),
    seam('left', wholeEdge(front, 'left'), wholeEdge(back, 'right', true)),
    seam('bottom', wholeEdge(front, 'bottom'), wholeEdge(back, 'bottom', true)),
    ...(boxed
      ? [
          corner(front, 'right', 'front'),
          corner(front, 'left', 'front'),
          corner(back, 'right', 'back'),
          corner(back, 'left', 'back'),
        ]
      : []),
  ];
}

/** Shell and lining right sides together round the mouth, front to front. */
function mouthSeams(detail: Sleeve): Seam[] {
  const seam = (id: string, shell: EdgeRun, lining: EdgeRun): Seam => ({
    id: `body/mouth-${id}`,
    kind: 'sewn',
    a: shell,
    b: lining,
  });
  if (detail.bottom === 'fold')
    return (['front', 'back'] as const).map((side) =>
      seam(side, wholeEdge('body/shell', `mouth-${side}`), wholeEdge('body/lining', `mouth-${side}`, true)),
    );
  return (['front', 'back'] as const).map((side) =>
    seam(side, wholeEdge(`body/shell-${side}`, 'mouth'), wholeEdge(`body/lining-${side}`, 'mouth', true)),
  );
}

function operations(detail: Sleeve, seams: Record<Layer, Seam[]>, { rules }: BodyInputs): OperationDraft[] {
  const boxed = detail.form === 'boxed';
  const how = boxed
    ? 'sides and bottom, then open each corner, lay the side seam on the bottom line and sew across'
    : 'sides';
  const bag = (layer: Layer, phase: OperationDraft['phase'], text: OperationDraft['text']): OperationDraft => ({
    id: `body/${layer}`,
    phase,
    needs: [],
    uses: pieceIds(detail, layer),
    seams: seams[layer].map(({ id }) => id),
    text,
  });
  const both = [...pieceIds(detail, 'shell'), ...pieceIds(detail, 'lining')];
  return [
    bag('shell', 'layers', say`Shell, right sides together: sew the ${how}. Press the allowances to one side.`),
    bag(
      'lining',
      'layers',
      say`Lining, right sides together: sew the ${how}, leaving the gap in one side open. Press the allowances to the other side, so that they nest.`,
    ),
    {
      id: 'body/mouth',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses: both,
      seams: mouthSeams(detail).map(({ id }) => id),
      text: say`Put the shell, right side out, into the lining, wrong side out, so that right sides face. Match the side seams and sew round the mouth, one layer of each at the needle.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/mouth'],
      uses: both,
      seams: [],
      text: say`Turn through the gap, close it, push the lining into the shell, press the mouth.`,
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses: both,
      seams: [],
      text: say`Topstitch round the mouth ${mm(rules.length('topstitch.inset').value)} from the edge. Try everything in it.`,
    },
  ];
}
