import { beforeAll, describe, expect, test } from '@jest/globals';
import { PDFDocument } from '@cantoo/pdf-lib';
import fc from 'fast-check';
import Papa from 'papaparse';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { hardwareNeeds } from '../pieces/needs.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { longestRuns, pathSizes, pdfInfo, pdfText, testFonts } from '../testing/poppler.ts';
import { chartCsv } from './chart-csv.ts';
import { patternPdf } from './pattern-pdf.ts';
import { patternSvg } from './pattern-svg.ts';
import { papers, placeOnPages, TILE_OVERLAP, type PaperId } from './place-on-paper.ts';
import type { PatternSource } from './words.ts';

const source = (document: DesignDocument): PatternSource => ({
  document,
  solution: solveDesign(document),
  shelves: standardShelves,
});
const [bifold, junior] = demoDesigns.map(source) as [PatternSource, PatternSource];
const pdfOf = (from: PatternSource, paper: PaperId = 'a4') =>
  patternPdf(from, { paper, fonts: testFonts, date: '2026-11-24', version: 'revision 1' });

describe('the printed pattern', () => {
  let pdf: Uint8Array;
  beforeAll(async () => {
    pdf = await pdfOf(bifold);
  });

  // 100 mm at 300 dots per inch are 100 / 25.4 x 300 = 1181.1 pixels
  test('has a test square of 1181 pixels at 300 dpi, both ways', () => {
    const { across, down } = longestRuns(pdf, 300, [0xef, 0xe9, 0xda]);
    expect(Math.abs(across - 1181)).toBeLessThanOrEqual(2);
    expect(Math.abs(down - 1181)).toBeLessThanOrEqual(2);
  });

  test('has a card outline and a 4 in square of their published sizes', () => {
    const sizes = pathSizes(pdf);
    const has = (width: number, height: number) =>
      sizes.some(([w, h]) => Math.abs(w - width) < 0.05 && Math.abs(h - height) < 0.05);
    expect(has(85.6, 53.98)).toBe(true); // ISO/IEC 7810 ID-1
    expect(has(101.6, 101.6)).toBe(true);
  });

  test.each([
    ['permit bifold on A4', () => bifold, 'a4'],
    ['junior bifold on Letter', () => junior, 'letter'],
    ['permit bifold on one sheet', () => bifold, 'sheet'],
  ] as const)('draws every piece in the size of the chart, read by another program: %s', async (_, from, paper) => {
    const sizes = pathSizes(await pdfOf(from(), paper)).map(([w, h]) => [Math.min(w, h), Math.max(w, h)] as const);
    for (const { name, cutWidth, cutHeight } of from().solution.pieces) {
      const [short, long] = [Math.min(cutWidth.value, cutHeight.value), Math.max(cutWidth.value, cutHeight.value)];
      const found = sizes.some(([w, h]) => Math.abs(w - short) < 0.1 && Math.abs(h - long) < 0.1);
      expect([name, found || long > 277]).toEqual([name, true]);
    }
  });

  test('says what it is, every piece with its letter, and every row of the chart', () => {
    const text = pdfText(pdf);
    for (const part of ['Permit bifold', '2026-11-24', 'revision 1', '100 mm', '4 in', 'Print at 100 %'])
      expect(text).toContain(part);
    for (const { name, letter, cutWidth, cutHeight } of bifold.solution.pieces) {
      const alike = bifold.solution.pieces.filter((each) => each.letter === letter);
      // what is cut alike stands there once, under the name of the first
      if (alike[0]!.name !== name) continue;
      const size = `${cutWidth.value.toFixed(1)} × ${cutHeight.value.toFixed(1)} mm`;
      expect(text).toMatch(new RegExp(`${letter}\\s+${name}[^\\n]*\\s+${alike.length}\\s+${size}`));
    }
  });

  test('is on the paper that was asked for, and never scaled by a reader', async () => {
    expect(pdfInfo(pdf)).toMatch(/Page\s+1 size:\s+595\.\d+ x 841\.\d+ pts/);
    expect(pdfInfo(await pdfOf(bifold, 'letter'))).toMatch(/Page\s+1 size:\s+612 x 792 pts/);
    const { catalog } = await PDFDocument.load(pdf);
    expect(String(catalog.getViewerPreferences()?.getPrintScaling())).toBe('None');
    expect(String(catalog)).toContain('OCProperties');
  });

  test('is not made while a seam does not walk', async () => {
    const seams = bifold.solution.seams.map((seam, index) => (index === 0 ? { ...seam, walks: false } : seam));
    const broken = { ...bifold, solution: { ...bifold.solution, seams } };
    await expect(pdfOf(broken)).rejects.toMatchObject({ code: 'files.seamsDoNotWalk' });
  });

  test.each(['probe-roll', 'reel-bag', 'field-organizer'])(
    'tells every step of %s with its number, in order and whole, and what is needed with its lengths',
    async (id) => {
      const from = source(demoDesigns.find((design) => design.id === id)!);
      const text = pdfText(await pdfOf(from)).replace(/\s+/g, ' ');
      const order = text.slice(text.lastIndexOf('Order of work') + 1);
      let at = 0;
      for (const { text: words, number } of from.solution.operations) {
        const [first, ...rest] = wordingText(words, (mm) => `${mm.toFixed(1)} mm`).split(' ');
        // the reader may take columns apart: the words stand one behind the other
        const found = order.indexOf([first, ...rest.slice(0, 3)].join(' '), at);
        expect([number, found >= at]).toEqual([number, true]);
        at = found;
        for (const word of rest) expect(order).toContain(word);
      }
      for (const { used, length, count } of hardwareNeeds(from.solution)) {
        expect(order).toContain(standardShelves.hardware.find((each) => each.id === used)!.name);
        expect(order).toContain(length > 0 ? `${length.toFixed(1)} mm` : `${count} needed`);
      }
    },
  );

  test('takes names in letters that the font lacks', async () => {
    const odd = { ...bifold, document: { ...bifold.document, name: 'Brieftasche für 渡し船 🦀 → Ž' } };
    expect((await pdfOf(odd)).length).toBeGreaterThan(5000);
  });
});

// ISO 216: A4 is A0 (1 m², sides 1 : √2) halved four times; Letter is 8 1/2 x 11 in (ANSI/ASME Y14.1, from memory)
test('papers have their published sizes', () => {
  const halved = (n: number): [number, number] => {
    let [long, short] = [1189, 841];
    for (let i = 0; i < n; i++) [long, short] = [short, Math.floor(long / 2)];
    return [short, long];
  };
  expect([papers.a4.width, papers.a4.height]).toEqual(halved(4));
  expect([papers.a3.width, papers.a3.height]).toEqual(halved(3));
  expect([papers.letter.width, papers.letter.height]).toEqual([
    expect.closeTo(8.5 * 25.4, 9),
    expect.closeTo(11 * 25.4, 9),
  ]);
});

describe('placeOnPages', () => {
  const side = fc.integer({ min: 5, max: 700 });
  const things = fc
    .array(fc.record({ width: side, height: side }), { minLength: 1, maxLength: 25 })
    .map((all) => all.map((size, index) => ({ ...size, id: `p${index}` })));
  const area = { width: 190, height: 277 };

  test('puts everything on paper once, inside the page, nothing on another, and tiles with overlap', () => {
    fc.assert(
      fc.property(things, (all) => {
        const pages = placeOnPages(all, area);
        const whole = new Set<string>();
        for (const page of pages) {
          if (page.kind !== 'whole') continue;
          const boxes = page.placed.map(({ id, x, y, turned }) => {
            const { width, height } = all.find((thing) => thing.id === id)!;
            expect(whole.has(id)).toBe(false);
            whole.add(id);
            return { x, y, right: x + (turned ? height : width), bottom: y + (turned ? width : height) };
          });
          boxes.forEach((a, i) => {
            expect(a.right <= area.width + 1e-6 && a.bottom <= area.height + 1e-6 && a.x >= 0 && a.y >= 0).toBe(true);
            for (const b of boxes.slice(i + 1))
              expect(a.right <= b.x || b.right <= a.x || a.bottom <= b.y || b.bottom <= a.y).toBe(true);
          });
        }
        for (const { id, width, height } of all.filter((thing) => !whole.has(thing.id))) {
          const tiles = pages.flatMap((page) => (page.kind === 'tile' && page.id === id ? [page] : []));
          const last = tiles[tiles.length - 1]!;
          expect(tiles).toHaveLength(last.columns * last.rows);
          expect(last.x + area.width).toBeGreaterThanOrEqual(width);
          expect(last.y + area.height).toBeGreaterThanOrEqual(height);
          const xs = [...new Set(tiles.map(({ x }) => x))].sort((a, b) => a - b);
          xs.slice(1).forEach((x, index) => expect(xs[index]! + area.width - x).toBe(TILE_OVERLAP));
        }
      }),
    );
  });
});

describe('other files', () => {
  test('the chart as CSV has every piece, and no cell that a spreadsheet would run', () => {
    const risky = source({ ...bifold.document, unit: 'in' });
    risky.solution.pieces[0]!.note = '=1+1';
    const { data, errors } = Papa.parse<Record<string, string>>(chartCsv(risky).trim(), { header: true });
    expect(errors).toEqual([]);
    // thirteen pieces; of its five card pockets three are cut alike, and two; both backings are
    expect(data.reduce((total, { count }) => total + Number(count), 0)).toBe(13);
    expect(data).toHaveLength(9);
    const shell = data.find(({ name }) => name === 'Shell')!;
    expect(shell).toMatchObject({
      letter: 'A',
      'cut width mm': '222.00',
      'cut height mm': '106.00',
      count: '1',
      note: "'=1+1",
    });
    // 222 is 8.740 in: to the nearest 1/32
    expect(shell['cut width (in)']).toBe('8 3/4');
  });

  test('the SVG is in millimetres, one group a layer, and names are escaped', () => {
    const svg = patternSvg(source({ ...bifold.document, name: '<b> & "co"' }));
    expect(svg).toContain('<title>&lt;b&gt; &amp; &quot;co&quot;</title>');
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 [\d.]+ [\d.]+"/.exec(svg)!;
    expect(Number(width) * Number(height)).toBeGreaterThan(222 * 106);
    for (const layer of ['cut', 'stitch', 'fold', 'marks', 'labels']) expect(svg).toContain(`<g id="${layer}"`);
  });
});
