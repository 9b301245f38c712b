import { CoreError } from '../errors/core-error.ts';
import { distance } from '../geometry/outline.ts';
import type { EdgeRun } from '../pieces/seam.ts';
import type { Rim, RimPlace } from './rim.ts';
import type { FlatSeam } from './flat.ts';

type Part = { edge: string; from: number; to: number; reversed: boolean };

/** A run along a rim as its seam walks it. */
interface Walk {
  rim: Rim;
  parts: Part[];
  /** How far the walk has come at the start of each part, and at its end, mm. */
  starts: number[];
  length: number;
}

/** A stretch of a walk, from one distance to another, mm; backwards if the second is the smaller one. */
interface Stretch {
  walk: Walk;
  from: number;
  to: number;
}

/** Two stretches that lie on each other. */
export type Span = readonly [Stretch, Stretch];

/** Where pieces are folded back onto themselves, by piece. */
export type Tucks = ReadonlyMap<string, RimPlace[]>;

/** Lays the two edges of a seam on each other. Declared ease is spread over the whole seam; but if the shorter edge is in two
 * parts that do not touch, it lies where they part, and if the longer one is folded back onto itself, it is taken in there.
 * @throws CoreError `form.lineSeam` if the seam runs along a line on a face */
export function matchSeam(seam: FlatSeam, rims: ReadonlyMap<string, Rim>, tucks: Tucks): Span[] {
  const a = walkOf(seam.a, rims.get(seam.a.piece)!);
  const b = walkOf(seam.b, rims.get(seam.b.piece)!);
  return spansOf(seam, a, b, tucks);
}

function walkOf({ parts, piece }: EdgeRun, rim: Rim): Walk {
  const walked = parts.map((part): Part => {
    if (!('edge' in part)) throw new CoreError('form.lineSeam', `a seam on the face of ${piece} joins no edges`, piece);
    const { edge, from = 0, to = rim.lengthOf(edge), reversed = false } = part;
    return { edge, from, to, reversed };
  });
  const kept = walked.filter(({ from, to }) => to - from > 1e-6);
  const starts = [0];
  for (const { from, to } of kept) starts.push(starts.at(-1)! + to - from);
  return { rim, parts: kept, starts, length: starts.at(-1)! };
}

/** How far a walk has come where its parts do not touch. */
function breaks({ rim, parts, starts }: Walk): number[] {
  return parts.slice(1).flatMap((part, index) => {
    const last = parts[index]!;
    const end = rim.pointAt({ edge: last.edge, at: last.reversed ? last.from : last.to });
    const start = rim.pointAt({ edge: part.edge, at: part.reversed ? part.to : part.from });
    return distance(end, start) > 0.1 ? [starts[index + 1]!] : [];
  });
}

const whole = (a: Walk, b: Walk): Span => [
  { walk: a, from: 0, to: a.length },
  { walk: b, from: 0, to: b.length },
];

function spansOf({ ease }: FlatSeam, a: Walk, b: Walk, tucks: Tucks): Span[] {
  const [longer, shorter] = a.length >= b.length ? [a, b] : [b, a];
  const more = longer.length - shorter.length;
  if (ease?.between) return betweenMarks(ease.between, a, b);
  const skipped = ease && more > 0.1 ? skippedOf(ease, longer, shorter, tucks) : [];
  if (skipped.length === 0) return [whole(a, b)];
  // what is skipped of the longer edge lies nowhere on the shorter one
  const spans: Span[] = [];
  let [long, short] = [0, 0];
  for (const { from, to, folded } of [...skipped, { from: longer.length, to: longer.length, folded: false }]) {
    const next = short + from - long;
    if (from - long > 1e-6)
      spans.push([
        { walk: longer, from: long, to: from },
        { walk: shorter, from: short, to: next },
      ]);
    if (folded && from > 1e-6)
      spans.push([
        { walk: longer, from, to: (from + to) / 2 },
        { walk: longer, from: to, to: (from + to) / 2 },
      ]);
    [long, short] = [to, next];
  }
  return spans;
}

/** The ease lies between two marks: before and behind them both edges are equally long. */
function betweenMarks(ids: [string, string], a: Walk, b: Walk): Span[] {
  const marks = (walk: Walk) =>
    ids
      .flatMap((id) =>
        walk.rim.piece.notches.filter((notch) => notch.id === id).flatMap((notch) => alongOf(walk, notch)),
      )
      .sort((p, q) => p - q);
  const knots = (walk: Walk) => [0, ...marks(walk), walk.length];
  const [one, other] = [knots(a), knots(b)];
  if (one.length !== other.length) return [whole(a, b)];
  return one.slice(1).map((to, index): Span => [
    { walk: a, from: one[index]!, to },
    { walk: b, from: other[index]!, to: other[index + 1]! },
  ]);
}

/** A stretch of the longer edge that meets nothing of the shorter one; folded back, it lies on itself. */
interface Skipped {
  from: number;
  to: number;
  folded: boolean;
}

function skippedOf(ease: NonNullable<FlatSeam['ease']>, longer: Walk, shorter: Walk, tucks: Tucks): Skipped[] {
  const more = longer.length - shorter.length;
  const open = (from: number): Skipped => ({ from, to: from + more, folded: false });
  if (ease.at === 'start') return [open(0)];
  if (ease.at === 'end') return [open(shorter.length)];
  // if the shorter edge is in two parts that do not touch, the longer one spans what lies between them
  const [at, ...rest] = breaks(shorter);
  return at !== undefined && rest.length === 0 ? [open(at)] : skippedAtTucks(longer, more, tucks);
}

/** Where a piece is folded back onto itself its rim is taken in, evenly to both sides. */
function skippedAtTucks(longer: Walk, more: number, tucks: Tucks): Skipped[] {
  const at = (tucks.get(longer.rim.piece.id) ?? []).flatMap((place) => alongOf(longer, place)).sort((p, q) => p - q);
  const atEnd = (along: number) => along < 0.1 || along > longer.length - 0.1;
  const each = more / (2 * at.length - at.filter(atEnd).length);
  return at.map((along) => ({
    from: Math.max(0, along - each),
    to: Math.min(longer.length, along + each),
    folded: !atEnd(along),
  }));
}

/** How far along a walk a place of its rim lies; nothing if it is elsewhere. */
function alongOf({ rim, parts, starts }: Walk, place: RimPlace): number[] {
  const point = rim.pointAt(place);
  return parts.flatMap(({ edge, from, to, reversed }, index) => {
    const end = rim.lengthOf(edge);
    // the end of an edge is the start of the next one
    const atEnd = distance(point, rim.pointAt({ edge, at: end })) < 0.02;
    const at = place.edge === edge ? place.at : atEnd ? end : NaN;
    if (!(at > from - 0.02 && at < to + 0.02)) return [];
    return [starts[index]! + (reversed ? to - at : at - from)];
  });
}

/** Where a stretch is after so many mm of its walk; at its ends, on the part that it runs along. */
function placeAt({ walk: { parts, starts }, from, to }: Stretch, along: number): RimPlace {
  const inside = along + Math.sign((from + to) / 2 - along) * 1e-6;
  const last = parts.length - 1;
  const found = parts.findIndex((_, index) => index === last || inside <= starts[index + 1]!);
  const part = parts[found]!;
  const on = along - starts[found]!;
  return { edge: part.edge, at: part.reversed ? part.to - on : part.from + on };
}

/** How far along the places of a walk's rim lie, from one end of a stretch to the other. */
function stops({ walk, from: first, to: last }: Stretch): number[] {
  const { rim, parts, starts } = walk;
  const all = parts.flatMap(({ edge, from, to, reversed }, index) =>
    rim.within(edge, from, to).map((at) => starts[index]! + (reversed ? to - at : at - from)),
  );
  const [low, high] = [Math.min(first, last), Math.max(first, last)];
  return [first, ...all.filter((along) => along > low + 1e-6 && along < high - 1e-6), last];
}

/** The same place on the other stretch. */
const across = (along: number, one: Stretch, other: Stretch): number =>
  other.from + ((along - one.from) / (one.to - one.from)) * (other.to - other.from);

/** Gives both rims of a seam a place wherever the other has one. @returns whether one was added */
export function shareStops(spans: readonly Span[]): boolean {
  let added = false;
  const share = (one: Stretch, other: Stretch) => {
    for (const along of stops(one)) {
      if (one.walk.rim.add(placeAt(one, along))) added = true;
      if (other.walk.rim.add(placeAt(other, across(along, one, other)))) added = true;
    }
  };
  for (const [one, other] of spans) {
    share(one, other);
    share(other, one);
  }
  return added;
}

/** A place of a piece's rim. */
export interface PiecePlace extends RimPlace {
  piece: string;
}

/** Places that the seam lays on each other. */
export function sewnPairs(spans: readonly Span[]): [PiecePlace, PiecePlace][] {
  return spans.flatMap(([one, other]) =>
    stops(one).flatMap((along): [PiecePlace, PiecePlace][] => {
      const a = one.walk.rim.find(placeAt(one, along));
      const b = other.walk.rim.find(placeAt(other, across(along, one, other)));
      return a && b
        ? [
            [
              { ...a, piece: one.walk.rim.piece.id },
              { ...b, piece: other.walk.rim.piece.id },
            ],
          ]
        : [];
    }),
  );
}
