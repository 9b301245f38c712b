import { edgeLength } from '../geometry/outline.ts';
import type { Notch, Piece } from './piece.ts';
import type { EdgeRun, Seam } from './seam.ts';
import { stretchOf } from './stretch.ts';

/** Nearer to the end of an edge than this, a place is its corner, mm. */
export const CORNER = 0.5;

/** A stretch of an edge as a walk goes along it, mm. */
interface Leg {
  edge: string;
  from: number;
  to: number;
  reversed: boolean;
  /** Where it begins along the walk. */
  start: number;
  whole: number;
}
interface Walk {
  piece: Piece;
  /** Nothing where it goes along a line on the face: a line is seen, and needs no notch. */
  stretches: Leg[];
  length: number;
}
/** One place of a seam on both sides, along each walk. */
interface Match {
  id: string;
  a: number;
  b: number;
}

/** Adds what must be found when a seam is sewn: where it begins or ends inside an edge, and its middle where middles are matched,
 * a notch of one id on both pieces. A line on a face is drawn and has none.
 * @returns the pieces in their order, those without such a place as they were; and which notches come to lie on each other */
export function withSeamNotches(
  pieces: readonly Piece[],
  seams: readonly Seam[],
): { pieces: Piece[]; pairs: [Notch, Notch][] } {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const added = new Map<string, Notch[]>();
  const pairs: [Notch, Notch][] = [];
  const add = (walk: Walk, id: string, along: number): Notch | undefined => {
    const place = placeAt(walk, along);
    if (!place) return undefined;
    const notch: Notch = { id, edge: place.edge, at: place.at };
    const list = added.get(walk.piece.id);
    if (list) list.push(notch);
    else added.set(walk.piece.id, [notch]);
    return notch;
  };
  for (const seam of seams) {
    if (isSeen(seam)) continue;
    const [a, b] = [walkOf(seam.a, byId), walkOf(seam.b, byId)];
    if (!a || !b) continue;
    for (const { id, a: onA, b: onB } of matchesOf(seam, a, b)) {
      if (isMarked(a, onA, b, onB)) continue;
      const [one, other] = [add(a, id, onA), add(b, id, onB)];
      if (one && other) pairs.push([one, other]);
    }
  }
  const notched = pieces.map((piece) => {
    const notches = added.get(piece.id);
    return notches ? { ...piece, notches: [...piece.notches, ...notches] } : piece;
  });
  return { pieces: notched, pairs };
}

/** Whether a seam goes from corner to corner of both edges, which is seen without a notch. */
const isSeen = ({ a, b, centre, ease }: Seam): boolean => !centre && !ease?.at && isWhole(a) && isWhole(b);

const isWhole = ({ parts }: EdgeRun): boolean =>
  parts.length === 1 && parts[0]!.from === undefined && parts[0]!.to === undefined;

function walkOf({ piece: id, parts }: EdgeRun, pieces: ReadonlyMap<string, Piece>): Walk | undefined {
  const piece = pieces.get(id);
  if (!piece) return undefined;
  const stretches: Leg[] = [];
  let length = 0;
  for (const part of parts) {
    const found = stretchOf(piece, part);
    if (!found) return undefined;
    const { from, to, whole } = found;
    if ('edge' in part)
      stretches.push({ edge: part.edge, from, to, reversed: part.reversed ?? false, start: length, whole });
    length += to - from;
  }
  return { piece, stretches, length };
}

/** The places of a seam that must be found: its ends, the ends of its stretches if nothing is eased, its middle if it is asked
 * for; only those that no corner tells on both sides. */
function matchesOf({ id, ease, centre }: Seam, a: Walk, b: Walk): Match[] {
  const by = ease?.by.value ?? 0;
  const [startA, endA] = [ease?.at === 'start' ? by : 0, ease?.at === 'end' ? a.length - by : a.length];
  const ends = [
    { id: `${id}@start`, a: startA, b: 0 },
    { id: `${id}@end`, a: endA, b: b.length },
  ];
  const inner = by === 0 ? stops(a, b).map((at, index) => ({ id: `${id}@${index + 1}`, a: at, b: at })) : [];
  const told = [...ends, ...inner].filter((match) => !isCorner(a, match.a) || !isCorner(b, match.b));
  if (!centre) return told;
  return [...told, { id: `${id}@middle`, a: (startA + endA) / 2, b: b.length / 2 }];
}

/** Where stretches of either walk end within the seam, mm along it. */
function stops(a: Walk, b: Walk): number[] {
  const within = [...a.stretches, ...b.stretches].map(({ start }) => start).filter((at) => at > CORNER);
  return [...new Set(within.map((at) => Math.round(at * 1e6) / 1e6))].filter((at) => at < a.length - CORNER);
}

/** Whether a place of a walk is told without a notch: on a line of the face, or at the corner of an edge. */
function isCorner(walk: Walk, along: number): boolean {
  const place = placeAt(walk, along);
  if (!place) return true;
  const { whole } = walk.stretches.find(({ edge }) => edge === place.edge)!;
  return place.at < CORNER || place.at > whole - CORNER;
}

/** Whether notches of one id mark the place on both pieces already. */
function isMarked(a: Walk, onA: number, b: Walk, onB: number): boolean {
  const ids = notchesAt(b, onB);
  return notchesAt(a, onA).some((id) => ids.includes(id));
}

function notchesAt(walk: Walk, along: number): string[] {
  if (walk.piece.notches.length === 0) return [];
  const place = placeAt(walk, along);
  if (!place) return [];
  const there = walk.piece.notches.filter(({ edge, at }) => edge === place.edge && Math.abs(at - place.at) < 0.01);
  return there.map(({ id }) => id);
}

function placeAt({ stretches }: Walk, along: number): { edge: string; at: number } | undefined {
  const found = stretches.find(({ start, from, to }) => along >= start - 1e-6 && along <= start + to - from + 1e-6);
  if (!found) return undefined;
  const { edge, from, to, reversed, start } = found;
  return { edge, at: reversed ? to - (along - start) : from + along - start };
}

/** The notches that are drawn: the corner of an edge is seen without one. */
export const drawnNotches = ({ notches, stitch }: Pick<Piece, 'notches' | 'stitch'>): Notch[] =>
  notches.filter(({ edge: id, at }) => {
    const edge = stitch.find((each) => each.id === id);
    return edge !== undefined && at >= CORNER && at <= edgeLength(edge) - CORNER;
  });

/** Gives each notch its name, and says what it meets: notches at one place have one name, numbered along the outline from its
 * first edge on (`A1`).
 * @param pairs notches made from seams that come to lie on each other
 * @param marked pieces with notches of their own: those have the id of what they mark, and meet where a seam brings them together */
export function nameNotches(
  pieces: readonly Piece[],
  seams: readonly Seam[],
  pairs: readonly (readonly [Notch, Notch])[],
  marked: readonly Piece[],
): void {
  for (const piece of pieces) if (piece.notches.length > 0) numberNotches(piece);
  for (const [one, other] of pairs) meetEachOther(one, other);
  const byId = new Map(marked.map((piece) => [piece.id, piece]));
  for (const { a, b } of seams) {
    const [one, other] = [byId.get(a.piece), byId.get(b.piece)];
    if (one && other) meetAlong(onRun(one, a), onRun(other, b));
  }
}

function numberNotches({ letter, stitch, notches }: Piece): void {
  // along the outline: by the number of the edge, then by the place on it; no edge is longer than this
  const LONGEST = 1e6;
  const rank = new Map(stitch.map(({ id }, index) => [id, index * LONGEST]));
  const sorted = notches.map((notch) => ({ notch, at: rank.get(notch.edge)! + notch.at }));
  sorted.sort((one, other) => one.at - other.at);
  let number = 0;
  let before = -1;
  for (const { notch, at } of sorted) {
    if (at - before > 0.01) number++;
    notch.name = letter + String(number);
    before = at;
  }
}

/** Notches of one id lie on each other when the seam is sewn. */
function meetAlong(on: readonly Notch[], onto: readonly Notch[]): void {
  const mates = new Map(onto.map((notch) => [notch.id, notch]));
  for (const notch of on) {
    const mate = mates.get(notch.id);
    if (mate && mate !== notch) meetEachOther(notch, mate);
  }
}

function meetEachOther(one: Notch, other: Notch): void {
  meet(one, other);
  meet(other, one);
}

const onRun = ({ notches }: Piece, { parts }: EdgeRun): Notch[] =>
  notches.filter(({ edge, at }) =>
    parts.some(
      (part) =>
        'edge' in part && part.edge === edge && at >= (part.from ?? 0) - 1e-6 && at <= (part.to ?? Infinity) + 1e-6,
    ),
  );

function meet(notch: Notch, { name }: Notch): void {
  if (name === undefined) return;
  // a list of its own, made here: nobody else has seen it yet
  const meets = notch.meets as string[] | undefined;
  if (!meets) notch.meets = [name];
  else if (!meets.includes(name)) meets.push(name);
}
