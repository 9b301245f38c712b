import { edgeLength } from '../../geometry/outline.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { idsOf, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { mouthJoined } from '../layer-steps.ts';
import { middleGap } from '../turning-gap.ts';
import { boxPieces, type BoxPiece } from './outlines.ts';
import { walls, type Box, type Wall } from './params.ts';
import { boxDraft, boxSeams, isBaseSeam, layers, pieceId, type Layer } from './pieces.ts';
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

function operations(
  made: Record<Layer, BoxPiece[]>,
  seams: Record<Layer, Seam[]>,
  mouth: Seam[],
  { making }: Box,
  { rules }: BodyInputs,
): OperationDraft[] {
  const own = (layer: Layer) => made[layer].map((piece) => pieceId(layer, piece));
  const bag = (layer: Layer): OperationDraft => {
    // a strip is sewn round the sides one wall after the other
    const parts =
      making === 'five'
        ? [seams[layer].filter(isBaseSeam), seams[layer].filter((seam) => !isBaseSeam(seam))]
        : [seams[layer]];
    return {
      id: `body/${layer}`,
      phase: 'layers',
      needs: [],
      title: layer === 'shell' ? 'Sew the shell to a box' : 'Sew the lining to a box',
      actions: [
        ...(making === 'strip' ? [{ verb: 'clip', pieces: own(layer) } as const] : []),
        ...parts.map((part) => ({ verb: 'sew', seams: idsOf(part), stopsAt: 'corners' }) as const),
        layer === 'shell'
          ? { verb: 'trim', pieces: own(layer), to: 'padding' }
          : { verb: 'press', pieces: own(layer), allowances: 'otherSide' },
      ],
    };
  };
  const [shell, lining] = [own('shell'), own('lining')];
  const both = [...shell, ...lining];
  const front = mouth.find(({ id }) => id === 'body/mouth-front')!.a.piece;
  return [
    bag('shell'),
    bag('lining'),
    mouthJoined('body/join', { shell, lining }, mouth, 'corners'),
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      title: 'Turn it right side out',
      actions: [
        { verb: 'turn', pieces: both, through: front },
        { verb: 'insert', pieces: lining, into: front, way: 'pushed' },
        { verb: 'press', pieces: both, allowances: 'in' },
      ],
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      title: 'Topstitch the mouth',
      actions: [
        {
          verb: 'topstitch',
          piece: front,
          place: 'mouth',
          distance: rules.length(topstitchInset).value,
          through: lining,
          closesGap: true,
        },
        { verb: 'tryIn' },
      ],
    },
  ];
}
