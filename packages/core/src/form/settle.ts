import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { arrangements, type Hold, type Pair, type Side } from './arrange.ts';
import { inSpace, type Folded } from './fold.ts';
import type { Glued } from './glue.ts';
import {
  about,
  after,
  dot,
  lengthOf,
  less,
  middleOf,
  moved,
  plus,
  still,
  turned,
  type Motion,
  type Vector,
} from './vector.ts';

/** Parts in space. */
export interface Settled {
  motions: Motion[];
  /** For each corner, where its holders bring it, mm. */
  corners: Vector[];
  /** For each corner, the farthest that one of its holders is from the others, mm. */
  gaps: number[];
}

const ROUNDS = 60;
/** So many first places are tried. */
const TRIES = 8;

/** Brings rigid parts to where all their common corners meet, or as near as they can come.
 * @param close a gap that counts as none, mm
 * @param insideOut whether they stand with their right sides in: where nothing closes, such a way is taken last */
export function settle(
  glued: Glued,
  parts: readonly Folded[],
  close: number,
  insideOut: (settled: Settled) => boolean,
): Settled {
  const holds = holdsOf(glued, parts);
  const pairs = pairsOf(glued, parts);
  const size = Math.max(...glued.pieces.flatMap(({ points }) => points.flat()));
  let best: (Settled & { wrong: boolean }) | undefined;
  let tries = 0;
  const better = (one: Settled & { wrong: boolean }) =>
    !best || (one.wrong === best.wrong ? worst(one) < worst(best) : best.wrong);
  for (const first of arrangements({ count: parts.length, holds, pairs, loose: size / 12 })) {
    const settled = relax(holds, first);
    // what closes is right, whichever way it was found
    const tried = { ...settled, wrong: worst(settled) > close && insideOut(settled) };
    if (better(tried)) best = tried;
    tries += 1;
    if (worst(best!) <= close || tries >= TRIES) break;
  }
  return best!;
}

const worst = ({ gaps }: Settled): number => Math.max(0, ...gaps);

/** Who holds each corner. */
function holdsOf(glued: Glued, parts: readonly Folded[]): Hold[][] {
  const holds = Array.from({ length: glued.corners }, (): Hold[] => []);
  parts.forEach(({ piece, facets }, part) => {
    const { points, corners, facets: rings } = glued.pieces[piece]!;
    for (const [facet, motion] of facets)
      for (const index of rings[facet]!) {
        const at = moved(motion, inSpace(points[index]!));
        const there = holds[corners[index]!]!;
        if (!there.some((other) => other.part === part && lengthOf(less(other.at, at)) < 1e-9))
          there.push({ part, at });
      }
  });
  return holds;
}

/** Sides that two parts share, the longest first. */
function pairsOf(glued: Glued, parts: readonly Folded[]): Pair[] {
  const sides = new Map<string, Side[]>();
  parts.forEach(({ piece, facets }, part) => {
    const { points, corners, facets: rings, joints } = glued.pieces[piece]!;
    const hinges = joints.filter(({ free }) => free);
    for (const [facet, motion] of facets) {
      const ring = rings[facet]!;
      ring.forEach((index, i) => {
        const next = ring[(i + 1) % ring.length]!;
        const key = [corners[index]!, corners[next]!].sort((a, b) => a - b).join(' ');
        const hinge = hinges.find(({ u, v }) => (u === index && v === next) || (u === next && v === index));
        const side: Side = {
          part,
          ...(hinge && { hinge: hinge.angle }),
          from: moved(motion, inSpace(points[index]!)),
          to: moved(motion, inSpace(points[next]!)),
          normal: turned(motion, [0, 0, 1]),
        };
        sides.set(key, [...(sides.get(key) ?? []), side]);
      });
    }
  });
  const length = ([{ from, to }]: Pair) => lengthOf(less(to, from));
  return [...sides.values()]
    .flatMap((all) => all.flatMap((a, i) => all.slice(i + 1).map((b): Pair => [a, b])))
    .filter(([a, b]) => a.part !== b.part)
    .sort((a, b) => length(b) - length(a));
}

/** Corners where their holders are on average, and how far each is off. */
function meet(holds: readonly Hold[][], motions: readonly Motion[]): { corners: Vector[]; off: Vector[][] } {
  const at = holds.map((all) => all.map(({ part, at: own }) => moved(motions[part]!, own)));
  const corners = at.map((points) => (points.length > 0 ? middleOf(points) : ([0, 0, 0] as Vector)));
  return { corners, off: at.map((points, index) => points.map((point) => less(point, corners[index]!))) };
}

const squares = (off: Vector[][]): number => off.flat().reduce((sum, each) => sum + dot(each, each), 0);

/** Least squares over turns and moves of all parts but the first (Levenberg and Marquardt). */
function relax(holds: readonly Hold[][], first: Motion[]): Settled {
  let motions = first;
  let now = meet(holds, motions);
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS && motions.length > 1; round += 1) {
    const step = stepOf(holds, motions, now.corners, damping);
    if (!step) break;
    const next = motions.map((motion, part) => stepped(motion, step, part));
    const then = meet(holds, next);
    const [before, afterwards] = [squares(now.off), squares(then.off)];
    if (afterwards < before) {
      motions = next;
      now = then;
      damping = Math.max(1e-9, damping / 5);
      if (before - afterwards < 1e-12 * (1 + before)) break;
    } else {
      damping *= 8;
      if (damping > 1e9) break;
    }
  }
  return { motions, corners: now.corners, gaps: now.off.map((all) => Math.max(0, ...all.map(lengthOf))) };
}

/** Turn (three numbers) and move (three) of each part but the first. */
function stepOf(
  holds: readonly Hold[][],
  motions: readonly Motion[],
  corners: readonly Vector[],
  damping: number,
): number[] | undefined {
  const size = 6 * (motions.length - 1);
  const normal = Matrix.zeros(size, size);
  const right = Matrix.zeros(size, 1);
  holds.forEach((all, corner) => {
    if (all.length < 2) return;
    const rows = all.map(({ part, at }) => ({
      part,
      arm: turned(motions[part]!, at),
      off: less(moved(motions[part]!, at), corners[corner]!),
    }));
    // each hold against the mean of all, which moves with them
    const share = 1 / all.length;
    rows.forEach(({ off }, own) => {
      for (let axis = 0; axis < 3; axis += 1) {
        const line = new Map<number, number>();
        rows.forEach(({ part, arm }, index) => {
          if (part === 0) return;
          const weight = (index === own ? 1 : 0) - share;
          gradient(arm, axis).forEach((value, k) => {
            const column = 6 * (part - 1) + k;
            line.set(column, (line.get(column) ?? 0) + weight * value);
          });
        });
        addTo(normal, right, line, off[axis]!);
      }
    });
  });
  for (let i = 0; i < size; i += 1) normal.set(i, i, normal.get(i, i) * (1 + damping) + 1e-9);
  const solved = new CholeskyDecomposition(normal);
  return solved.isPositiveDefinite() ? solved.solve(right).to1DArray() : undefined;
}

/** One equation into the normal equations. */
function addTo(normal: Matrix, right: Matrix, line: ReadonlyMap<number, number>, off: number): void {
  for (const [i, a] of line) {
    right.set(i, 0, right.get(i, 0) - a * off);
    for (const [j, b] of line) normal.set(i, j, normal.get(i, j) + a * b);
  }
}

/** How one coordinate of a point changes with a small turn about the three axes, and with a move. */
function gradient([x, y, z]: Vector, axis: number): number[] {
  const turns = [
    [0, z, -y],
    [-z, 0, x],
    [y, -x, 0],
  ];
  return [...turns[axis]!, ...[0, 1, 2].map((other) => (other === axis ? 1 : 0))];
}

function stepped({ turn, move }: Motion, step: readonly number[], part: number): Motion {
  if (part === 0) return { turn, move };
  const [a, b, c, x, y, z] = step.slice(6 * (part - 1), 6 * part) as [number, number, number, number, number, number];
  const angle = Math.hypot(a, b, c);
  const by = angle > 1e-15 ? about([0, 0, 0], [a / angle, b / angle, c / angle], angle) : still;
  return { turn: after(by, { turn, move: [0, 0, 0] }).turn, move: plus(move, [x, y, z]) };
}
