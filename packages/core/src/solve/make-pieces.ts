import { assemble, type Making } from '../bodies/assemble.ts';
import type { SolvedClosure } from '../closures/closure-kind.ts';
import { stacksOf } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { crosses } from '../geometry/crosses.ts';
import { boundsOf, flatten, polygonArea } from '../geometry/outline.ts';
import type { CutPieces } from '../holders/seat.ts';
import type { Piece } from '../pieces/piece.ts';
import { walkSeams, type WalkedSeam } from '../pieces/walk-seams.ts';
import type { Shelves } from '../shelves/shelves.ts';
import { cutPieces } from './cut-pieces.ts';
import { withStandIns } from './hardware.ts';
import { placeHolders, type PlacedPart } from './holders.ts';
import { solveParts, type SolvedPart } from './parts.ts';
import { materialOf } from './resolve.ts';
import type { Inputs } from './own-stacks.ts';
import { closingInputs, type Fitted, type ToSize } from './size-body.ts';

/** A sized design as it is cut and sewn. */
export interface Made {
  /** What it was made by. */
  inputs: Inputs;
  placed: PlacedPart[];
  closure: SolvedClosure;
  parts: SolvedPart[];
  /** What is told of parts that the body cannot have. */
  unfit: Finding[];
  making: Making;
  cut: CutPieces;
  seams: WalkedSeam[];
}

/** Sized body and holders to pieces and seams.
 * @throws CoreError where the pieces cannot be drawn so small */
export function makePieces(
  { document, bodyKind, closes, faces, kinds }: ToSize,
  sized: Fitted,
  shelves: Shelves,
  inputs: Inputs,
): Made {
  const { body } = sized;
  // a design may still name a face that the body has not, as its settings are
  const there = body.faces.filter(({ id }) => faces.some((face) => face.id === id));
  const placed = placeHolders(document, there, sized, inputs, kinds);
  const pockets = () => placed.flatMap((part) => part.pocket() ?? []);
  const closing = { ...closingInputs({ document, closes }, sized.measured, inputs), pockets };
  const closure = closes.solve(document.closure.params, body, closing);
  const { parts, findings: unfit } = solveParts(document, bodyKind, body, { ...inputs, pockets }, kinds);
  const contributions = [
    bodyKind.contribute(body, inputs),
    ...placed.map((holder) => holder.contribution),
    closure.contribution,
    ...parts.map((part) => part.contribution),
  ];
  const making = withStandIns(
    assemble(contributions, stacksOf(document), (id) => materialOf(shelves, id), document.pieces),
    document,
    shelves,
  );
  return {
    inputs,
    placed,
    closure,
    parts,
    unfit,
    making,
    cut: cutPieces(making.pieces),
    seams: walkSeams(making.pieces, making.seams),
  };
}

/** The least area of a piece that can be cut at all, mm². */
const SPECK = 1;

/** The same, asserting that what is made can be drawn: every seam walks, no outline is flat or crosses itself, and what is
 * drawn on a piece lies on it.
 * @throws CoreError `piece.cannotBeDrawn` and whatever making them throws */
export function assertDrawn({ making, seams }: Made): void {
  const bad =
    seams.find(({ walks }) => !walks)?.id ??
    making.pieces.find(
      (piece) =>
        [piece.stitch, piece.cut].some((outline) => {
          const points = flatten(outline, { tolerance: 0.2 });
          return polygonArea(points) < SPECK || crosses(points);
        }) || runsOff(piece),
    )?.id;
  if (bad) throw new CoreError('piece.cannotBeDrawn', `${bad} cannot be drawn`, bad);
}

/** Whether a line or the middle of a mark lies beyond the piece that it is drawn on. */
function runsOff({ cut, lines, folds, marks }: Piece): boolean {
  const { left, bottom, width, height } = boundsOf(cut);
  const points = [...[...lines, ...folds].flatMap(({ from, to }) => [from, to]), ...marks.map(({ at }) => at)];
  return points.some(([x, y]) => Math.min(x - left, left + width - x, y - bottom, bottom + height - y) < -1e-6);
}
