import { mm, say } from '../../errors/wording.ts';
import { edgeLength } from '../../geometry/outline.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { boxPieces, type BoxPiece } from './outlines.ts';
import { walls, type Box, type BoxMaking, type Wall } from './params.ts';
import { boxDraft, boxSeams, layers, pieceId, type Layer } from './pieces.ts';
import { pieceOfWall } from './places.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** Two open boxes, one in the other, joined at the mouth and turned through a gap in it. */
export function contributeBox({ detail }: SizedBody<Box>, inputs: BodyInputs): Contribution {
  const made = Object.fromEntries(
    layers.map((layer) => [layer, boxPieces(detail[layer], detail.making)] as const),
  ) as Record<Layer, BoxPiece[]>;
  const seam = inputs.rules.length(seamAllowance);
  const seams = { shell: boxSeams('shell', made.shell), lining: boxSeams('lining', made.lining) };
  const mouth = walls.map((wall): Seam => {
    const edge = (layer: Layer, of: Wall, reversed = false) =>
      wholeEdge(pieceOfWall(layer, of, detail.making), `${of}/top`, reversed);
    // in the shell the lining shows its right side: what is left of it lies on the right
    return { id: `body/mouth-${wall}`, kind: 'sewn', a: edge('shell', wall), b: edge('lining', mirrored[wall], true) };
  });
  return contribution({
    pieces: layers.flatMap((layer) =>
      made[layer].map((piece) => withGap(boxDraft(layer, piece, detail[layer], seam), layer, inputs)),
    ),
    joins: [...seams.shell, ...seams.lining, ...mouth],
    operations: operations(made, seams, mouth, detail, inputs),
  });
}

/** The shell is left open in the front of its mouth. */
function withGap(draft: PieceDraft, layer: Layer, { rules }: BodyInputs): PieceDraft {
  const mouth = draft.stitch.find(({ id }) => id === 'front/top');
  if (layer !== 'shell' || !mouth) return draft;
  return { ...draft, gaps: [middleGap('front/top', edgeLength(mouth), rules)] };
}

const mirrored: Record<Wall, Wall> = { front: 'front', back: 'back', left: 'right', right: 'left' };

const corners: Record<BoxMaking, string> = {
  cross: 'sew the four upright seams, from the mouth down',
  strip:
    'sew the sides to the strip: clip the strip into the allowance at each corner of the base, sew one wall after the other',
  five: 'sew the four walls to the base, then the upright seams',
};

function operations(
  made: Record<Layer, BoxPiece[]>,
  seams: Record<Layer, Seam[]>,
  mouth: Seam[],
  { making }: Box,
  { rules }: BodyInputs,
): OperationDraft[] {
  const ids = (layer: Layer) => made[layer].map((piece) => pieceId(layer, piece));
  const seam = mm(rules.length(seamAllowance).value);
  const bag = (layer: Layer): OperationDraft => ({
    id: `body/${layer}`,
    phase: 'layers',
    needs: [],
    uses: ids(layer),
    seams: seams[layer].map(({ id }) => id),
    text:
      layer === 'shell'
        ? say`Shell, right sides together: ${corners[making]}. Start and stop ${seam} from every corner, or it cannot turn; trim what is thick where three pieces meet.`
        : say`Lining: the same; press its allowances the other way.`,
  });
  const both = [...ids('shell'), ...ids('lining')];
  return [
    bag('shell'),
    bag('lining'),
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses: both,
      seams: mouth.map(({ id }) => id),
      text: say`Put the shell, right side out, into the lining, wrong side out; match the four corners and sew round the mouth, leaving the gap in the front open.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      uses: both,
      seams: [],
      text: say`Turn through the gap, push the corners out, push the lining in, fold the gap's allowances in and press.`,
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses: both,
      seams: [],
      text: say`Topstitch round the mouth ${mm(rules.length(topstitchInset).value)} from the edge: it closes the gap. Try everything in it.`,
    },
  ];
}
