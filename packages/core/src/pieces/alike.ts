import { boundsOf, edgeLength, pointAlong, type Outline } from '../geometry/outline.ts';
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
  const sizes = pieces.map(sizeOf);
  const counts = new Map<string, number>();
  for (const size of sizes) counts.set(size, (counts.get(size) ?? 0) + 1);
  let next = 0;
  for (const [index, piece] of pieces.entries()) {
    if (counts.get(sizes[index]!) === 1) {
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

/** All that tells a piece from another when it is cut and marked, as one text. Places are told without their order, by a sum over
 * them: outlines of one shape may begin at different corners.
 * @param turned as its mirror image, left and right exchanged */
function keyOf(piece: Piece, turned: boolean): string {
  const { left, bottom, width } = boundsOf(piece.cut);
  const at = ([x, y]: Point): number => mixed(near(turned ? left + width - x : x - left), near(y - bottom));
  const edge = (id: string) => piece.stitch.find((each) => each.id === id)!;
  const along = (id: string, mm: number) => at(pointAlong(edge(id), mm));
  // an arc is told by its middle, a line by its ends
  const corners = (outline: Outline) =>
    total(
      outline,
      (each) => at(each.from) + (each.kind === 'arc' ? 3 * at(pointAlong(each, edgeLength(each) / 2)) : 0),
    );
  const { role, materials, layers, grain, note, byRuler, layerOf } = piece;
  return [
    role,
    materials,
    layers.map(({ material, coverage, held }) => `${material} ${coverage} ${held}`),
    grain,
    note,
    byRuler,
    layerOf !== undefined,
    corners(piece.cut),
    corners(piece.stitch),
    piece.trim && corners(piece.trim.outline),
    total(piece.folds, ({ from, to, kind, order }) => (at(from) + at(to)) * (2 * order + (kind === 'valley' ? 1 : 0))),
    [...new Set(drawnNotches(piece).map((notch) => along(notch.edge, notch.at)))].sort((a, b) => a - b),
    piece.marks.map((mark) => `${mark.kind} ${mark.label} ${at(mark.at)}`).sort(),
    piece.lines.map(({ from, to, label }) => `${label} ${at(from) + at(to)}`).sort(),
    piece.gaps.map(({ edge: on, from, to, label }) => `${label} ${along(on, from) + along(on, to)}`).sort(),
  ].join('|');
}

/** A whole number that stands for a place; sums of different places are hardly ever the same. */
const mixed = (x: number, y: number): number =>
  Math.imul(Math.imul(x + 0x9e37, 0x85ebca6b) ^ (y + 0x79b9), 0xc2b2ae35) + Math.imul(y - x, 0x27d4eb2f);

const total = <T>(list: readonly T[], of: (each: T) => number): number =>
  list.reduce((sum, each) => sum + of(each), list.length);
