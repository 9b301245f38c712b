import { polygonContains } from 'd3-polygon';
import { boundsOf, edgeLength, pointAlong, outwards, type Edge, type Outline, flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { EdgeRun } from '../pieces/seam.ts';
import type { Notch, Piece } from '../pieces/piece.ts';
import { drawnNotches } from '../pieces/seam-notches.ts';
import { stretchOf } from '../pieces/stretch.ts';

/** The layers of a printed pattern, in drawing order. */
export const layerIds = ['cut', 'trim', 'stitch', 'fold', 'marks', 'labels'] as const;
export type LayerId = (typeof layerIds)[number];

export interface LineStyle {
  /** `#rrggbb` */
  colour: string;
  /** mm */
  width: number;
  /** mm on, mm off, ... */
  dash: number[];
}

export const lineStyles: Record<Exclude<LayerId, 'labels'>, LineStyle> = {
  cut: { colour: '#1F2B44', width: 0.4, dash: [] },
  trim: { colour: '#B03A25', width: 0.35, dash: [5, 2] },
  stitch: { colour: '#56607A', width: 0.3, dash: [2.5, 1.5] },
  fold: { colour: '#0F6B66', width: 0.3, dash: [6, 1.5, 1, 1.5] },
  marks: { colour: '#1F2B44', width: 0.25, dash: [] },
};

export interface Text {
  text: string;
  /** Left end of the base line; or its middle if centred. mm, y downwards */
  x: number;
  y: number;
  /** mm */
  size: number;
  bold?: boolean;
  centred?: boolean;
  /** Its right end is there instead. */
  atEnd?: boolean;
}

/** A piece as lines and words; origin at the top left of its cut outline, y downwards, mm. */
export interface PieceDrawing {
  width: number;
  height: number;
  /** SVG path data by layer. */
  paths: Record<Exclude<LayerId, 'labels'>, string[]>;
  texts: Text[];
}

const number = (value: number): string => String(Math.round(value * 1e4) / 1e4);

/** Draws a piece for paper.
 * @param words the lines written on it, most important first */
export function drawPiece(piece: Piece, words: string[]): PieceDrawing {
  const { left, bottom, width, height } = boundsOf(piece.cut);
  const at = ([x, y]: Point): Point => [x - left, bottom + height - y];
  const stitchLines = piece.lines.map(({ from, to }) => segment(at(from), at(to)));
  return {
    width,
    height,
    paths: {
      cut: [outlinePath(piece.cut, at)],
      trim: piece.trim ? [outlinePath(piece.trim.outline, at)] : [],
      stitch: sameOutline(piece) ? stitchLines : [outlinePath(piece.stitch, at), ...stitchLines],
      fold: piece.folds.map(({ from, to }) => segment(at(from), at(to))),
      marks: [
        ...notchPaths(piece, at),
        ...markPaths(piece, at),
        ...gapPaths(piece, at),
        grainArrow(piece, width, height, at),
      ],
    },
    texts: labels(piece, words, width, height, at),
  };
}

/** A stretch of a piece's edges or lines as SVG path data, placed as in its drawing, mm. */
export function runPath(piece: Piece, { parts }: EdgeRun): string {
  const { left, bottom, height } = boundsOf(piece.cut);
  const at = ([x, y]: Point): Point => [x - left, bottom + height - y];
  return parts
    .map((part) => {
      const found = stretchOf(piece, part);
      if (!found) return '';
      const { edge, from, to } = found;
      const steps = edge.kind === 'line' ? 1 : 24;
      const points = Array.from({ length: steps + 1 }, (_, step) =>
        at(pointAlong(edge, from + (step / steps) * (to - from))),
      );
      return points.map(([x, y], step) => `${step === 0 ? 'M' : 'L'}${number(x)} ${number(y)}`).join('');
    })
    .join('');
}

/** An edge of a piece moved outwards, as SVG path data, placed as in its drawing, mm.
 * @param beyond how far; default not at all */
export function edgePath(piece: Piece, edge: Edge, beyond = 0): string {
  const { left, bottom, height } = boundsOf(piece.cut);
  const steps = edge.kind === 'line' ? 1 : 24;
  return Array.from({ length: steps + 1 }, (_, step) => {
    const along = (step / steps) * edgeLength(edge);
    const [[x, y], [ox, oy]] = [pointAlong(edge, along), outwards(edge, along)];
    const [px, py] = [x + beyond * ox - left, bottom + height - y - beyond * oy];
    return `${step === 0 ? 'M' : 'L'}${number(px)} ${number(py)}`;
  }).join('');
}

/** The middle of an edge moved outwards, and which way that is, placed as in the drawing of its piece (y downwards), mm. */
export function edgeMiddle(piece: Piece, edge: Edge, beyond: number): { at: Point; outwards: Point } {
  const { left, bottom, height } = boundsOf(piece.cut);
  const half = edgeLength(edge) / 2;
  const [[x, y], [ox, oy]] = [pointAlong(edge, half), outwards(edge, half)];
  return { at: [x + beyond * ox - left, bottom + height - y - beyond * oy], outwards: [ox, -oy] };
}

const sameOutline = ({ stitch, cut }: Piece): boolean => stitch === cut;

function outlinePath(outline: Outline, at: (point: Point) => Point): string {
  const start = at(outline[0]!.from);
  const steps = outline.map((edge) => {
    const [x, y] = at(edge.to);
    if (edge.kind === 'line') return `L${number(x)} ${number(y)}`;
    const radius = number(Math.hypot(edge.from[0] - edge.centre[0], edge.from[1] - edge.centre[1]));
    const large = Math.abs(edge.sweep) > Math.PI ? 1 : 0;
    // y is turned over, and with it the direction of the arc
    return `A${radius} ${radius} 0 ${large} ${edge.sweep > 0 ? 0 : 1} ${number(x)} ${number(y)}`;
  });
  return `M${number(start[0])} ${number(start[1])}${steps.join('')}Z`;
}

const segment = ([x0, y0]: Point, [x1, y1]: Point): string =>
  `M${number(x0)} ${number(y0)}L${number(x1)} ${number(y1)}`;

/** The notches that are drawn, one for each place. */
function notchesShown(piece: Piece): { edge: Edge; notch: Notch }[] {
  const places = new Map(drawnNotches(piece).map((notch) => [notch.name ?? `${notch.edge} ${notch.at}`, notch]));
  return [...places.values()].map((notch) => ({ edge: piece.stitch.find(({ id }) => id === notch.edge)!, notch }));
}

/** Notches stand in the allowance, from the cut edge towards the stitch line. */
function notchPaths(piece: Piece, at: (point: Point) => Point): string[] {
  return notchesShown(piece).flatMap(({ edge, notch: { at: along } }) => {
    const allowance = piece.allowance[edge.id] ?? 0;
    if (allowance === 0) return [];
    const [x, y] = pointAlong(edge, along);
    const [ox, oy] = outwards(edge, along);
    const [outer, inner] = [allowance, Math.max(0, allowance - 3)];
    return [segment(at([x + ox * outer, y + oy * outer]), at([x + ox * inner, y + oy * inner]))];
  });
}

function markPaths(piece: Piece, at: (point: Point) => Point): string[] {
  return piece.marks.flatMap(({ at: place }) => {
    const [x, y] = at(place);
    return [segment([x - 2, y], [x + 2, y]), segment([x, y - 2], [x, y + 2])];
  });
}

/** A turning gap is bracketed by two short bars across the stitch line. */
function gapPaths(piece: Piece, at: (point: Point) => Point): string[] {
  return piece.gaps.flatMap(({ edge: id, from, to }) => {
    const edge = piece.stitch.find((each) => each.id === id)!;
    return [from, to].map((along) => {
      const [x, y] = pointAlong(edge, along);
      const [ox, oy] = outwards(edge, along);
      return segment(at([x + ox * 3, y + oy * 3]), at([x - ox * 3, y - oy * 3]));
    });
  });
}

/** Stretches of the height that the arrow may take, the first choice first. */
const STRETCHES = [
  [0.3, 0.7],
  [0.05, 0.35],
  [0.65, 0.95],
  [0.4, 0.6],
] as const;

/** On the right of the piece, or as near to it as there is cloth all along the arrow. */
function grainArrow({ cut }: Piece, width: number, height: number, at: (point: Point) => Point): string {
  const cloth = flatten(cut, { tolerance: 0.5 }).map(at);
  const head = Math.min(2, height / 12);
  const first = width - Math.min(14, width / 5);
  const places = STRETCHES.flatMap(([from, to]) =>
    Array.from({ length: 16 }, (_, step) => ({ x: first * (1 - step / 16), top: from * height, bottom: to * height })),
  );
  const lies = ({ x, top, bottom }: (typeof places)[number]) =>
    Array.from({ length: 9 }, (_, step) => top + (step / 8) * (bottom - top)).every(
      (y) => polygonContains(cloth, [x - head, y]) && polygonContains(cloth, [x + head, y]),
    );
  const { x, top, bottom } = places.find(lies) ?? places[0]!;
  return (
    segment([x, top], [x, bottom]) +
    `M${number(x - head)} ${number(top + head)}L${number(x)} ${number(top)}L${number(x + head)} ${number(top + head)}` +
    `M${number(x - head)} ${number(bottom - head)}L${number(x)} ${number(bottom)}L${number(x + head)} ${number(bottom - head)}`
  );
}

function labels(piece: Piece, words: string[], width: number, height: number, at: (point: Point) => Point): Text[] {
  const room = clearRoom(piece, width, height, at);
  const longest = Math.max(1, ...words.map((word) => word.length));
  const small = Math.max(1.2, Math.min(3.2, room.width / (longest * 0.55), room.height / (words.length * 1.4 + 4)));
  const large = Math.min(9, small * 2.6);
  const top = room.y - (large + 1.4 * small * words.length) / 2 + large;
  const texts: Text[] = [{ text: piece.letter, x: room.x, y: top, size: large, bold: true, centred: true }];
  words.forEach((text, index) =>
    texts.push({ text, x: room.x, y: top + 1.4 * small * (index + 1) + 0.3, size: small, centred: true }),
  );
  for (const { from, order, kind } of piece.folds) {
    const [x, y] = at(from);
    texts.push({ text: `${order} ${kind}`, x: x + 1.5, y: y - 0.8, size: 2 });
  }
  for (const { at: place, label } of piece.marks) {
    const [x, y] = at(place);
    const text = { text: label, y: y - 1, size: 2 };
    texts.push(x > width / 2 ? { ...text, x: x - 3 - label.length * 0.95 } : { ...text, x: x + 3 });
  }
  for (const { from, label } of piece.lines) {
    const [x, y] = at(from);
    texts.push({ text: label, x: x + 3, y: y - 0.8, size: 2 });
  }
  for (const { edge: id, from, to, label } of piece.gaps) {
    const [x, y] = at(
      pointAlong(
        piece.stitch.find((each) => each.id === id)!,
        (from + to) / 2,
      ),
    );
    texts.push({ text: label ?? 'leave open to turn', x, y: y + 3.5, size: 2.2, centred: true });
  }
  texts.push(...notchNames(piece, at));
  if (piece.topArrow) texts.push({ text: '↑ top', x: 8, y: 11, size: 2.2 });
  return texts;
}

/** The name of a notch stands inside its stitch line, with what it meets. */
function notchNames(piece: Piece, at: (point: Point) => Point): Text[] {
  const meets = new Map<string, Set<string>>();
  for (const { name, meets: mates = [] } of piece.notches)
    if (name !== undefined) meets.set(name, new Set([...(meets.get(name) ?? []), ...mates]));
  return notchesShown(piece).flatMap(({ edge, notch }): Text[] => {
    if (notch.name === undefined) return [];
    const [x, y] = pointAlong(edge, notch.at);
    const [ox, oy] = outwards(edge, notch.at);
    const [tx, ty] = at([x - 3 * ox, y - 3 * oy]);
    const mates = [...(meets.get(notch.name) ?? [])].slice(0, 2);
    return [{ text: [notch.name, ...mates].join(' · '), x: tx, y: ty + 0.7, size: 1.9, centred: true }];
  });
}

/** The widest clear stretch between the lines that run across a piece, and there between those that run up it. */
function clearRoom(piece: Piece, width: number, height: number, at: (point: Point) => Point) {
  const lines = [...piece.folds, ...piece.lines].map(({ from, to }) => [at(from), at(to)] as const);
  const across = lines.filter(([from, to]) => near(from[1], to[1])).map(([from]) => from[1]);
  const [y, tall] = widestGap([0, ...across, height]);
  const reach = ([from, to]: readonly [Point, Point]) =>
    Math.max(from[1], to[1]) > y - tall / 2 + 1 && Math.min(from[1], to[1]) < y + tall / 2 - 1;
  const up = lines.filter((line) => near(line[0][0], line[1][0]) && reach(line)).map(([from]) => from[0]);
  const [x, wide] = widestGap([0, ...up, width - Math.min(16, width / 4)]);
  return { x, y, width: wide - 4, height: tall - 2 };
}

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;

function widestGap(stops: number[]): [middle: number, size: number] {
  const sorted = [...stops].sort((a, b) => a - b);
  const gaps = sorted
    .slice(1)
    .map((stop, index): [number, number] => [(stop + sorted[index]!) / 2, stop - sorted[index]!]);
  return gaps.reduce((most, gap) => (gap[1] > most[1] + 1e-6 ? gap : most));
}
