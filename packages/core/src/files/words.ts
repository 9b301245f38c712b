import type { DesignDocument } from '../document/design-document.ts';
import { cuttingChart, type ChartRow } from '../pieces/chart.ts';
import type { Piece } from '../pieces/piece.ts';
import { standardHardware } from '../shelves/hardware/hardware.ts';
import type { Shelves } from '../shelves/shelves.ts';
import type { Solution } from '../solve/solution.ts';
import { formatLength } from '../units/format-length.ts';

/** What a file is made from. */
export interface PatternSource {
  document: DesignDocument;
  solution: Solution;
  shelves: Shelves;
}

export const lengthIn =
  ({ document }: PatternSource) =>
  (mm: number, withUnit = false): string =>
    formatLength(mm, { unit: document.unit, withUnit });

export const materialName =
  ({ shelves }: PatternSource) =>
  (id: string): string =>
    [...shelves.materials, ...shelves.hardware, ...standardHardware].find((each) => each.id === id)?.name ?? id;

export const chartOf = (source: PatternSource): ChartRow[] =>
  cuttingChart(source.solution.pieces, materialName(source));

/** The pieces that are printed; what is cut with the ruler only stands in the chart. */
export const printed = ({ solution }: PatternSource): Piece[] => solution.pieces.filter(({ byRuler }) => !byRuler);

/** The lines written on a piece. */
export function pieceWords(piece: Piece, source: PatternSource): string[] {
  const length = lengthIn(source);
  const materials = piece.materials.map(materialName(source)).join(' + ');
  const size = `${length(piece.cutWidth.value)} × ${length(piece.cutHeight.value, true)}, cut size`;
  return [piece.name, size, `cut ${piece.count}: ${materials}`];
}

/** A pattern whose seams do not walk must not leave the screen. */
export const mayPrint = ({ solution }: PatternSource): boolean => solution.seams.every(({ walks }) => walks);
