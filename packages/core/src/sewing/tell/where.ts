import { listed } from '../../errors/listed.ts';
import { edgeLength } from '../../geometry/outline.ts';
import type { Piece } from '../../pieces/piece.ts';
import { isOnLines, edgesOf, type EdgeRun, type RunPart, type Seam } from '../../pieces/seam.ts';
import { alongLines, alongRuns, called, edgesNamed } from './words.ts';

/** Seams that join the same two pieces. */
export type Pair = [Seam, ...Seam[]];

/** Seams by the pieces that they join. */
export function pairsOf(seams: readonly Seam[]): Pair[] {
  const pairs = new Map<string, Pair>();
  for (const seam of seams) {
    const key = `${seam.a.piece} ${seam.b.piece}`;
    const there = pairs.get(key);
    if (there) there.push(seam);
    else pairs.set(key, [seam]);
  }
  return [...pairs.values()];
}

const edgesAt = (pair: Pair, side: 'a' | 'b'): string[] => pair.flatMap((seam) => edgesOf(seam[side]));

/** An edge of a wall of a box that is named after the wall beside it. */
const BESIDE = /^(front|back|left|right|base)\/(front|back|left|right|base)$/;

/** Where seams of two pieces lie: at lines that are marked on the lower one, or along edges of the upper one. */
export function whereOf(pair: Pair, a: Piece, b: Piece): string {
  const edges = edgesAt(pair, 'a');
  if (edges.length > 0 && edges.every((edge) => BESIDE.test(edge))) return ' along the edge that is named after it';
  const onLines = pair.every((seam) => isOnLines(seam.b));
  const lower = onLines || a.byRuler;
  const runs = pair.map((seam) => (lower ? seam.b : seam.a));
  const words = alongRuns(lower ? b : a, runs);
  return words === '' ? '' : ` ${words}`;
}

/** Where it lies on a part of an edge, by the notches at both ends of it. */
export function betweenNotches(pair: Pair, piece: Piece): string {
  const places = pair.flatMap(({ b }) => notchesAt(b, piece));
  return places.length > 0 ? `, ${listed([...new Set(places)])}` : '';
}

/** Nearer than this to the end of an edge, or to a notch, it is there. mm */
const NEAR = 0.6;

/** The notches at the ends of a part of an edge, in words. */
export function notchesAt({ parts }: EdgeRun, piece: Piece): string[] {
  const [part] = parts;
  if (parts.length !== 1 || !part || !('edge' in part)) return [];
  const edge = piece.stitch.find(({ id }) => id === part.edge);
  if (!edge) return [];
  const names = inside(part, edgeLength(edge)).flatMap((at) => {
    const notch = piece.notches.find((each) => each.edge === part.edge && Math.abs(each.at - at) < NEAR);
    return notch?.name ?? [];
  });
  if (names.length === 2) return [`between ${names.toSorted().join(' and ')}`];
  return names.length === 1 ? [`up to ${names[0]}`] : [];
}

/** Ends of a part that do not lie at the ends of its edge, mm. */
const inside = ({ from = 0, to }: RunPart, whole: number): number[] =>
  [from, to ?? whole].filter((at) => at > NEAR && at < whole - NEAR);

/** A piece that is sewn to itself: folded, or closed to a ring; or two that are cut alike. */
export function itself(pair: Pair, piece: Piece): string {
  const [a, b] = [edgesAt(pair, 'a'), edgesAt(pair, 'b')];
  const on = called(piece);
  if (a.length === 0) return `the layers of ${on} to each other ${alongLines(piece, linesOf(pair))}`;
  if (piece.count > 1) {
    const where = a.length >= piece.stitch.length ? 'all round' : `along the ${edgesNamed(a)}`;
    return `both pieces of ${on} to each other ${where}`;
  }
  if (a.every((edge) => BESIDE.test(edge))) return `the ${pair.length} upright seams of ${on}`;
  const sides = pair.map(sideOf);
  if (sides.every((side) => side !== undefined)) {
    const noun = a.every((edge) => /\d$/.test(edge)) ? 'end' : 'side';
    const words = sides.includes('open') ? listed(sides.map((side) => openSides[side!] ?? side!)) : undefined;
    return words ? `the ${words} of ${on}` : `the ${listed(sides)} ${noun}${sides.length > 1 ? 's' : ''} of ${on}`;
  }
  if (edgesNamed(a) === edgesNamed(b)) return `the ${edgesNamed(a)} of ${on} where it is folded`;
  return `the ${edgesNamed(a)} of ${on} to its ${edgesNamed(b)}`;
}

const openSides: Record<string, string> = { open: 'open side', bottom: 'bottom' };

const linesOf = (pair: Pair): string[] =>
  pair.flatMap(({ a }) => a.parts.flatMap((part) => ('line' in part ? [part.line] : [])));

/** The side that one of its seams closes: `right` where the front half of it meets the back half, `open` where the other ends of a
 * folded piece meet. */
function sideOf({ a, b }: Seam): string | undefined {
  const [one, other] = [edgesOf(a), edgesOf(b)];
  const halves = new Set([...one, ...other].map(half));
  const [only] = halves;
  if (halves.size === 1 && only !== undefined) return only;
  return one.length === 1 && other.length === 1 && facing[one[0]!] === other[0] ? 'open' : undefined;
}

const facing: Record<string, string> = { left: 'right', right: 'left' };

/** “right” of the front half of a right side. */
const half = (edge: string): string | undefined => /^([a-z]+)-(?:front|back|\d)$/.exec(edge)?.[1];
