import { boundsOf, flatten, polygonArea } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';

/** Pieces that are cut from cloth, not with the ruler from tape or webbing. */
const cutFromCloth = (pieces: readonly Piece[]): Piece[] => pieces.filter(({ byRuler }) => !byRuler);

/** Area of all pieces as cut, each as often as it is cut, mm². */
export const clothArea = (pieces: readonly Piece[]): number =>
  cutFromCloth(pieces).reduce(
    (sum, { cut, count }) => sum + count * Math.abs(polygonArea(flatten(cut, { tolerance: 0.1 }))),
    0,
  );

/** The length of a roll that the pieces of a material take at least: no layout can do with less than their area, nor with less
 * than their longest piece. mm
 * @param material id of the material
 * @param roll its width, mm
 * @returns 0 if nothing is cut from it */
export function leastLength(pieces: readonly Piece[], material: string, roll: number): number {
  const own = cutFromCloth(pieces).filter(({ materials }) => materials.includes(material));
  const longest = own.map(({ cut }) => lengthTaken(boundsOf(cut), roll));
  return Math.max(0, clothArea(own) / roll, ...longest);
}

/** Of the two ways round, the one that takes less of the roll's length; a piece wider than the roll both ways takes its longer
 * side. */
function lengthTaken({ width, height }: { width: number; height: number }, roll: number): number {
  const [short, long] = [Math.min(width, height), Math.max(width, height)];
  return long <= roll ? short : long;
}
