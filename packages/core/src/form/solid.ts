import type { Folded } from './fold.ts';
import type { Glued } from './glue.ts';
import type { Settled } from './settle.ts';
import { lidVolume } from './lid.ts';
import { ringArea } from './ring-area.ts';
import { dot, lengthOf, type Vector } from './vector.ts';

/** A flat facet of a piece in space: its corners in turn, counter-clockwise seen from the right side. */
export interface Face {
  piece: string;
  corners: number[];
}

/** How sewn pieces hang together, wherever they lie. */
export interface Topology {
  /** Rings of corners where nothing is sewn on: mouths, slits of zippers. */
  rims: number[][];
  /** Edges that two pieces meet the wrong way round, or that more than two meet; none if they are sewn as they are meant. */
  twisted: [number, number][];
  /** Corners less edges plus faces: 2 for a closed skin, one less for each mouth. */
  euler: number;
}

/** Pieces sewn together in space, along the middle of their layers. */
export interface Solid extends Topology {
  /** mm */
  corners: Vector[];
  faces: Face[];
  /** What it holds, its mouths closed by lids (see `lidVolume`), mm³; negative if it is inside out. */
  volume: number;
  /** Of all faces, mm². */
  area: number;
  /** Between the outermost corners along each axis, mm. */
  extent: Vector;
  /** How far apart at most what is sewn together comes to lie, mm. */
  gap: number;
}

/** The skin of sewn pieces as a mesh, measured.
 * @param hangs how they hang together, if that is known already: it is the same wherever they lie */
export function solidOf(
  glued: Glued,
  parts: readonly Folded[],
  { corners, gaps }: Settled,
  hangs = topologyOf(glued),
): Solid {
  const faces = parts.flatMap(({ piece, facets }) => {
    const { facets: rings, corners: names, piece: cut } = glued.pieces[piece]!;
    return [...facets.keys()].flatMap((facet): Face[] => {
      const ring = rings[facet]!.map((index) => names[index]!);
      const turns = ring.filter((corner, index) => corner !== ring[(index + 1) % ring.length]);
      return turns.length < 3 ? [] : [{ piece: cut.id, corners: turns }];
    });
  });
  return measured({ ...hangs, corners, faces, gap: Math.max(0, ...gaps) });
}

/** The same faces with their corners elsewhere. */
export const remeasured = ({ rims, twisted, euler, corners, faces, gap }: Solid): Solid =>
  measured({ rims, twisted, euler, corners, faces, gap });

function measured(solid: Omit<Solid, 'volume' | 'area' | 'extent'>): Solid {
  const { corners, faces, rims } = solid;
  const used = [...new Set(faces.flatMap((face) => face.corners))].map((corner) => corners[corner]!);
  const span = (axis: number): number => {
    const all = used.map((corner) => corner[axis]!);
    return Math.max(...all) - Math.min(...all);
  };
  const add = (values: number[]) => values.reduce((sum, each) => sum + each, 0);
  return {
    ...solid,
    volume:
      add(faces.map((face) => fanVolume(face, corners))) +
      add(rims.map((rim) => lidVolume(rim.map((corner) => corners[corner]!)))),
    area: add(faces.map((face) => lengthOf(ringArea(ringOf(face, corners))))),
    extent: [span(0), span(1), span(2)],
  };
}

/** Sides of the facets along the rims of their pieces, from corner to corner; a bend is an edge between its own two facets. */
function sidesOf({ pieces }: Glued): [number, number][] {
  return pieces.flatMap(({ facets, joints, corners }) => {
    const bent = new Set(joints.flatMap(({ u, v }) => [`${u} ${v}`, `${v} ${u}`]));
    return facets.flatMap((ring) =>
      ring.flatMap((index, at): [number, number][] => {
        const next = ring[(at + 1) % ring.length]!;
        const [a, b] = [corners[index]!, corners[next]!];
        return bent.has(`${index} ${next}`) || a === b ? [] : [[a, b]];
      }),
    );
  });
}

/** How the pieces hang together: edges that one face only has make the rims. */
export function topologyOf(glued: Glued): Topology {
  const ways = new Map<string, number>();
  const key = (a: number, b: number) => `${a} ${b}`;
  for (const [a, b] of sidesOf(glued)) ways.set(key(a, b), (ways.get(key(a, b)) ?? 0) + 1);
  const open: [number, number][] = [];
  const twisted: [number, number][] = [];
  const sum = (count: (piece: Glued['pieces'][number]) => number) =>
    glued.pieces.reduce((total, piece) => total + count(piece), 0);
  let edges = sum(({ joints }) => joints.length);
  for (const [name, count] of ways) {
    const [a, b] = name.split(' ').map(Number) as [number, number];
    const back = ways.get(key(b, a)) ?? 0;
    if (back === 0 || a < b) edges += 1;
    if (count > 1) twisted.push([a, b]);
    else if (back === 0) open.push([a, b]);
  }
  return { rims: chained(open), twisted, euler: glued.corners - edges + sum(({ facets }) => facets.length) };
}

/** Rings out of single edges. */
function chained(open: [number, number][]): number[][] {
  const from = new Map<number, [number, number][]>();
  for (const edge of open) from.set(edge[0], [...(from.get(edge[0]) ?? []), edge]);
  const left = new Set(open);
  const rings: number[][] = [];
  for (const first of open) {
    if (!left.has(first)) continue;
    const ring: number[] = [];
    for (let edge: [number, number] | undefined = first; edge;) {
      left.delete(edge);
      ring.push(edge[0]);
      edge = from.get(edge[1])?.find((next) => left.has(next));
    }
    rings.push(ring);
  }
  return rings;
}

/** A third of area times height over the origin. */
const fanVolume = (face: Face, corners: readonly Vector[]): number =>
  dot(ringArea(ringOf(face, corners)), corners[face.corners[0]!]!) / 3;

const ringOf = (face: Face, corners: readonly Vector[]): Vector[] => face.corners.map((corner) => corners[corner]!);
