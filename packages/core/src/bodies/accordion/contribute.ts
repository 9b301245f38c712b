import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { given, named, rounded, sum, times } from '../../derived/derived.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { idsOf, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { strip } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { layers, sides, type Accordion, type Layer } from './params.ts';
import { bodyPieces, dividerOutline, dividerPieces, paddingPieces } from './pieces.ts';
import { BEYOND, dividerSeams, layerSeams, mouthSeams, pinchSeams, topSeams } from './seams.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

const ZIPPER = 'zipper-3';
const beyond = given('into each side', BEYOND, {
  kind: 'standard',
  path: 'accordion/beyond',
  source: 'common practice',
});

/** Front and back with pleated sides between them, dividers caught in the bottom seam and wrapped by the gussets. */
export function contributeAccordion({ detail }: SizedBody<Accordion>, inputs: BodyInputs): Contribution {
  const zippers =
    detail.making === 'zipped' ? detail.dividers.map((_, index) => zipperPiece(detail, index, inputs)) : [];
  const pads = detail.making === 'padded' ? paddingPieces(detail) : [];
  const { caught, sewn } = dividerSeams(detail);
  const seams: Seams = {
    shell: layerSeams('shell', detail),
    lining: layerSeams('lining', detail),
    mouth: mouthSeams(detail),
    tops: topSeams(detail),
    caught,
    dividers: dividersOf(detail),
    wrapped: [...sewn, ...layers.flatMap((layer) => pinchSeams(layer, detail))],
  };
  return contribution({
    pieces: [...bodyPieces(detail, inputs), ...dividerPieces(detail, inputs), ...pads, ...zippers],
    joins: [...seams.shell, ...seams.lining, ...seams.mouth, ...seams.tops, ...seams.wrapped, ...caught],
    hardware: zippers.flatMap(({ width }) => [
      { id: ZIPPER, count: 1, length: width.value },
      { id: 'slider-3', count: 1 },
    ]),
    operations: operations(detail, seams, inputs),
  });
}

function zipperPiece(detail: Accordion, index: number, inputs: BodyInputs): PieceDraft {
  const { top } = dividerOutline(detail, index);
  const asked = sum('top of the divider and both sides', [top, times(2, beyond)]);
  return strip({
    id: `body/divider-${index + 1}-zipper`,
    name: `Zipper of divider ${index + 1}`,
    cutFrom: ZIPPER,
    length: rounded(named('zipper, cut length', asked), inputs.grid, 'up'),
    width: hardwareWidth('zipper tape, wide', ZIPPER, inputs),
  });
}

interface Seams extends Record<Layer, Seam[]> {
  mouth: Seam[];
  tops: Seam[];
  wrapped: Seam[];
  caught: Seam[];
  /** Ids of the dividers. */
  dividers: string[];
}

/** Ids of pieces. */
const partsOf = (layer: Layer) =>
  ['front', 'back', ...sides.map((side) => `gusset-${side}`)].map((part) => `body/${layer}-${part}`);
const dividersOf = (detail: Accordion) => detail.dividers.map((_, index) => `body/divider-${index + 1}`);

/** Each divider of two layers, its upper edge closed or zipped, its other sides basted. */
function dividerStep(detail: Accordion, seams: Seams, inset: number): OperationDraft {
  const dividers = dividersOf(detail);
  const zippers = dividers.map((id) => `${id}-zipper`);
  const zipped = detail.making === 'zipped';
  return {
    id: 'body/dividers',
    phase: 'prepare',
    needs: [],
    title: 'Make the dividers',
    actions: [
      { verb: 'sew', seams: idsOf(seams.tops) },
      { verb: 'turn', pieces: dividers },
      ...(detail.making === 'padded'
        ? dividers.map((id): Action => ({ verb: 'insert', pieces: [`${id}-padding`], into: id, way: 'upToSeam' }))
        : []),
      ...dividers.map((piece): Action => ({ verb: 'topstitch', piece, along: ['top'], distance: inset })),
      ...dividers.map((id): Action => ({ verb: 'tack', pieces: [id], how: 'basteSides' })),
      ...(zipped ? zippers.map((zipper): Action => ({ verb: 'moveSlider', zipper, to: 'half' })) : []),
    ],
  };
}

function operations(detail: Accordion, seams: Seams, { rules }: BodyInputs): OperationDraft[] {
  const inset = rules.length(topstitchInset).value;
  const shell: Action[] = [{ verb: 'sew', seams: bottomOf('shell') }, ...gussetsOn('shell', detail, seams)];
  const lining: Action[] = [
    { verb: 'baste', seams: idsOf(seams.caught), facing: 'wrongToRight' },
    { verb: 'sew', seams: bottomOf('lining'), between: dividersOf(detail), twice: 'thick' },
    ...gussetsOn('lining', detail, seams),
  ];
  const bags: OperationDraft[] = [
    { id: 'body/shell', phase: 'layers', needs: [], title: 'Sew the shell', actions: shell },
    { id: 'body/lining', phase: 'layers', needs: ['body/dividers'], title: 'Sew the lining', actions: lining },
  ];
  const last = detail.foot === 'fan' ? fanSteps(detail, seams, inset) : fileSteps(detail, seams, inset);
  return [dividerStep(detail, seams, inset), ...bags, ...last];
}

const bottomOf = (layer: Layer): string[] => [`body/${layer}/bottom`];

/** The gussets are sewn from the bottom seam up, their middles on it. */
const gussetsOn = (layer: Layer, { foot, below }: Accordion, seams: Seams): Action[] => [
  {
    verb: 'sew',
    seams: idsOf(seams[layer]).filter((id) => !bottomOf(layer).includes(id)),
    meet: 'foot',
    ...(layer === 'lining' && { keepOut: seams.dividers }),
    ...(foot === 'fan' && { from: 'seam', twice: 'trues' }),
    ...(below.value > 0 && { beginsBelow: below.value }),
  },
];

const topstitch = (inset: number): OperationDraft => ({
  id: 'body/topstitch',
  phase: 'finish',
  needs: ['body/turn'],
  title: 'Topstitch the mouth',
  actions: [
    {
      verb: 'topstitch',
      piece: 'body/shell-front',
      place: 'mouth',
      distance: inset,
      through: layers.flatMap(partsOf).filter((id) => id !== 'body/shell-front'),
      closesGap: true,
    },
    { verb: 'tryIn' },
  ],
});

const turned = (last: readonly Action[]): OperationDraft => ({
  id: 'body/turn',
  phase: 'turn',
  needs: ['body/join'],
  title: 'Turn it right side out',
  actions: [
    { verb: 'turn', pieces: layers.flatMap(partsOf), through: 'body/shell-front' },
    { verb: 'insert', pieces: partsOf('lining'), into: 'body/shell-front', way: 'pushed' },
    { verb: 'press', pieces: layers.flatMap(partsOf), allowances: 'in' },
    ...last,
  ],
});

/** The gusset is wrapped round each divider, or the divider stitched to its fold. */
const wrap = ({ bites, school }: Accordion, seams: Seams): Action => ({
  verb: 'edgestitch',
  seams: idsOf(seams.wrapped),
  facing: 'wrongToRight',
  // the gusset is folded round each divider on the way
  carries: idsOf(seams.wrapped).filter((id) => id.includes('/pinch-')),
  from: 'mouth',
  ...(school === 'wrapped' && { pinched: { top: bites.top.value, bottom: bites.bottom.value } }),
});

/** On a flat base the gusset of the lining is wrapped round the dividers before the shell comes round it. */
const fileSteps = (detail: Accordion, seams: Seams, inset: number): OperationDraft[] => [
  {
    id: 'body/wrap',
    phase: 'layers',
    needs: ['body/lining'],
    title: 'Sew the gussets to the dividers',
    actions: [wrap(detail, seams)],
  },
  {
    id: 'body/join',
    phase: 'join',
    needs: ['body/shell', 'body/wrap'],
    title: 'Join both layers at the mouth',
    actions: [
      { verb: 'nest', inner: partsOf('shell'), outer: partsOf('lining'), facing: 'right', at: 'corners' },
      { verb: 'sew', seams: idsOf(seams.mouth), oneLayer: true, twice: 'turning' },
    ],
  },
  turned([{ verb: 'press', pieces: layers.flatMap(partsOf), what: 'pleats' }]),
  topstitch(inset),
];

/** A fan is turned first: only then both layers of its gussets are pinched round the dividers. */
const fanSteps = (detail: Accordion, seams: Seams, inset: number): OperationDraft[] => [
  {
    id: 'body/join',
    phase: 'join',
    needs: ['body/shell', 'body/lining'],
    title: 'Join both layers at the mouth',
    actions: [
      ...(detail.making === 'zipped'
        ? dividersOf(detail).map((id): Action => ({ verb: 'tack', pieces: [`${id}-zipper`], how: 'tape' }))
        : []),
      { verb: 'nest', inner: partsOf('shell'), outer: partsOf('lining'), facing: 'right', at: 'corners' },
      // the back first, then the front at both ends of its gap, then the gussets
      ...(['back', 'front', 'gusset'] as const).map((part): Action => ({
        verb: 'sew',
        seams: idsOf(seams.mouth).filter((id) => id.startsWith(`body/mouth-${part}`)),
        oneLayer: true,
        ...(part === 'front' && { twice: 'turning' }),
      })),
    ],
  },
  turned([]),
  topstitch(inset),
  {
    id: 'body/wrap',
    phase: 'finish',
    needs: ['body/topstitch'],
    title: 'Sew the gussets to the dividers',
    actions: [
      { ...wrap(detail, seams), from: 'middleDivider', endsByHand: true } as Action,
      { verb: 'press', pieces: layers.flatMap(partsOf), what: 'fan' },
    ],
  },
];
