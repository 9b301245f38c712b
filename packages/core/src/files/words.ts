import type { DesignDocument } from '../document/design-document.ts';
import { alikePieces, countOf, cuttingChart, grainWords, namesOf, printOf, type ChartRow } from '../pieces/chart.ts';
import type { Piece } from '../pieces/piece.ts';
import { standardHardware } from '../shelves/hardware/hardware.ts';
import { nameOn } from '../shelves/name-on.ts';
import type { Shelves } from '../shelves/shelves.ts';
import type { Solution } from '../solve/solution.ts';
import { formatCut, formatLength } from '../units/format-length.ts';

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

/** The same of cut sizes. */
export const cutIn =
  ({ document }: PatternSource) =>
  (mm: number, withUnit = false): string =>
    formatCut(mm, document.unit, withUnit);

export const materialName = ({ shelves: { materials, hardware } }: PatternSource): ((id: string) => string) =>
  nameOn({ materials, hardware: [...hardware, ...standardHardware] });

export const chartOf = (source: PatternSource): ChartRow[] =>
  cuttingChart(source.solution.pieces, materialName(source), source.document.ruler);

/** The pieces that are printed, those that are cut alike once; what is cut with the ruler only stands in the chart. */
export const printed = ({ solution }: PatternSource): Piece[] =>
  alikePieces(solution.pieces.filter(({ byRuler }) => !byRuler)).map(([first]) => first!);

/** The lines written on a piece. */
export function pieceWords(piece: Piece, source: PatternSource): string[] {
  const length = cutIn(source);
  const materials = piece.materials.map(materialName(source)).join(' + ');
  const size = `${length(piece.cutWidth.value)} × ${length(piece.cutHeight.value, true)}, cut size`;
  const later = piece.trim
    ? [`trim later to ${length(piece.trim.width.value)} × ${length(piece.trim.height.value, true)}`]
    : [];
  const alike = source.solution.pieces.filter(({ letter }) => letter === piece.letter);
  const { count, mirrored } = countOf(alike);
  const turned = mirrored > 0 ? `, ${mirrored} turned over` : '';
  const print = printOf(piece, source.shelves.materials);
  const grain = piece.grain === 'along' ? [] : [`grain ${grainWords[piece.grain]}`];
  return [namesOf(alike), size, ...later, `cut ${count}${turned}: ${materials}`, ...grain, ...(print ? [print] : [])];
}

/** A pattern whose seams do not walk must not leave the screen. */
export const mayPrint = ({ solution }: PatternSource): boolean => solution.seams.every(({ walks }) => walks);
