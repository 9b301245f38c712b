import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { given, named, rounded, sum, times } from '../../derived/derived.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { layers, sides, type Accordion, type DividerMaking, type Layer } from './params.ts';
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
    wrapped: [...sewn, ...layers.flatMap((layer) => pinchSeams(layer, detail))],
  };
  return contribution({
    pieces: [...bodyPieces(detail, inputs), ...dividerPieces(detail, inputs), ...pads, ...zippers],
    joins: [...seams.shell, ...seams.lining, ...seams.mouth, ...seams.tops, ...seams.wrapped, ...caught],
    hardware: zippers.flatMap(({ width }) => [
      { id: ZIPPER, count: 1, length: width.value },
      { id: 'slider-3', count: 1 },
    ]),
    operations: operations(
      detail,
      seams,
      [...zippers, ...pads].map(({ id }) => id),
      inputs,
    ),
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

const dividerTexts: Record<DividerMaking, Wording> = {
  plain: say`Sew the two layers of each divider together along the top, turn, topstitch; baste the other sides.`,
  padded: say`Sew the two layers of each divider together along the top, turn, lay the padding in up to the seam, topstitch; baste the other sides. No seam goes through the padding: the divider bends below it, along the base.`,
  zipped: say`Sew the zipper of each divider between its two layers, turn, topstitch; baste the three open sides. Leave each zipper half open.`,
};

interface Seams extends Record<Layer, Seam[]> {
  mouth: Seam[];
  tops: Seam[];
  wrapped: Seam[];
}

const ids = (list: Seam[]) => list.map(({ id }) => id);

/** Ids of pieces. */
const partsOf = (layer: Layer) =>
  ['front', 'back', ...sides.map((side) => `gusset-${side}`)].map((part) => `body/${layer}-${part}`);
const dividersOf = (detail: Accordion) => detail.dividers.map((_, index) => `body/divider-${index + 1}`);

function operations(detail: Accordion, seams: Seams, between: string[], inputs: BodyInputs): OperationDraft[] {
  const dividers: OperationDraft = {
    id: 'body/dividers',
    phase: 'prepare',
    needs: [],
    uses: [...dividersOf(detail), ...between],
    seams: ids(seams.tops),
    text: dividerTexts[detail.making],
  };
  return [dividers, ...(detail.foot === 'fan' ? fanSteps : fileSteps)(detail, seams, inputs)];
}

const topstitch = ({ rules }: BodyInputs): OperationDraft => ({
  id: 'body/topstitch',
  phase: 'finish',
  needs: ['body/turn'],
  uses: layers.flatMap(partsOf),
  seams: [],
  text: say`Topstitch round the mouth ${mm(rules.length(topstitchInset).value)} from the edge, which closes the gap. Try everything in it.`,
});

const bag = (layer: Layer, needs: string[], seams: Seams, text: Wording): OperationDraft => ({
  id: `body/${layer}`,
  phase: 'layers',
  needs,
  uses: partsOf(layer),
  seams: ids(seams[layer]),
  text,
});

/** On a flat base the gusset of the lining is wrapped round the dividers before the shell comes round it. */
function fileSteps(detail: Accordion, seams: Seams, inputs: BodyInputs): OperationDraft[] {
  const { top, bottom } = detail.bites;
  const both = layers.flatMap(partsOf);
  return [
    bag(
      'shell',
      [],
      seams,
      say`Shell: sew front and back together at the bottom. Sew the gussets to both, their middle on the bottom seam: off the middle, the dividers stand askew. Fold the pleats in where the gusset's end meets the base.`,
    ),
    bag(
      'lining',
      ['body/dividers'],
      seams,
      say`Lining: the same, with the whole stack of dividers, basted together, in the bottom seam; sew that seam twice.`,
    ),
    {
      id: 'body/wrap',
      phase: 'layers',
      needs: ['body/lining'],
      uses: [...dividersOf(detail), ...sides.map((side) => `body/lining-gusset-${side}`)],
      seams: ids(seams.wrapped),
      text:
        detail.school === 'wrapped'
          ? say`Lay the gusset round the edge of each divider and stitch through all: ${mm(top.value)} from its edge at the top, ${mm(bottom.value)} at the bottom. Catch its lower end.`
          : say`Stitch the edge of each divider to the fold of the gusset, from the mouth down; catch its lower end.`,
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/shell', 'body/wrap'],
      uses: both,
      seams: ids(seams.mouth),
      text: say`Shell and lining right sides together round the mouth, corners matching, the gap in the front left open; sew over its ends twice: turning pulls at them.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      uses: both,
      seams: [],
      text: say`Turn through the gap, push the lining in, press the pleats with the dividers in place.`,
    },
    topstitch(inputs),
  ];
}

/** A fan is turned first: only then both layers of its gussets are pinched round the dividers. */
function fanSteps(detail: Accordion, seams: Seams, inputs: BodyInputs): OperationDraft[] {
  const { below } = detail;
  const { top, bottom } = detail.bites;
  const both = layers.flatMap(partsOf);
  const begins = below.value > 0 ? say` They begin ${mm(below.value)} below the mouth.` : [];
  return [
    bag('shell', [], seams, [
      ...say`Shell: sew front and back together at the bottom. Sew the gussets to both, the middle of their foot on the bottom seam: off the middle, the dividers stand askew. Sew each side from the seam up, and once more on top.`,
      ...begins,
    ]),
    bag('lining', ['body/dividers'], seams, [
      ...say`Lining: baste the stack of dividers together, a shade narrower than the seam, and sew it into the bottom seam, twice. Then the gussets as in the shell, the dividers rolled up out of the way.`,
      ...begins,
    ]),
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses: both,
      seams: ids(seams.mouth),
      text: say`Shell and lining right sides together round the mouth: the back first, then the front at both ends of its gap, sewn twice, for turning pulls at them, then the gussets. Tape the zippers of the dividers so that they stay shut.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      uses: both,
      seams: [],
      text: say`Turn through the gap, what closes it drawn out first; push the lining in.`,
    },
    topstitch(inputs),
    {
      id: 'body/wrap',
      phase: 'finish',
      needs: ['body/topstitch'],
      uses: [...dividersOf(detail), ...both.filter((id) => id.includes('gusset'))],
      seams: ids(seams.wrapped),
      text:
        detail.school === 'wrapped'
          ? say`Pinch the gusset round each divider through both its layers, the middle divider first: ${mm(top.value)} from its edge at the top, ${mm(bottom.value)} at the bottom. Stop short of the bottom seam; the last stitches by hand. Press the fan.`
          : say`Stitch the edge of each divider to the gusset through both its layers, the middle divider first. Stop short of the bottom seam; the last stitches by hand. Press the fan.`,
    },
  ];
}
