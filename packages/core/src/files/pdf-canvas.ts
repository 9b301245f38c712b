import {
  PDFName,
  PDFOperator,
  PDFOperatorNames,
  PDFString,
  clip,
  degrees,
  endPath,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  type PDFDocument,
  type PDFFont,
  type PDFPage,
} from '@cantoo/pdf-lib';
import { layerIds, lineStyles, type LayerId, type LineStyle, type PieceDrawing, type Text } from './drawing.ts';

/** What words and lines beside the pieces are drawn with. */
export const INK = { colour: '#1F2B44', width: 0.3, dash: [] };
export const HAIR = { colour: '#D9D2C1', width: 0.2, dash: [] };
export const QUIET = '#56607A';

/** PDF points in a millimetre. */
export const POINTS = 72 / 25.4;

export interface Fonts {
  regular: PDFFont;
  bold: PDFFont;
}

const colourOf = (hex: string) => {
  const part = (from: number) => parseInt(hex.slice(from, from + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};

/** Layers that readers may switch (optional content groups), one set for the whole file. */
export function makeLayers(pdf: PDFDocument): (page: PDFPage) => void {
  const groups = layerIds.map((id) => {
    const ref = pdf.context.register(pdf.context.obj({ Type: 'OCG', Name: PDFString.of(id) }));
    return { id, ref };
  });
  const refs = groups.map(({ ref }) => ref);
  pdf.catalog.set(PDFName.of('OCProperties'), pdf.context.obj({ OCGs: refs, D: { Order: refs, ON: refs } }));
  const names = pdf.context.obj(Object.fromEntries(groups.map(({ id, ref }) => [id, ref])));
  return (page) => page.node.Resources()!.set(PDFName.of('Properties'), names);
}

/** A page drawn in millimetres from its upper left corner, y downwards. */
export class PdfCanvas {
  readonly #page: PDFPage;
  readonly #fonts: Fonts;
  readonly #height: number;

  constructor(page: PDFPage, fonts: Fonts) {
    this.#page = page;
    this.#fonts = fonts;
    this.#height = page.getHeight() / POINTS;
  }

  #y(y: number): number {
    return (this.#height - y) * POINTS;
  }

  layer(id: LayerId, draw: () => void): void {
    const name = PDFName.of(id);
    this.#page.pushOperators(PDFOperator.of(PDFOperatorNames.BeginMarkedContentSequence, [PDFName.of('OC'), name]));
    draw();
    this.#page.pushOperators(PDFOperator.of(PDFOperatorNames.EndMarkedContent));
  }

  /** Draws only inside a rectangle. */
  clipped(x: number, y: number, width: number, height: number, draw: () => void): void {
    const box = rectangle(x * POINTS, this.#y(y + height), width * POINTS, height * POINTS);
    this.#page.pushOperators(pushGraphicsState(), box, clip(), endPath());
    draw();
    this.#page.pushOperators(popGraphicsState());
  }

  /** @param scale of the path, not of the width of its line */
  path(d: string, x: number, y: number, { colour, width, dash }: LineStyle, turned = false, scale = 1): void {
    this.#page.drawSvgPath(d, {
      x: x * POINTS,
      y: this.#y(y),
      scale: POINTS * scale,
      borderColor: colourOf(colour),
      borderWidth: width / scale,
      ...(dash.length > 0 && { borderDashArray: dash.map((part) => part / scale) }),
      ...(turned && { rotate: degrees(-90) }),
    });
  }

  line(x0: number, y0: number, x1: number, y1: number, style: LineStyle): void {
    this.path(`M0 0L${x1 - x0} ${y1 - y0}`, x0, y0, style);
  }

  fill(x: number, y: number, width: number, height: number, colour: string): void {
    const size = { width: width * POINTS, height: height * POINTS };
    this.#page.drawRectangle({ x: x * POINTS, y: this.#y(y + height), ...size, color: colourOf(colour) });
  }

  rect(x: number, y: number, width: number, height: number, style: LineStyle, radius = 0): void {
    const [w, h, r] = [width, height, radius];
    const corner = (dx: number, dy: number) => (r > 0 ? `a${r} ${r} 0 0 1 ${dx} ${dy}` : '');
    const d = `M${r} 0H${w - r}${corner(r, r)}V${h - r}${corner(-r, r)}H${r}${corner(-r, -r)}V${r}${corner(r, -r)}Z`;
    this.path(d, x, y, style);
  }

  /** Words broken into lines that are no wider than this, mm. */
  lines(text: string, size: number, width: number, bold = false): string[] {
    const font = bold ? this.#fonts.bold : this.#fonts.regular;
    const wide = (words: string) => font.widthOfTextAtSize(words, size * POINTS) / POINTS;
    const lines: string[] = [];
    for (const word of text.split(' ')) {
      const last = lines.at(-1);
      if (last !== undefined && wide(`${last} ${word}`) <= width) lines[lines.length - 1] = `${last} ${word}`;
      else lines.push(word);
    }
    return lines;
  }

  text({ text, x, y, size, bold, centred, atEnd }: Text, turned = false, colour = INK.colour): void {
    const font = bold ? this.#fonts.bold : this.#fonts.regular;
    const points = size * POINTS;
    const wide = centred || atEnd ? font.widthOfTextAtSize(text, points) : 0;
    const back = centred ? wide / 2 : wide;
    const [dx, dy] = turned ? [0, back] : [-back, 0];
    this.#page.drawText(text, {
      x: x * POINTS + dx,
      y: this.#y(y) + dy,
      size: points,
      font,
      color: colourOf(colour),
      ...(turned && { rotate: degrees(-90) }),
    });
  }

  /** A piece with its upper left corner at (x, y); turned pieces lie on their side, a quarter clockwise. */
  piece(drawing: PieceDrawing, x: number, y: number, turned = false): void {
    const origin = turned ? { x: x + drawing.height, y } : { x, y };
    for (const layer of layerIds)
      this.layer(layer, () => {
        if (layer === 'labels') {
          for (const text of drawing.texts) this.text({ ...text, ...placeText(text, origin, turned) }, turned);
          return;
        }
        for (const d of drawing.paths[layer]) this.path(d, origin.x, origin.y, lineStyles[layer], turned);
      });
  }
}

const placeText = ({ x, y }: Text, origin: { x: number; y: number }, turned: boolean) =>
  turned ? { x: origin.x - y, y: origin.y + x } : { x: origin.x + x, y: origin.y + y };
