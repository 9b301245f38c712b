import type { Derived } from '../derived/derived.ts';
import { lower } from '../errors/first-letter.ts';
import type { Material } from '../shelves/materials/material.ts';
import type { RulerId } from '../units/grid.ts';
import type { Grain, Piece, PrintUp } from './piece.ts';
import { ruledCut } from './ruler.ts';

/** One row of the cutting chart: what is cut alike, in one of its materials. */
export interface ChartRow {
  material: string;
  letter: string;
  /** Id of the first piece of the letter. */
  piece: string;
  name: string;
  count: number;
  /** How many of them are cut with the pattern turned over. */
  mirrored: number;
  cutWidth: Derived;
  cutHeight: Derived;
  /** What it is trimmed to before it is sewn, if it is cut larger. */
  trim?: { width: Derived; height: Derived };
  /** They lie on the maker's ruler. */
  ruled: boolean;
  grain: string;
  note: string;
}

/** How the cloth lies under a piece, in words. */
export const grainWords: Readonly<Record<Grain, string>> = {
  along: 'along the height',
  across: 'along the width',
  bias: 'at 45°',
  any: 'as it comes',
};

/** Where the print of a cloth with an upper end points, in words; nothing where it is the top of the piece. */
const printWords: Readonly<Record<PrintUp, string>> = {
  top: '',
  bottom: 'print towards the lower edge',
  left: 'print towards the left edge',
  right: 'print towards the right edge',
  turns: 'print stands on its head behind the fold',
};

/** Where the print of a piece points, in words; nothing also where none of its cloths has an upper end. */
export const printOf = (
  { layers, printUp }: Pick<Piece, 'layers' | 'printUp'>,
  materials: readonly Pick<Material, 'id' | 'directional'>[],
): string =>
  layers.some(({ material }) => materials.find(({ id }) => id === material)?.directional) ? printWords[printUp] : '';

/** Pieces that are cut alike, by their letter, in the order of the letters. */
export function alikePieces(pieces: readonly Piece[]): Piece[][] {
  const groups = new Map<string, Piece[]>();
  for (const piece of pieces) groups.set(piece.letter, [...(groups.get(piece.letter) ?? []), piece]);
  return [...groups.values()];
}

/** What pieces that are cut alike are called, what their names share once: “Card pocket A1, A2, B1”. */
export function namesOf(alike: readonly Piece[]): string {
  const [first = '', ...others] = [...new Set(alike.map(({ name }) => name))];
  const words = first.split(' ');
  const shared = (name: string) => {
    const differs = name.split(' ').findIndex((word, index) => word !== words[index]);
    return differs < 0 ? 0 : differs;
  };
  const least = Math.min(...others.map(shared));
  return [first, ...others.map((name) => (least > 0 ? name.split(' ').slice(least).join(' ') : lower(name)))].join(
    ', ',
  );
}

/** How many are cut of a letter, and how many of them from the pattern turned over. */
export function countOf(alike: readonly Piece[]): { count: number; mirrored: number } {
  const of = (some: readonly Piece[]) => some.reduce((total, { count }) => total + count, 0);
  return { count: of(alike), mirrored: of(alike.filter(({ mirrored }) => mirrored)) };
}

/** The cutting chart, by material in the order they are first used.
 * @param ruler what is straight is cut by it; without one all is cut from the pattern */
export function cuttingChart(
  pieces: readonly Piece[],
  materialName: (id: string) => string,
  ruler?: RulerId,
): ChartRow[] {
  const rows = alikePieces(pieces).flatMap((alike) => {
    const [piece] = alike as [Piece, ...Piece[]];
    const { mirrored, count } = countOf(alike);
    const ruled = ruledCut(piece, ruler);
    const notes = [piece.note ?? '', mirrored > 0 ? `${mirrored} of them with the pattern turned over.` : ''];
    return piece.materials.map((id): { id: string; row: ChartRow } => ({
      id,
      row: {
        material: materialName(id),
        letter: piece.letter,
        piece: piece.id,
        name: namesOf(alike),
        count,
        mirrored,
        cutWidth: ruled?.width ?? piece.cutWidth,
        cutHeight: ruled?.height ?? piece.cutHeight,
        ...(piece.trim && { trim: { width: piece.trim.width, height: piece.trim.height } }),
        ruled: ruled !== undefined,
        grain: grainWords[piece.grain],
        note: notes.filter(Boolean).join(' '),
      },
    }));
  });
  const order = [...new Set(rows.map(({ id }) => id))];
  return order.flatMap((id) => rows.filter((each) => each.id === id).map(({ row }) => row));
}
