import type { Derived } from '../derived/derived.ts';
import type { Piece } from './piece.ts';

/** One row of the cutting chart: a piece in one of its materials. */
export interface ChartRow {
  material: string;
  letter: string;
  piece: string;
  name: string;
  count: number;
  cutWidth: Derived;
  cutHeight: Derived;
  grain: 'along the height';
  note: string;
}

/** The cutting chart, by material in the order they are first used. */
export function cuttingChart(pieces: readonly Piece[], materialName: (id: string) => string): ChartRow[] {
  const rows = pieces.flatMap((piece) =>
    piece.materials.map((id): { id: string; row: ChartRow } => ({
      id,
      row: {
        material: materialName(id),
        letter: piece.letter,
        piece: piece.id,
        name: piece.name,
        count: piece.count,
        cutWidth: piece.cutWidth,
        cutHeight: piece.cutHeight,
        grain: 'along the height',
        note: piece.note ?? '',
      },
    })),
  );
  const order = [...new Set(rows.map(({ id }) => id))];
  return order.flatMap((id) => rows.filter((each) => each.id === id).map(({ row }) => row));
}
