import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

// Poppler is the independent reader of our PDFs (Debian package poppler-utils).

const require = createRequire(import.meta.url);
const font = (weight: number): Uint8Array =>
  readFileSync(require.resolve(`@fontsource/instrument-sans/files/instrument-sans-latin-${weight}-normal.woff`));
export const testFonts = { regular: font(400), bold: font(600) };

function inFolder<T>(pdf: Uint8Array, read: (file: string, folder: string) => T): T {
  const folder = mkdtempSync(join(tmpdir(), 'zindle-'));
  try {
    const file = join(folder, 'pattern.pdf');
    writeFileSync(file, pdf);
    return read(file, folder);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

export const pdfText = (pdf: Uint8Array): string =>
  inFolder(pdf, (file) => execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }));
export const pdfInfo = (pdf: Uint8Array): string =>
  inFolder(pdf, (file) => execFileSync('pdfinfo', ['-l', '99', file], { encoding: 'utf8' }));

export type Colour = readonly [number, number, number];

/** The longest runs of one colour across and down the first page at a resolution in dots per inch, pixels. */
export function longestRuns(
  pdf: Uint8Array,
  dpi: number,
  [red, green, blue]: Colour,
): { across: number; down: number } {
  return inFolder(pdf, (file, folder) => {
    execFileSync('pdftoppm', ['-r', String(dpi), '-f', '1', '-l', '1', '-singlefile', file, join(folder, 'page')]);
    const bytes = readFileSync(join(folder, 'page.ppm'));
    const head = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))!;
    const [width, height, start] = [Number(head[1]), Number(head[2]), head[0].length];
    // globals are slow to look up inside a test
    const { abs, max } = Math;
    const near = (byte: number, value: number) => abs(bytes[byte]! - value) < 4;
    const down = new Int32Array(width);
    let [longestAcross, longestDown] = [0, 0];
    for (let y = 0; y < height; y++) {
      let across = 0;
      for (let x = 0; x < width; x++) {
        const byte = start + 3 * (y * width + x);
        const same = near(byte, red) && near(byte + 1, green) && near(byte + 2, blue);
        across = same ? across + 1 : 0;
        down[x] = same ? down[x]! + 1 : 0;
        longestAcross = max(longestAcross, across);
        longestDown = max(longestDown, down[x]!);
      }
    }
    return { across: longestAcross, down: longestDown };
  });
}

/** Width and height of every path on every page as another program reads them, mm. */
export function pathSizes(pdf: Uint8Array): [number, number][] {
  return inFolder(pdf, (file, folder) => {
    const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file], { encoding: 'utf8' }))![1]);
    for (let page = 1; page <= pages; page++)
      execFileSync('pdftocairo', [
        '-svg',
        '-noshrink',
        '-f',
        String(page),
        '-l',
        String(page),
        file,
        join(folder, `${page}.svg`),
      ]);
    const texts = readdirSync(folder)
      .filter((name) => name.endsWith('.svg'))
      .map((name) => readFileSync(join(folder, name), 'utf8'));
    return texts.flatMap((text) => [...text.matchAll(/<path [^>]*>/g)].map(([tag]) => sizeOf(tag)));
  });
}

const MM_PER_POINT = 25.4 / 72;

function sizeOf(tag: string): [number, number] {
  const numbers = (text: string) => [...text.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map(([found]) => Number(found));
  const points = numbers(/ d="([^"]*)"/.exec(tag)?.[1] ?? '');
  const [a = 1, b = 0, c = 0, d = 1] = numbers(/transform="matrix\(([^)]*)\)"/.exec(tag)?.[1] ?? '');
  const xs = points.filter((_, index) => index % 2 === 0).map((x, index) => a * x + c * points[2 * index + 1]!);
  const ys = points.filter((_, index) => index % 2 === 0).map((x, index) => b * x + d * points[2 * index + 1]!);
  const span = (values: number[]) => (Math.max(...values) - Math.min(...values)) * MM_PER_POINT;
  return [span(xs), span(ys)];
}
