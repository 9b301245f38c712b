import { sum, type Derived } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { boxPieces, type BoxPiece } from './outlines.ts';
import { walls, type Box, type BoxMaking } from './params.ts';
import { pieceOfWall } from './places.ts';

type Layer = 'shell' | 'lining';
const layers = ['shell', 'lining'] as const;

/** Two open boxes, one in the other, joined at the mouth and turned through a gap in it. */
export function contributeBox({ detail }: SizedBody<Box>, inputs: BodyInputs): Contribution {
  const made = Object.fromEntries(
    layers.map((layer) => [layer, boxPieces(detail[layer], detail.making)] as const),
  ) as Record<Layer, BoxPiece[]>;
  const seams = { shell: boxSeams('shell', made.shell), lining: boxSeams('lining', made.lining) };
  const mouth = walls.map((wall): Seam => {
    const edge = (layer: Layer, reversed = false) =>
      wholeEdge(pieceOfWall(layer, wall, detail.making), `${wall}/top`, reversed);
    return { id: `body/mouth-${wall}`, kind: 'sewn', a: edge('shell'), b: edge('lining', true) };
  });
  return contribution({
    pieces: layers.flatMap((layer) => made[layer].map((piece) => draftOf(layer, piece, detail, inputs))),
    joins: [...seams.shell, ...seams.lining, ...mouth],
    operations: operations(made, seams, mouth, detail, inputs),
  });
}

const pieceId = (layer: Layer, { id }: BoxPiece): string => (id ? `body/${layer}-${id}` : `body/${layer}`);

/** Every edge that names a neighbour is sewn to the neighbour's edge that names it. */
function boxSeams(layer: Layer, pieces: readonly BoxPiece[]): Seam[] {
  const edges = new Map(pieces.flatMap((piece) => piece.stitch.map(({ id }) => [id, pieceId(layer, piece)] as const)));
  return [...edges].flatMap(([edge, piece]): Seam[] => {
    const mate = edge.split('/').reverse().join('/');
    const other = edges.get(mate);
    if (!other || edge > mate) return [];
    const id = `body/${layer}/${edge.replace('/', '-')}`;
    return [{ id, kind: 'sewn', a: wholeEdge(piece, edge), b: wholeEdge(other, mate, true) }];
  });
}

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };

function draftOf(layer: Layer, piece: BoxPiece, detail: Box, { rules }: BodyInputs): PieceDraft {
  const seam = rules.length('seam.allowance');
  const from = detail[layer];
  const told = (label: string, value: number, inputs: Derived[]): Derived => ({ ...sum(label, inputs), value });
  const { width, depth, height } = from;
  const gap = Math.min(rules.length('turning.gap').value, width.value - 20);
  const mouth = piece.stitch.some(({ id }) => id === 'front/top');
  return {
    id: pieceId(layer, piece),
    name: piece.id ? `${names[layer]}, ${piece.id}` : names[layer],
    role: layer === 'shell' ? 'exterior' : 'lining',
    stitch: piece.stitch,
    width: told('along the stitch lines, across', piece.width, [width, depth, height]),
    height: told('along the stitch lines, up', piece.height, [width, depth, height]),
    allowance: Object.fromEntries(piece.stitch.map(({ id }) => [id, seam])),
    spans: piece.spans,
    folds: piece.folds,
    ...(layer === 'shell' &&
      mouth && {
        gaps: [{ edge: 'front/top', from: (width.value - gap) / 2, to: (width.value + gap) / 2 }],
      }),
  };
}

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
  const seam = mm(rules.length('seam.allowance').value);
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
      text: say`Topstitch round the mouth ${mm(rules.length('topstitch.inset').value)} from the edge: it closes the gap. Try everything in it.`,
    },
  ];
}
