import { wordingText, type Wording } from '../errors/wording.ts';
import { totalOf } from '../sewing/minutes/minutes-of.ts';
import { minutesTogether, minuteWords } from '../sewing/minutes/words.ts';
import { hardwareNeeds, needWords } from '../pieces/needs.ts';
import { byPhase, lettersOf } from '../pieces/phases.ts';
import { stepDrawing, type StepDrawing } from './step-drawing.ts';
import { HAIR, INK, QUIET, type PdfCanvas } from './pdf-canvas.ts';
import { PAGE_MARGIN } from './place-on-paper.ts';
import { lengthIn, materialName, type PatternSource } from './words.ts';

/** Size of a step's words and what a line of them takes, mm. */
const SIZE = 3.4;
const LINE = 4.8;
/** From the left: number, box to tick, letters, words. mm */
const COLUMNS = { box: 9, letters: 16, words: 36 };
/** How high its small drawing may be, mm. */
const DRAWN = 22;
/** What is stitched in a step, and what is around it. */
const STITCHED = { colour: '#B03A25', width: 0.55, dash: [1.6, 0.8] };
const OUTLINE = { ...INK, width: 0.2 };
const INSIDE = { colour: '#8A93A8', width: 0.12, dash: [1, 0.6] };
/** Room for the page's name at its foot, mm. */
const FOOT = 6;

/** The order of work with a box for each step, and what is needed beside the cloth.
 * @param page gives the next page, and what is written at its foot
 * @param area what can be printed of a page, mm */
export function drawSteps(source: PatternSource, area: { width: number; height: number }, page: () => PdfCanvas): void {
  const writer = new Writer(area, page);
  writer.heading('Order of work', 6.5, minuteWords(minutesTogether(source.solution.operations)));
  needs(source, writer);
  const letters = lettersOf(source.solution.pieces);
  const length = lengthIn(source);
  const { pieces, seams } = source.solution;
  const room = { width: area.width - COLUMNS.words, height: DRAWN };
  for (const { title, steps } of byPhase(source.solution.operations)) {
    // a phase is not named at the foot of a page with its steps on the next
    writer.room(3 * LINE + 6);
    writer.heading(title, 4.4);
    for (const step of steps) {
      const { number, title: name, actions, warnings, uses, phase, minutes } = step;
      const say = (words: Wording) => wordingText(words, (mm) => length(mm, true));
      writer.step({
        number: String(number),
        title: name,
        minutes: minuteWords(totalOf(minutes)),
        letters: phase === 'cut' ? '' : letters(uses).join(' '),
        warnings: warnings.map(say),
        sentences: actions.map(({ sentence }) => say(sentence)),
        drawing: stepDrawing(step, { pieces, seams }, room),
      });
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

interface PrintedStep {
  number: string;
  title: string;
  minutes: string;
  /** Of what is in hand. */
  letters: string;
  warnings: readonly string[];
  sentences: readonly string[];
  drawing: StepDrawing | undefined;
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

  /** @param note at the end of its line */
  heading(text: string, size: number, note?: string): void {
    this.room(size + 4);
    this.#y += size + 2;
    this.#canvas.text({ text, x: PAGE_MARGIN, y: this.#y, size, bold: true });
    if (note) this.#atEnd(note, this.#y);
    this.#y += 1.6;
  }

  #atEnd(text: string, y: number): void {
    this.#canvas.text({ text, x: PAGE_MARGIN + this.#area.width, y, size: SIZE, atEnd: true }, false, QUIET);
  }

  row(left: string, right: string): void {
    this.room(LINE);
    this.#y += LINE;
    this.#canvas.rect(PAGE_MARGIN + COLUMNS.box, this.#y - 2.9, 3, 3, INK);
    this.#canvas.text({ text: left, x: PAGE_MARGIN + COLUMNS.letters, y: this.#y, size: SIZE });
    this.#canvas.text({ text: right, x: PAGE_MARGIN + 100, y: this.#y, size: SIZE });
  }

  /** A step with its box; one that does not fit on what is left of a page goes on on the next, between two of its sentences. */
  step({ number, title, minutes, letters, warnings, sentences, drawing }: PrintedStep): void {
    const wide = this.#area.width - COLUMNS.words;
    const own = [
      ...warnings.map((text) => ({ text, mark: '!' })),
      ...sentences.map((text, at) => ({ text, mark: String(at + 1) })),
    ];
    const blocks = own.map(({ text, mark }) => ({ mark, lines: this.#canvas.lines(text, SIZE, wide) }));
    const used = this.#canvas.lines(letters, SIZE, COLUMNS.words - COLUMNS.letters - 3, true);
    const first = (blocks[0]?.lines.length ?? 0) + 1;
    this.room(Math.max(first, used.length) * LINE + 2);
    const [left, top] = [PAGE_MARGIN, this.#y + LINE];
    this.#canvas.text({ text: number, x: left, y: top, size: SIZE }, false, QUIET);
    this.#canvas.rect(left + COLUMNS.box, top - 2.9, 3, 3, INK);
    this.#canvas.text({ text: title, x: left + COLUMNS.letters, y: top, size: SIZE, bold: true });
    this.#atEnd(minutes, top);
    used.forEach((text, index) =>
      this.#canvas.text({ text, x: left + COLUMNS.letters, y: top + (index + 1) * LINE, size: SIZE, bold: true }),
    );
    this.#y += LINE;
    const letterRows = this.#y + used.length * LINE;
    let parted = false;
    for (const { mark, lines } of blocks) {
      const before = this.#y;
      this.room(lines.length * LINE + 2);
      parted ||= this.#y < before;
      this.#canvas.text({ text: mark, x: left + COLUMNS.words - 4.5, y: this.#y + LINE, size: SIZE }, false, QUIET);
      lines.forEach((text, index) =>
        this.#canvas.text({ text, x: left + COLUMNS.words, y: this.#y + (index + 1) * LINE, size: SIZE }),
      );
      this.#y += lines.length * LINE;
    }
    // the letters stand beside the words: they may be longer
    if (!parted) this.#y = Math.max(this.#y, letterRows);
    if (drawing) this.#draw(drawing, left + COLUMNS.words);
    this.#y += 2;
    this.#canvas.line(left, this.#y, left + this.#area.width, this.#y, HAIR);
  }

  /** The pieces in hand, small, with what is stitched and set in the step. */
  #draw({ pieces, scale, height }: StepDrawing, left: number): void {
    this.room(height + 5);
    const top = this.#y + 3;
    for (const { drawing, stitched, set, x, letter } of pieces) {
      const at = left + x;
      for (const d of drawing.paths.cut) this.#canvas.path(d, at, top, OUTLINE, false, scale);
      for (const d of [...drawing.paths.stitch, ...drawing.paths.fold, ...drawing.paths.trim])
        this.#canvas.path(d, at, top, INSIDE, false, scale);
      for (const d of stitched) this.#canvas.path(d, at, top, STITCHED, false, scale);
      for (const spot of set) {
        const [cx, cy] = [at + spot.x * scale, top + spot.y * scale];
        this.#canvas.rect(cx - 1.1, cy - 1.1, 2.2, 2.2, { ...STITCHED, dash: [] }, 1.1);
      }
      const middle = { x: at + (drawing.width * scale) / 2, y: top + (drawing.height * scale) / 2 + 1.2 };
      this.#canvas.text({ text: letter, ...middle, size: 3, bold: true, centred: true });
    }
    this.#y = top + height + 1;
  }
}
