import { boundsOf, flatten, pointAlong } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from './piece.ts';
import { drawnNotches } from './seam-notches.ts';

/** Places are alike within a hundredth of a millimetre. */
const near = (value: number): number => Math.round(value * 100) || 0;

/** Gives the pieces their letters from A on: pieces that are cut alike share one, also where one is the mirror image of another.
 * Cut alike are those of one role, of the same layers, with the same outlines, notches, marks, lines and gaps. */
export function letterPieces(pieces: readonly Piece[]): void {
  const letters = new Map<string, string>();
  // most differ in size already: only where two are as large is the rest compared
  const sizes = new Map<string, number>();
  for (const piece of pieces) sizes.set(sizeOf(piece), (sizes.get(sizeOf(piece)) ?? 0) + 1);
  let next = 0;
  for (const piece of pieces) {
    if (sizes.get(sizeOf(piece)) === 1) {
      piece.letter = letterOf(next++);
      continue;
    }
    const own = keyOf(piece, false);
    const known = letters.get(own);
    const turned = known === undefined ? letters.get(keyOf(piece, true)) : undefined;
    piece.letter = known ?? turned ?? letterOf(next++);
    if (turned !== undefined) piece.mirrored = true;
    else if (known === undefined) letters.set(own, piece.letter);
  }
}

const sizeOf = ({ role, cutWidth, cutHeight, stitch }: Piece): string =>
  `${role} ${near(cutWidth.value)} ${near(cutHeight.value)} ${stitch.length}`;

/** A, B, ... Z, AA, AB, ... */
function letterOf(index: number): string {
  const last = String.fromCharCode(65 + (index % 26));
  return index < 26 ? last : letterOf(Math.floor(index / 26) - 1) + last;
}

/** All that tells a piece from another when it is cut and marked, as one text.
 * @param turned as its mirror image, left and right exchanged */
function keyOf(piece: Piece, turned: boolean): string {
  const { left, bottom, width } = boundsOf(piece.cut);
  const at = ([x, y]: Point): string => {
    const across = x - left;
    return `${near(turned ? width - across : across)},${near(y - bottom)}`;
  };
  const sorted = (points: readonly string[]): string => [...points].sort().join(' ');
  const span = (from: Point, to: Point): string => sorted([at(from), at(to)]);
  const edge = (id: string) => piece.stitch.find((each) => each.id === id)!;
  const along = (id: string, mm: number) => at(pointAlong(edge(id), mm));
  return JSON.stringify([
    piece.role,
    piece.materials,
    piece.layers,
    piece.byRuler,
    piece.note,
    piece.grain,
    piece.layerOf !== undefined,
    sorted(flatten(piece.cut, { tolerance: 0.5 }).map(at)),
    sorted(flatten(piece.stitch, { tolerance: 0.5 }).map(at)),
    sorted(piece.folds.map(({ from, to, kind, order }) => `${kind} ${order} ${span(from, to)}`)),
    sorted([...new Set(drawnNotches(piece).map((notch) => along(notch.edge, notch.at)))]),
    sorted(piece.marks.map((mark) => `${mark.kind} ${mark.label} ${at(mark.at)}`)),
    sorted(piece.lines.map(({ from, to, label }) => `${label} ${span(from, to)}`)),
    sorted(
      piece.gaps.map(({ edge: on, from, to, label = '' }) => `${label} ${sorted([along(on, from), along(on, to)])}`),
    ),
  ]);
}
