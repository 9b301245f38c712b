import type { ChartRow } from '../pieces/chart.ts';
import { layerIds, lineStyles } from './drawing.ts';
import { HAIR, INK, QUIET, type PdfCanvas } from './pdf-canvas.ts';
import { PAGE_MARGIN, TILE_OVERLAP, type PaperPage } from './place-on-paper.ts';
import { cutIn, lengthIn, type PatternSource } from './words.ts';

const SQUARE = 100;
const FOUR_INCHES = 101.6;
/** ISO/IEC 7810 ID-1, mm. */
const CARD = { width: 85.6, height: 53.98, radius: 3.18 };
const HEAD = 30;
const ROW = 5;

/** Widths of the first page's block, and its height with so many chart rows, mm. */
export const COVER_WIDTH = 190;
export const coverHeight = (rows: number): number => HEAD + FOUR_INCHES + 10 + (rows > 0 ? (rows + 2) * ROW : 0);
export const rowsOnCover = (areaHeight: number): number => Math.floor((areaHeight - coverHeight(0)) / ROW) - 2;
export const rowsOnPage = (areaHeight: number): number => Math.floor(areaHeight / ROW) - 2;

export interface CoverFacts {
  date: string;
  paper: string;
  /** Page numbers with the letters of the pieces on them. */
  pages: { number: number; letters: string }[];
}

/** Name, test square, card outline, legend and page map. */
export function drawCover(
  canvas: PdfCanvas,
  at: { x: number; y: number },
  source: PatternSource,
  facts: CoverFacts,
): void {
  const { document, solution } = source;
  const length = lengthIn(source);
  const sizes = Object.values(solution.finished).map(
    ({ label, value }) => `${label.replace('finished ', '')} ${length(value)}`,
  );
  canvas.text({ text: document.name, x: at.x, y: at.y + 8, size: 8, bold: true });
  const line = `${facts.date} · ${facts.paper} · ${sizes.join(', ')}, closed and full ${length(solution.closedThickness.value, true)} thick`;
  canvas.text({ text: line, x: at.x, y: at.y + 14.5, size: 3 }, false, QUIET);
  canvas.text({
    text: 'Print at 100 %, not “fit to page”. Measure the square before you cut.',
    x: at.x,
    y: at.y + 22,
    size: 4,
    bold: true,
  });
  testSquare(canvas, at.x, at.y + HEAD);
  legend(canvas, at.x + FOUR_INCHES + 8, at.y + HEAD + 4);
  pageMap(canvas, at.x + FOUR_INCHES + 8, at.y + HEAD + 52, facts.pages);
}

/** A filled square of 100 mm in the middle of an outlined one of 4 in, and a card to lay a real one on. */
function testSquare(canvas: PdfCanvas, x: number, y: number): void {
  const inset = (FOUR_INCHES - SQUARE) / 2;
  canvas.fill(x + inset, y + inset, SQUARE, SQUARE, '#EFE9DA');
  canvas.rect(x, y, FOUR_INCHES, FOUR_INCHES, { ...INK, width: 0.2 });
  const card = { x: x + 8, y: y + FOUR_INCHES - 8 - CARD.height };
  canvas.rect(card.x, card.y, CARD.width, CARD.height, { ...INK, dash: [2, 1.5] }, CARD.radius);
  const cardText = 'a bank-size card just covers this outline (85.60 × 53.98)';
  canvas.text({ text: cardText, x: card.x + 5, y: card.y + CARD.height / 2, size: 2.8 });
  canvas.text({ text: 'tinted square: 100 mm each way', x: x + 8, y: y + 14, size: 3.4, bold: true });
  canvas.text({ text: 'thin line round it: 4 in each way', x: x + 8, y: y + 20, size: 3.4 });
}

const layerTitles: Record<(typeof layerIds)[number], string> = {
  cut: 'cut here',
  trim: 'trim to this line later, as the steps say',
  stitch: 'stitch line',
  fold: 'fold, numbered in folding order',
  marks: 'notch, place, grain, gap to turn',
  labels: 'letter, name and cut size',
};

function legend(canvas: PdfCanvas, x: number, y: number): void {
  canvas.text({ text: 'Lines', x, y, size: 4, bold: true });
  layerIds.forEach((id, index) => {
    const at = y + 7 + index * 6.5;
    if (id !== 'labels') canvas.line(x, at - 1, x + 18, at - 1, lineStyles[id]);
    else canvas.text({ text: 'A', x: x + 7, y: at, size: 3.4, bold: true });
    canvas.text({ text: layerTitles[id], x: x + 22, y: at, size: 3 });
  });
}

function pageMap(canvas: PdfCanvas, x: number, y: number, pages: CoverFacts['pages']): void {
  if (pages.length === 0) return;
  canvas.text({ text: 'Pages', x, y, size: 4, bold: true });
  pages.slice(0, 15).forEach(({ number, letters }, index) => {
    const at = { x: x + (index % 5) * 15.5, y: y + 4 + Math.floor(index / 5) * 15 };
    canvas.rect(at.x, at.y, 13.5, 12.5, INK);
    canvas.text({ text: String(number), x: at.x + 1, y: at.y + 3.4, size: 2.6 }, false, QUIET);
    const [first = '', second = ''] = letters.split(', ');
    const size = Math.min(3, 17 / Math.max(4, first.length));
    canvas.text({ text: first, x: at.x + 6.75, y: at.y + 7.6, size, bold: true, centred: true });
    canvas.text({ text: second, x: at.x + 6.75, y: at.y + 11, size: 1.9, centred: true }, false, QUIET);
  });
}

const columns = [
  { title: '', x: 0 },
  { title: 'Piece', x: 8 },
  { title: 'Name', x: 19 },
  { title: 'Cut', x: 60 },
  { title: 'Width × height', x: 68 },
  { title: 'Cloth', x: 99 },
  { title: 'Note', x: 139 },
];

/** The cutting chart with boxes to tick. */
export function drawChart(canvas: PdfCanvas, x: number, y: number, rows: ChartRow[], source: PatternSource): void {
  const length = cutIn(source);
  columns.forEach((column) => canvas.text({ text: column.title, x: x + column.x, y: y + 4, size: 2.8, bold: true }));
  canvas.line(x, y + 5.5, x + COVER_WIDTH, y + 5.5, INK);
  rows.forEach((row, index) => {
    const base = y + 10 + index * ROW;
    const size = `${length(row.cutWidth.value)} × ${length(row.cutHeight.value, true)}`;
    const trim = row.trim
      ? `Trim later to ${length(row.trim.width.value)} × ${length(row.trim.height.value, true)}. `
      : '';
    const cells = ['', row.letter, row.name, String(row.count), size, row.material, trim + row.note];
    canvas.rect(x + 1, base - 2.8, 3, 3, INK);
    cells.forEach((text, cell) =>
      canvas.text({
        text: short(text, cell === 6 ? 46 : 34),
        x: x + columns[cell]!.x,
        y: base,
        size: cell === 6 ? 2.4 : 2.8,
        bold: cell === 1,
      }),
    );
    canvas.line(x, base + 1.4, x + COVER_WIDTH, base + 1.4, HAIR);
  });
}

const short = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

/** Crosses in the middle of the overlaps, and what to lay on what. */
export function alignmentMarks(
  canvas: PdfCanvas,
  { column, row, columns: across, rows: down }: Extract<PaperPage, { kind: 'tile' }>,
  area: { width: number; height: number },
): void {
  const middle = TILE_OVERLAP / 2;
  const xs = [...(column > 0 ? [middle] : []), ...(column < across - 1 ? [area.width - middle] : [])];
  const ys = [...(row > 0 ? [middle] : []), ...(row < down - 1 ? [area.height - middle] : [])];
  const cross = (x: number, y: number) => {
    canvas.line(x - 3, y, x + 3, y, INK);
    canvas.line(x, y - 3, x, y + 3, INK);
  };
  for (const x of xs) for (const share of [0.25, 0.5, 0.75]) cross(PAGE_MARGIN + x, PAGE_MARGIN + share * area.height);
  for (const y of ys) for (const share of [0.25, 0.5, 0.75]) cross(PAGE_MARGIN + share * area.width, PAGE_MARGIN + y);
  const text = `row ${row + 1} of ${down}, column ${column + 1} of ${across}: lay the crosses on those of the next page`;
  canvas.text({ text, x: PAGE_MARGIN, y: PAGE_MARGIN + area.height + 4, size: 2.6 }, false, QUIET);
}
