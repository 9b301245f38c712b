import type { Point } from '../geometry/perimeter.ts';
import { creasesOf, type Crease } from './creases.ts';
import { matchSeam, sewnPairs, shareStops } from './match.ts';
import { Rim, type RimPlace } from './rim.ts';
import type { FlatPiece, FlatSeam } from './flat.ts';

export interface GlueOptions {
  /** Largest turn from chord to chord of what is round, rad; default a 48th of a full turn. */
  step?: number;
  /** Whether what opens lies flat; default closed. */
  open?: boolean;
}

/** A bend line between two facets of a piece. */
export interface Joint {
  /** Facets by index; the first has its rim run from `u` to `v`. */
  facets: [number, number];
  /** Points by index. */
  u: number;
  v: number;
  angle: number;
  free: boolean;
}

/** A piece cut into flat facets by its bends, its rim sewn to others. */
export interface GluedPiece {
  piece: FlatPiece;
  /** Places of the rim, flat, mm, counter-clockwise. */
  points: Point[];
  /** For each of them the corner of the solid that it comes to lie in. */
  corners: number[];
  /** Rings of points, by index. */
  facets: number[][];
  joints: Joint[];
}

/** Pieces sewn together, not yet in space. */
export interface Glued {
  pieces: GluedPiece[];
  /** How many corners the solid has. */
  corners: number;
}

const FULL = 2 * Math.PI;

/** Sews flat pieces together: what a seam lays on each other is one corner of the solid.
 * @throws CoreError `form.lineSeam` */
export function glue(pieces: readonly FlatPiece[], seams: readonly FlatSeam[], options: GlueOptions = {}): Glued {
  const { step = FULL / 48, open = false } = options;
  const rims = new Map(pieces.map((piece) => [piece.id, new Rim(piece, step)]));
  const creases = new Map(pieces.map((piece) => [piece.id, creasesOf(piece, rims.get(piece.id)!, { step, open })]));
  for (const [id, lines] of creases)
    for (const { from, to } of lines) [from, to].forEach((place) => rims.get(id)!.add(place));
  const tucks = new Map(
    [...creases].map(([id, lines]) => [
      id,
      lines.filter(({ angle }) => angle <= -FULL / 2).flatMap(({ from, to }) => [from, to]),
    ]),
  );
  const matched = seams.map((seam) => matchSeam(seam, rims, tucks));
  // a place that comes from one seam may lie in another
  for (let again = true, rounds = 0; again && rounds < 8; rounds += 1) again = matched.map(shareStops).some(Boolean);
  const rings = pieces.map((piece) => ({ piece, ring: rims.get(piece.id)!.ring() }));
  const keys = new Map<string, number>();
  for (const { piece, ring } of rings) for (const place of ring) keys.set(keyOf(piece.id, place), keys.size);
  const joined = new Groups(keys.size);
  for (const match of matched)
    for (const [a, b] of sewnPairs(match)) joined.join(keys.get(keyOf(a.piece, a))!, keys.get(keyOf(b.piece, b))!);
  const names = joined.names();
  return {
    corners: Math.max(0, ...names) + 1,
    pieces: rings.map(({ piece, ring }) => {
      const index = new Map(ring.map((place, at) => [keyOf(piece.id, place), at]));
      const lines = creases.get(piece.id)!.flatMap((crease) => between(crease, piece.id, rims.get(piece.id)!, index));
      return {
        piece,
        points: ring.map(({ point }) => point),
        corners: ring.map((place) => names[keys.get(keyOf(piece.id, place))!]!),
        ...cutApart(ring.length, lines),
      };
    }),
  };
}

const keyOf = (piece: string, { edge, at }: RimPlace): string => `${piece}|${edge}|${at}`;

interface Chord {
  u: number;
  v: number;
  angle: number;
  free: boolean;
}

function between({ from, to, ...rest }: Crease, piece: string, rim: Rim, index: Map<string, number>): Chord[] {
  const [a, b] = [from, to].map((place) => rim.find(place));
  if (!a || !b) return [];
  const [u, v] = [index.get(keyOf(piece, a)), index.get(keyOf(piece, b))];
  return u === undefined || v === undefined || u === v ? [] : [{ u, v, ...rest }];
}

/** Facets of a ring of so many points parted by chords that do not cross. */
function cutApart(count: number, chords: readonly Chord[]): Pick<GluedPiece, 'facets' | 'joints'> {
  let facets = [Array.from({ length: count }, (_, index) => index)];
  const kept: Chord[] = [];
  for (const chord of chords) {
    const host = facets.find((facet) => parts(facet, chord));
    if (!host) continue;
    const [i, j] = [host.indexOf(chord.u), host.indexOf(chord.v)].sort((a, b) => a - b) as [number, number];
    const halves = [host.slice(i, j + 1), [...host.slice(j), ...host.slice(0, i + 1)]];
    facets = [...facets.filter((facet) => facet !== host), ...halves];
    kept.push(chord);
  }
  const runs = (facet: number[], u: number, v: number) => facet[(facet.indexOf(u) + 1) % facet.length] === v;
  const holding = (u: number, v: number) => facets.findIndex((facet) => facet.includes(u) && runs(facet, u, v));
  return {
    facets,
    joints: kept.map(({ u, v, ...rest }) => ({ facets: [holding(u, v), holding(v, u)], u, v, ...rest })),
  };
}

/** Whether a chord leaves something of the facet on both of its sides. */
function parts(facet: readonly number[], { u, v }: Chord): boolean {
  const [i, j] = [facet.indexOf(u), facet.indexOf(v)];
  if (i < 0 || j < 0) return false;
  const apart = Math.abs(i - j);
  return apart > 1 && apart < facet.length - 1;
}

/** Things that are one, by number. */
class Groups {
  private readonly parent: number[];
  constructor(count: number) {
    this.parent = Array.from({ length: count }, (_, index) => index);
  }
  private root(of: number): number {
    let at = of;
    while (this.parent[at] !== at) at = this.parent[at]!;
    return at;
  }
  join(a: number, b: number): void {
    this.parent[this.root(a)] = this.root(b);
  }
  /** For each thing the number of its group, from 0. */
  names(): number[] {
    const known = new Map<number, number>();
    return this.parent.map((_, index) => {
      const root = this.root(index);
      if (!known.has(root)) known.set(root, known.size);
      return known.get(root)!;
    });
  }
}
