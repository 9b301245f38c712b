import Papa from 'papaparse';
import { chartOf, cutIn, type PatternSource } from './words.ts';

/** The cutting chart as CSV: one row a piece and material, sizes in the maker's unit and in mm. */
export function chartCsv(source: PatternSource): string {
  const length = cutIn(source);
  const { unit } = source.document;
  const rows = chartOf(source).map((row) => ({
    material: row.material,
    letter: row.letter,
    name: row.name,
    count: row.count,
    [`cut width (${unit})`]: length(row.cutWidth.value),
    [`cut height (${unit})`]: length(row.cutHeight.value),
    'cut width mm': row.cutWidth.value.toFixed(2),
    'cut height mm': row.cutHeight.value.toFixed(2),
    'trim to width mm': row.trim?.width.value.toFixed(2) ?? '',
    'trim to height mm': row.trim?.height.value.toFixed(2) ?? '',
    grain: row.grain,
    note: row.note,
  }));
  return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}
