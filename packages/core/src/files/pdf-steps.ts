import { wordingText } from '../errors/wording.ts';
import { hardwareNeeds, needWords } from '../pieces/needs.ts';
import { byPhase, lettersOf } from '../pieces/phases.ts';
import { HAIR, INK, QUIET, type PdfCanvas } from './pdf-canvas.ts';
import { PAGE_MARGIN } from './place-on-paper.ts';
import { lengthIn, materialName, type PatternSource } from './words.ts';

/** Size of a step's words and what a line of them takes, mm. */
const SIZE = 3.4;
const LINE = 4.8;
/** From the left: number, box to tick, letters, words. mm */
const COLUMNS = { box: 9, letters: 16, words: 36 };
/** Room for the page's name at its foot, mm. */
const FOOT = 6;

/** The order of work with a box for each step, and what is needed beside the cloth.
 * @param page gives the next page, and what is written at its foot
 * @param area what can be printed of a page, mm */
export function drawSteps(source: PatternSource, area: { width: number; height: number }, page: () => PdfCanvas): void {
  const writer = new Writer(area, page);
  writer.heading('Order of work', 6.5);
  needs(source, writer);
  const letters = lettersOf(source.solution.pieces);
  const length = lengthIn(source);
  for (const { title, steps } of byPhase(source.solution.operations)) {
    // a phase is not named at the foot of a page with its steps on the next
    writer.room(3 * LINE + 6);
    writer.heading(title, 4.4);
    for (const { number, text, uses, phase } of steps) {
      const words = wordingText(text, (mm) => length(mm, true));
      const used = phase === 'cut' ? '' : letters(uses).join(' ');
      writer.step(String(number), used, words);
    }
  }
}

function needs(source: PatternSource, writer: Writer): void {
  const list = hardwareNeeds(source.solution);
  if (list.length === 0) return;
  const [length, name] = [lengthIn(source), materialName(source)];
  writer.heading('You need, beside the cloth', 4.4);
  for (const need of list)
    writer.row(
      name(need.used),
      needWords(need, (mm) => length(mm, true)),
    );
}

/** Writes from the top of a page down, and goes on on the next. */
class Writer {
  readonly #area: { width: number; height: number };
  readonly #page: () => PdfCanvas;
  #canvas: PdfCanvas;
  #y = PAGE_MARGIN;

  constructor(area: { width: number; height: number }, page: () => PdfCanvas) {
    this.#area = area;
    this.#page = page;
    this.#canvas = page();
  }

  /** Begins a new page where there is not so much room left, mm. */
  room(height: number): void {
    if (this.#y + height <= PAGE_MARGIN + this.#area.height - FOOT) return;
    this.#canvas = this.#page();
    this.#y = PAGE_MARGIN;
  }

  heading(text: string, size: number): void {
    this.room(size + 4);
    this.#y += size + 2;
    this.#canvas.text({ text, x: PAGE_MARGIN, y: this.#y, size, bold: true });
    this.#y += 1.6;
  }

  row(left: string, right: string): void {
    this.room(LINE);
    this.#y += LINE;
    this.#canvas.rect(PAGE_MARGIN + COLUMNS.box, this.#y - 2.9, 3, 3, INK);
    this.#canvas.text({ text: left, x: PAGE_MARGIN + COLUMNS.letters, y: this.#y, size: SIZE });
    this.#canvas.text({ text: right, x: PAGE_MARGIN + 100, y: this.#y, size: SIZE });
  }

  step(number: string, letters: string, words: string): void {
    const lines = this.#canvas.lines(words, SIZE, this.#area.width - COLUMNS.words);
    const used = this.#canvas.lines(letters, SIZE, COLUMNS.words - COLUMNS.letters - 3, true);
    const height = Math.max(lines.length, used.length) * LINE + 2;
    this.room(height);
    const top = this.#y + LINE;
    const left = PAGE_MARGIN;
    this.#canvas.text({ text: number, x: left, y: top, size: SIZE }, false, QUIET);
    this.#canvas.rect(left + COLUMNS.box, top - 2.9, 3, 3, INK);
    used.forEach((text, index) =>
      this.#canvas.text({ text, x: left + COLUMNS.letters, y: top + index * LINE, size: SIZE, bold: true }),
    );
    lines.forEach((text, index) =>
      this.#canvas.text({ text, x: left + COLUMNS.words, y: top + index * LINE, size: SIZE }),
    );
    this.#y += height;
    this.#canvas.line(left, this.#y, left + this.#area.width, this.#y, HAIR);
  }
}
