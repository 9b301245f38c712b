import fontkit from '@cantoo/fontkit';
import { PDFDocument, PrintScaling, type PDFPage } from '@cantoo/pdf-lib';
import { CoreError } from '../errors/core-error.ts';
import { drawPiece, type PieceDrawing } from './drawing.ts';
import { makeLayers, PdfCanvas, POINTS, QUIET, type Fonts } from './pdf-canvas.ts';
import {
  alignmentMarks,
  coverHeight,
  drawChart,
  drawCover,
  rowsOnCover,
  rowsOnPage,
  COVER_WIDTH,
} from './pdf-cover.ts';
import { drawSteps } from './pdf-steps.ts';
import { PAGE_MARGIN, papers, placeOnPages, placeOnSheet, type PaperId, type PaperPage } from './place-on-paper.ts';
import { chartOf, mayPrint, pieceWords, printed, type PatternSource } from './words.ts';

export interface PdfOptions {
  paper: PaperId;
  /** Font files to embed (TrueType or WOFF). */
  fonts: { regular: Uint8Array; bold: Uint8Array };
  /** Date printed on it, such as 2026-11-24. */
  date: string;
  /** Which state of the design it is, such as `revision 3`. */
  version?: string;
}

/** The pattern at true scale: a page to check the scale with legend and cutting chart, the pieces, and the order of work.
 * @throws CoreError `files.seamsDoNotWalk` */
export async function patternPdf(
  source: PatternSource,
  { paper, fonts, date, version = '' }: PdfOptions,
): Promise<Uint8Array> {
  if (!mayPrint(source))
    throw new CoreError('files.seamsDoNotWalk', 'a seam does not walk; nothing is printed', 'seams');
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const embedded = {
    regular: await pdf.embedFont(fonts.regular, { subset: true }),
    bold: await pdf.embedFont(fonts.bold, { subset: true }),
  };
  pdf.setTitle(source.document.name);
  pdf.setCreator('Zindle');
  pdf.setProducer('Zindle');
  pdf.setCreationDate(new Date(`${date}T00:00:00Z`));
  pdf.setModificationDate(new Date(`${date}T00:00:00Z`));
  pdf.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const job: Job = {
    pdf,
    fonts: embedded,
    setLayers: makeLayers(pdf),
    source,
    drawings: drawAll(source),
    date: [version, date].filter(Boolean).join(' · '),
  };
  if (paper === 'sheet') oneSheet(job);
  else manyPages(job, paper);
  stepPages(job, papers[paper === 'sheet' ? 'a4' : paper]);
  return pdf.save();
}

interface Job {
  pdf: PDFDocument;
  fonts: Fonts;
  setLayers: (page: PDFPage) => void;
  source: PatternSource;
  drawings: Map<string, PieceDrawing>;
  date: string;
}

function drawAll(source: PatternSource): Map<string, PieceDrawing> {
  return new Map(printed(source).map((piece) => [piece.id, drawPiece(piece, pieceWords(piece, source))]));
}

function addPage({ pdf, fonts, setLayers }: Job, width: number, height: number): PdfCanvas {
  const page = pdf.addPage([width * POINTS, height * POINTS]);
  setLayers(page);
  return new PdfCanvas(page, fonts);
}

const thingsOf = (drawings: Job['drawings']) => [...drawings].map(([id, { width, height }]) => ({ id, width, height }));

function oneSheet(job: Job): void {
  const rows = chartOf(job.source);
  const cover = { id: '', width: COVER_WIDTH, height: coverHeight(rows.length) };
  const sheet = placeOnSheet([cover, ...thingsOf(job.drawings)], 820);
  const canvas = addPage(job, sheet.width + 2 * PAGE_MARGIN, sheet.height + 2 * PAGE_MARGIN);
  for (const { id, x, y } of sheet.placed) {
    const at = { x: x + PAGE_MARGIN, y: y + PAGE_MARGIN };
    if (id === '') {
      drawCover(canvas, at, job.source, { date: job.date, paper: 'one sheet', pages: [] });
      drawChart(canvas, at.x, at.y + coverHeight(0), rows, job.source);
    } else canvas.piece(job.drawings.get(id)!, at.x, at.y);
  }
}

function manyPages(job: Job, paper: Exclude<PaperId, 'sheet'>): void {
  const { width, height, title } = papers[paper];
  const area = { width: width - 2 * PAGE_MARGIN, height: height - 2 * PAGE_MARGIN };
  const pages = placeOnPages(thingsOf(job.drawings), area);
  const rows = chartOf(job.source);
  const cover = addPage(job, width, height);
  const onCover = rowsOnCover(area.height);
  const chartPages = Math.ceil(Math.max(0, rows.length - onCover) / rowsOnPage(area.height));
  const at = { x: PAGE_MARGIN, y: PAGE_MARGIN };
  const lettersOn = pages.map((page) => pageLetters(page, job.source));
  const map = lettersOn.map((letters, index) => ({ number: index + 2 + chartPages, letters }));
  drawCover(cover, at, job.source, { date: job.date, paper: title, pages: map });
  drawChart(cover, at.x, at.y + coverHeight(0), rows.slice(0, onCover), job.source);
  for (let page = 0; page < chartPages; page++) {
    const from = onCover + page * rowsOnPage(area.height);
    drawChart(addPage(job, width, height), at.x, at.y, rows.slice(from, from + rowsOnPage(area.height)), job.source);
  }
  pages.forEach((page, index) => {
    const canvas = addPage(job, width, height);
    const name = `${job.source.document.name} · page ${map[index]!.number} of ${pages.length + 1 + chartPages} · ${map[index]!.letters}`;
    canvas.text({ text: name, x: PAGE_MARGIN, y: PAGE_MARGIN - 3, size: 2.6 }, false, QUIET);
    drawPage(canvas, page, area, job);
  });
}

/** The order of work, on pages of its own at the end: it is kept at the machine, the pattern on the cutting table. */
function stepPages(job: Job, { width, height }: { width: number; height: number }): void {
  const area = { width: width - 2 * PAGE_MARGIN, height: height - 2 * PAGE_MARGIN };
  let number = 0;
  drawSteps(job.source, area, () => {
    const canvas = addPage(job, width, height);
    const name = `${job.source.document.name} · order of work, page ${++number} · ${job.date}`;
    canvas.text({ text: name, x: PAGE_MARGIN, y: height - PAGE_MARGIN, size: 2.6 }, false, QUIET);
    return canvas;
  });
}

function pageLetters(page: PaperPage, { solution }: PatternSource): string {
  const letter = (id: string) => solution.pieces.find((piece) => piece.id === id)!.letter;
  if (page.kind === 'whole')
    return page.placed
      .map(({ id }) => letter(id))
      .sort()
      .join(' ');
  return `${letter(page.id)}, part ${page.row * page.columns + page.column + 1} of ${page.columns * page.rows}`;
}

function drawPage(
  canvas: PdfCanvas,
  page: PaperPage,
  area: { width: number; height: number },
  { drawings }: Job,
): void {
  if (page.kind === 'whole') {
    for (const { id, x, y, turned } of page.placed)
      canvas.piece(drawings.get(id)!, x + PAGE_MARGIN, y + PAGE_MARGIN, turned);
    return;
  }
  canvas.clipped(PAGE_MARGIN - 1, PAGE_MARGIN - 1, area.width + 2, area.height + 2, () =>
    canvas.piece(drawings.get(page.id)!, PAGE_MARGIN - page.x, PAGE_MARGIN - page.y),
  );
  alignmentMarks(canvas, page, area);
}
