import { boundsOf } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';
import type { Operation } from '../sewing/tell/tell-operations.ts';
import { drawPiece, runPath, type PieceDrawing } from './drawing.ts';

/** A piece in hand, small: origin at the upper left corner of its cut outline, mm of the piece. */
export interface SmallPiece {
  letter: string;
  drawing: PieceDrawing;
  /** SVG path data of what is stitched in this step. */
  stitched: string[];
  /** Where fasteners are set in this step. */
  set: { x: number; y: number }[];
  /** Of its left edge in the picture, mm on paper. */
  x: number;
}

/** The pieces of a step beside each other. */
export interface StepDrawing {
  pieces: SmallPiece[];
  /** So much smaller than they are. */
  scale: number;
  /** mm on paper */
  height: number;
}

/** More would be too small to be told apart. */
const MOST = 6;
/** Between two pieces, mm on paper. */
const APART = 4;
/** At most so large, however small they are. */
const LARGEST = 0.4;

/** The small drawing of a step: the pieces in hand that differ, with what is stitched and set in it; those that are sewn first.
 * @param room what there is for it, mm on paper
 * @returns nothing where a step is about all pieces, or about none */
export function stepDrawing(
  { phase, uses, seams, actions }: Pick<Operation, 'phase' | 'uses' | 'seams' | 'actions'>,
  all: { pieces: readonly Piece[]; seams: readonly Seam[] },
  room: { width: number; height: number },
): StepDrawing | undefined {
  if (phase === 'cut') return undefined;
  const own = all.seams.filter(({ id }) => seams.includes(id));
  const runs = own.flatMap(({ a, b }) => [a, b]);
  const inHand = all.pieces.filter(({ id }) => uses.includes(id));
  const sewn = inHand.toSorted((a, b) => Number(isIn(runs, b)) - Number(isIn(runs, a)));
  const pieces = differing(sewn, runs).slice(0, MOST);
  if (pieces.length === 0) return undefined;
  const sizes = pieces.map(({ cut }) => boundsOf(cut));
  const wide = sizes.reduce((sum, { width }) => sum + width, 0);
  const tall = Math.max(...sizes.map(({ height }) => height));
  const scale = Math.min(LARGEST, (room.width - (pieces.length - 1) * APART) / wide, room.height / tall);
  const marks = actions.flatMap((action) =>
    action.verb === 'setHardware' ? [action.mark].flat().map((mark) => `${action.piece} ${mark}`) : [],
  );
  const rows = actions.flatMap((action) => rowsOnFace(action, all.pieces));
  let x = 0;
  const placed = pieces.map((piece, index): SmallPiece => {
    const { left, bottom, width, height } = sizes[index]!;
    const at = x;
    x += width * scale + APART;
    return {
      letter: piece.letter,
      drawing: drawPiece(piece, []),
      stitched: [...runs, ...rows].filter((run) => run.piece === piece.id).map((run) => runPath(piece, run)),
      set: piece.marks
        .filter(({ id }) => marks.includes(`${piece.id} ${id}`))
        .map((mark) => ({ x: mark.at[0] - left, y: bottom + height - mark.at[1] })),
      x: at,
    };
  });
  return { pieces: placed, scale, height: tall * scale };
}

/** Rows on the face of a piece, where edges or marked lines say where they lie. */
function rowsOnFace(action: Operation['actions'][number], pieces: readonly Piece[]): EdgeRun[] {
  if (action.verb === 'stitch') return [{ piece: action.piece, parts: action.lines.map((line) => ({ line })) }];
  if (action.verb !== 'topstitch' || action.place !== undefined) return [];
  const on = pieces.find(({ id }) => id === action.piece);
  const edges = (on?.stitch ?? []).map(({ id }) => id);
  return [
    {
      piece: action.piece,
      parts: edges.filter((edge) => action.along?.includes(edge) ?? true).map((edge) => ({ edge })),
    },
  ];
}

const isIn = (runs: readonly { piece: string }[], { id }: Piece): boolean => runs.some(({ piece }) => piece === id);

/** Pieces that are cut alike are drawn once, unless they are sewn in different places. */
function differing(pieces: readonly Piece[], runs: readonly EdgeRun[]): Piece[] {
  const drawn = new Map<string, Piece>();
  for (const piece of pieces) {
    const own = runs.filter((run) => run.piece === piece.id).map((run) => runPath(piece, run));
    const key = [piece.letter || piece.id, piece.mirrored ?? false, ...own].join(' ');
    if (!drawn.has(key)) drawn.set(key, piece);
  }
  return [...drawn.values()];
}
