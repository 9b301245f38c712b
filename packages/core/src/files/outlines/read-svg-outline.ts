import { XMLParser, XMLValidator } from 'fast-xml-parser';
import svgpath from 'svgpath';
import type { Point } from '../../geometry/perimeter.ts';
import { DRAWING, tooLarge, type DrawingRead } from './outline-file.ts';

/** One element as the parser gives it: its name holds its children, `:@` its attributes. */
type Element = Record<string, unknown> & { ':@'?: Record<string, string> };

const SHAPES = ['path', 'polygon', 'polyline', 'rect', 'circle', 'ellipse'];
const GROUPS = ['svg', 'g'];
/** May stand there and says nothing of the outline. */
const SILENT = [
  'title',
  'desc',
  'metadata',
  'defs',
  'text',
  'line',
  'style',
  'sodipodi:namedview',
  '#text',
  '?xml',
  '#comment',
];
const UNSAFE = ['script', 'foreignobject', 'iframe', 'image', 'use', 'animate', 'set', 'a', 'feimage'];

/** CSS Values and Units: a px is 1/96 in. */
const lengths: Record<string, number> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  q: 0.25,
  px: 25.4 / 96,
};

const unsafe = (message: string): DrawingRead => ({
  ok: false,
  code: 'outline.unsafe',
  message: `${message} Export it as a plain SVG, with lines only.`,
});
const unreadable = (message: string): DrawingRead => ({ ok: false, code: 'outline.unreadable', message });

/** Reads the closed lines of an SVG. Nothing in it is ever run or fetched: what is more than lines is refused.
 * @returns lines in user units, y upwards; `mmPerUnit` if width, height and viewBox tell it */
export function readSvgOutline(text: string): DrawingRead {
  if (text.length > DRAWING.letters) return tooLarge;
  if (/<!(doctype|entity)/i.test(text) && /<!entity|\[/i.test(text))
    return unsafe('The SVG declares entities of its own.');
  const valid = XMLValidator.validate(text);
  if (valid !== true) return unreadable(`This is no sound SVG: ${valid.err.msg} (line ${valid.err.line}).`);
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
    parseAttributeValue: false,
  });
  let roots: Element[];
  try {
    roots = parser.parse(text) as Element[];
  } catch {
    return unreadable('The SVG nests its groups too deeply.');
  }
  const root = roots.find((each) => nameOf(each) === 'svg');
  if (!root) return unreadable('This is no SVG: it has no <svg> in it.');
  const danger = dangerIn(roots);
  if (danger) return unsafe(danger);
  const drawn: Drawn = { lines: [], notes: new Set(), points: 0 };
  try {
    collect(root, '', drawn);
  } catch (error) {
    if (error instanceof TooLarge) return tooLarge;
    return unreadable(error instanceof Refusal ? error.message : 'A line of the SVG cannot be read.');
  }
  const scale = scaleOf(root[':@'] ?? {});
  const { mmPerUnit } = scale;
  if (scale.note) drawn.notes.add(scale.note);
  return {
    ok: true,
    drawing: { lines: drawn.lines, notes: [...drawn.notes], ...(mmPerUnit !== undefined && { mmPerUnit }) },
  };
}

class Refusal extends Error {}
class TooLarge extends Error {}

/** What has been found so far. */
interface Drawn {
  lines: Point[][];
  notes: Set<string>;
  points: number;
}

const nameOf = (element: Element): string => Object.keys(element).find((key) => key !== ':@') ?? '';
const childrenOf = (element: Element): Element[] => {
  const children = element[nameOf(element)];
  return Array.isArray(children) ? (children as Element[]) : [];
};

/** What a drawing must not carry, in words. */
function dangerIn(elements: Element[]): string | undefined {
  for (const element of elements) {
    const name = nameOf(element).toLowerCase();
    if (name === 'script') return 'The SVG carries a script.';
    if (UNSAFE.includes(name)) return `The SVG has <${name}> in it, which may point elsewhere.`;
    for (const [key, value] of Object.entries(element[':@'] ?? {})) {
      if (/^on/i.test(key)) return `The SVG carries a script (${key}).`;
      const points = /(^|:)href$/i.test(key) ? !value.startsWith('#') : /url\(\s*['"]?(?!#)/i.test(value);
      if (points) return `The SVG refers to something outside itself (${key}).`;
    }
    const css =
      name === 'style'
        ? childrenOf(element)
            .map((child) => String(child['#text'] ?? ''))
            .join(' ')
        : '';
    if (/@import|url\(\s*['"]?(?!#)/i.test(css)) return 'The SVG refers to a style outside itself.';
    const below = dangerIn(childrenOf(element));
    if (below) return below;
  }
  return undefined;
}

function collect(element: Element, transform: string, drawn: Drawn, depth = 0): void {
  if (depth > 60) throw new Refusal('The SVG nests its groups too deeply.');
  const name = nameOf(element);
  const attributes = element[':@'] ?? {};
  const all = `${transform} ${attributes.transform ?? ''}`.trim();
  if (SHAPES.includes(name)) {
    addClosedLines(shapePath(name, attributes), all, drawn);
    return;
  }
  if (!GROUPS.includes(name)) {
    if (!SILENT.includes(name)) drawn.notes.add(`<${name}> was left out.`);
    return;
  }
  for (const child of childrenOf(element)) collect(child, all, drawn, depth + 1);
}

const number = (text: string | undefined, standard = 0): number => {
  const value = text === undefined ? standard : Number.parseFloat(text);
  if (!Number.isFinite(value)) throw new Refusal(`“${text}” in the SVG is no number.`);
  return value;
};

/** A basic shape as a path (SVG 2, equivalent paths). */
function shapePath(name: string, attributes: Record<string, string>): string {
  const at = (key: string, standard?: number) => number(attributes[key], standard);
  if (name === 'path') return attributes.d ?? '';
  if (name === 'polygon' || name === 'polyline') {
    const points = (attributes.points ?? '').trim();
    return points ? `M${points}${name === 'polygon' ? 'Z' : ''}` : '';
  }
  if (name === 'circle' || name === 'ellipse') {
    const [rx, ry] = name === 'circle' ? [at('r'), at('r')] : [at('rx'), at('ry')];
    const [cx, cy] = [at('cx'), at('cy')];
    return `M${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}Z`;
  }
  const [x, y, w, h] = [at('x'), at('y'), at('width'), at('height')];
  const [r] = [attributes.rx ?? attributes.ry].map((given) => Math.min(number(given), w / 2, h / 2));
  if (!r) return `M${x} ${y}h${w}v${h}h${-w}Z`;
  const arc = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
  return `M${x + r} ${y}h${w - 2 * r}${arc(r, r)}v${h - 2 * r}${arc(-r, r)}h${2 * r - w}${arc(-r, -r)}v${2 * r - h}${arc(r, -r)}Z`;
}

/** How far a chord may lie from its curve, units of the drawing. */
const CHORD = 0.01;
/** Ends nearer than this belong together. */
const JOINED = 1e-3;

/** A number of a path: a corner has two; a curve has more, but counts for more points. */
const NUMBERS = /\d*\.?\d+(?:e[+-]?\d+)?/gi;

/** The closed parts of a path as polygons; open ones are told. */
function addClosedLines(path: string, transform: string, drawn: Drawn): void {
  if (!path.trim()) return;
  // looked at before it is read: the reader takes long for a long row of numbers
  if ((path.match(NUMBERS)?.length ?? 0) > 2 * DRAWING.points) throw new TooLarge();
  const parsed = svgpath(path) as ReturnType<typeof svgpath> & { err?: string };
  if (parsed.err) throw new Refusal(`A path of the SVG cannot be read: ${parsed.err}.`);
  const { lines, notes } = drawn;
  let line: Point[] = [];
  let closed = false;
  const finish = () => {
    const ends = line.length > 2 ? Math.hypot(line[0]![0] - line.at(-1)![0], line[0]![1] - line.at(-1)![1]) : Infinity;
    if (ends < JOINED) line.pop();
    if (closed || ends < JOINED) lines.push(line.map(([x, y]): Point => [x, -y]));
    else if (line.length > 1) notes.add('Open lines were left out.');
    [line, closed] = [[], false];
  };
  let start: Point = [0, 0];
  parsed
    .transform(transform)
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _, x, y) => {
      const [command, ...v] = segment as unknown as [string, ...number[]];
      // a curve counts with its chords
      if ((drawn.points += command === 'C' || command === 'Q' ? 8 : 1) > DRAWING.points) throw new TooLarge();
      if (command === 'M') {
        finish();
        start = [v[0]!, v[1]!];
        line = [start];
      } else if (command === 'Z') {
        closed = true;
        finish();
        line = [start];
      } else if (command === 'L') line.push([v[0]!, v[1]!]);
      else if (command === 'H') line.push([v[0]!, y]);
      else if (command === 'V') line.push([x, v[0]!]);
      else line.push(...curve([x, y], v));
    });
  finish();
}

/** A quadratic or cubic curve in chords: n = ceil(sqrt(6 M / (8 tolerance))), M the largest second difference. */
function curve(from: Point, v: number[]): Point[] {
  const given = [from, ...Array.from({ length: v.length / 2 }, (_, i): Point => [v[2 * i]!, v[2 * i + 1]!])];
  const [a, b, c, d] =
    given.length === 4 ? (given as [Point, Point, Point, Point]) : raised(given as [Point, Point, Point]);
  const bend = (p: Point, q: Point, r: Point) => Math.hypot(p[0] - 2 * q[0] + r[0], p[1] - 2 * q[1] + r[1]);
  const most = Math.max(bend(a, b, c), bend(b, c, d));
  const parts = Math.min(400, Math.max(1, Math.ceil(Math.sqrt((6 * most) / (8 * CHORD)))));
  return Array.from({ length: parts }, (_, index): Point => {
    const t = (index + 1) / parts;
    const s = 1 - t;
    const at = (axis: 0 | 1) =>
      s * s * s * a[axis] + 3 * s * s * t * b[axis] + 3 * s * t * t * c[axis] + t * t * t * d[axis];
    return [at(0), at(1)];
  });
}

/** A quadratic curve as a cubic one. */
function raised([a, b, c]: [Point, Point, Point]): [Point, Point, Point, Point] {
  const between = (end: Point): Point => [end[0] + (2 / 3) * (b[0] - end[0]), end[1] + (2 / 3) * (b[1] - end[1])];
  return [a, between(a), between(c), c];
}

const SIZE = /^([\d.]+(?:e[+-]?\d+)?)\s*([a-z]+)$/i;

/** A length with its unit, mm. */
function sizeOf(text: string | undefined): number | undefined {
  const [, value, unit = ''] = SIZE.exec(text?.trim() ?? '') ?? [];
  const one = lengths[unit.toLowerCase()];
  return value !== undefined && one !== undefined ? Number(value) * one : undefined;
}

/** How large a user unit is, from width and viewBox. A width without a unit does not tell: programs differ. */
function scaleOf({ width, height, viewBox }: Record<string, string>): { mmPerUnit?: number; note?: string } {
  const [mm, high] = [sizeOf(width), sizeOf(height)];
  if (mm === undefined) return {};
  const [, , wide, tall] = (viewBox ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (!wide || !(wide > 0)) return { mmPerUnit: mm / Number.parseFloat(width!) };
  const across = mm / wide;
  const up = high !== undefined && tall ? high / tall : across;
  const scale = Math.min(across, up);
  const uneven = Math.abs(across - up) > 0.01 * scale;
  return {
    mmPerUnit: scale,
    ...(uneven && { note: 'Width and height do not fit the viewBox: the smaller scale was taken.' }),
  };
}
