import { edgeLength } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';
import type { Action } from '../sewing/actions/action.ts';

/** A step as it is carried out here: what is done, one after the other. */
interface Doing {
  id: string;
  actions: readonly Action[];
}
interface Work {
  pieces: readonly Piece[];
  seams: readonly Seam[];
  operations: readonly Doing[];
}

/** A stretch of an edge, mm from its start. */
interface Interval {
  piece: string;
  edge: string;
  from: number;
  to: number;
}
/** A stretch that a needle has gone through, and for good or not. */
interface Stitched extends Interval {
  seam: string;
  forGood: boolean;
}

type Say = (words: string) => void;
const isBody = (id: string): boolean => id.startsWith('body/');
/** Shorter than this is no stretch, mm. */
const NONE = 0.05;
const overlap = (a: Interval, b: Interval): boolean =>
  a.piece === b.piece && a.edge === b.edge && Math.min(a.to, b.to) - Math.max(a.from, b.from) > NONE;

/** Carries steps out on cloth with edges: knows nothing of what steps wait for, and nothing of the model of the work. Edges are intervals,
 * what lies on a cloth is a list.
 * @returns what a maker would find wrong at the bench, in words */
export function interpret({ pieces, seams, operations }: Work): string[] {
  const bench = new Bench(pieces, seams);
  for (const { id, actions } of operations) for (const action of actions) bench.do(action, id);
  bench.end();
  return bench.wrong;
}

class Bench {
  readonly wrong: string[] = [];
  readonly #pieces: ReadonlyMap<string, Piece>;
  readonly #seams: ReadonlyMap<string, Seam>;
  readonly #cut = new Set<string>();
  readonly #held = new Set<string>();
  readonly #stitched: Stitched[] = [];
  readonly #sewn = new Set<string>();
  /** What was sewn by machine with right sides together, and not turned since. */
  readonly #insideOut = new Set<string>();
  readonly #gapsOpen = new Set<string>();
  readonly #set = new Set<string>();

  constructor(pieces: readonly Piece[], seams: readonly Seam[]) {
    this.#pieces = new Map(pieces.map((piece) => [piece.id, piece]));
    this.#seams = new Map(seams.map((seam) => [seam.id, seam]));
  }

  do(action: Action, step: string): void {
    const say = (words: string) => this.wrong.push(`${step}: ${words}`);
    const seams = 'seams' in action ? (action.seams ?? []) : [];
    for (const id of seams) {
      const seam = this.#seams.get(id);
      if (seam) this.#sew(seam, action, say);
    }
    this.#handle(action, say);
  }

  #handle(action: Action, say: Say): void {
    switch (action.verb) {
      case 'cut':
        for (const id of action.pieces) this.#cut.add(id);
        return;
      case 'fuse':
      case 'basteLayer':
        return this.#hold(action.to, action.layer, say);
      case 'turn':
        return action.out === 'wrong' || action.window ? undefined : this.#turn(action.pieces, action.through, say);
      case 'closeGap':
        return this.#closeGap(action.piece, say);
      case 'topstitch':
        return action.closesGap ? this.#closeGap(action.piece, say) : undefined;
      case 'insert':
        return action.way === 'throughGap' ? this.#slideIn(action.pieces, say) : undefined;
      case 'setHardware':
        return this.#fasten(action, say);
      default:
    }
  }

  #slideIn(pieces: readonly string[], say: Say): void {
    if (![...this.#gapsOpen].some(isBody)) say(`${pieces.join()} cannot get in: no gap is open`);
  }

  /** An inner layer lies on the wrong side: it is reached while the piece is sewn to nothing. */
  #hold(to: string, layer: string | undefined, say: Say): void {
    if (this.#stitched.some(({ piece, forGood }) => piece === to && forGood)) say(`${to} is sewn, no layer goes in`);
    this.#held.add(layer ?? to);
  }

  #sew(seam: Seam, action: Action, say: Say): void {
    const { id, kind, a, b } = seam;
    for (const { piece } of [a, b]) {
      if (!this.#cut.has(piece)) say(`${piece} is not cut`);
      for (const layer of this.#layersOf(piece)) if (!this.#held.has(layer)) say(`${layer} is not held yet`);
    }
    if (this.#sewn.has(id)) say(`${id} is sewn twice`);
    this.#sewn.add(id);
    const forGood = kind === 'sewn';
    for (const interval of this.#intervals([a, b]))
      this.#stitch({ ...interval, seam: id, forGood }, seam, action.verb, say);
    if (forGood && action.verb === 'sew') for (const { piece } of [a, b]) this.#insideOut.add(piece);
  }

  /** A stretch goes into one seam for good, and what only lies in it comes before. */
  #stitch(stretch: Stitched, { kind, a, b }: Seam, verb: Action['verb'], say: Say): void {
    const piece = this.#pieces.get(stretch.piece)!;
    const before = this.#stitched.filter((each) => overlap(each, stretch));
    const forGood = before.filter((each) => each.forGood);
    const ownSelf = a.piece === b.piece;
    if (stretch.forGood && !piece.byRuler && piece.count === 1 && forGood.length > 0 && !ownSelf)
      if (!forGood.every((each) => this.#isLayer(each.seam, stretch.seam)))
        say(`${stretch.seam} takes a stretch of ${stretch.piece} ${stretch.edge} that ${forGood[0]!.seam} has`);
    if (kind === 'caught' && verb !== 'bind' && stretch.piece === b.piece && forGood.length > 0)
      say(`${stretch.seam} comes too late: ${forGood[0]!.seam} is sewn over its place`);
    this.#stitched.push(stretch);
  }

  /** Two seams of one stretch that are one row in the end: its cloth lies in both with another layer. */
  #isLayer(one: string, other: string): boolean {
    const [a, b] = [this.#seams.get(one)!, this.#seams.get(other)!];
    return a.a.piece !== b.a.piece || a.b.piece !== b.b.piece;
  }

  #turn(pieces: readonly string[], through: string | undefined, say: Say): void {
    if (!pieces.some((id) => this.#insideOut.has(id)))
      say('nothing is sewn with right sides together that could be turned');
    for (const id of pieces) this.#insideOut.delete(id);
    const gap =
      through === undefined ? undefined : this.#pieces.get(through)?.gaps.find(({ label }) => label === undefined);
    if (through === undefined || !gap) return;
    // a gap is one only when the edge beside it is sewn
    const beside = this.#stitched.some(({ piece, edge, forGood }) => piece === through && edge === gap.edge && forGood);
    if (!beside) say(`the edge ${gap.edge} of ${through} is not sewn: there is no gap yet`);
    this.#gapsOpen.add(through);
  }

  #closeGap(piece: string, say: Say): void {
    // of the body there is one gap, in one or two of its layers
    const own = [...this.#gapsOpen].filter((id) => id === piece || (isBody(id) && isBody(piece)));
    if (own.length === 0) say(`${piece}: nothing was turned through a gap`);
    for (const id of own) this.#gapsOpen.delete(id);
  }

  /** Half of a fastener in one layer: its back must be reached, so that no other cloth is sewn to it all round. */
  #fasten(action: Extract<Action, { verb: 'setHardware' }>, say: Say): void {
    const { piece, mark, backed, single, pockets } = action;
    for (const id of [mark].flat()) {
      if (this.#set.has(`${piece} ${id}`)) say(`${piece} ${id} is set twice`);
      this.#set.add(`${piece} ${id}`);
    }
    if (!(backed || single) || pockets) return;
    const role = this.#pieces.get(piece)!.role;
    const covered = [...this.#sewn]
      .map((id) => this.#seams.get(id)!)
      .filter(({ kind, a, b }) => kind === 'sewn' && a.piece !== b.piece && (a.piece === piece || b.piece === piece))
      .map(({ a, b }) => this.#pieces.get(a.piece === piece ? b.piece : a.piece)!)
      .filter((other) => !other.byRuler && other.role !== role);
    if (covered.length > 0) say(`the back of ${piece} is covered by ${covered[0]!.id}`);
  }

  end(): void {
    for (const [id] of this.#pieces) if (!this.#cut.has(id)) this.wrong.push(`end: ${id} is not cut`);
    for (const { id, kind } of this.#seams.values())
      if ((kind === 'sewn' || kind === 'stitchedOn') && !this.#sewn.has(id)) this.wrong.push(`end: ${id} is not sewn`);
    for (const id of this.#gapsOpen) this.wrong.push(`end: the gap of ${id} is open`);
    for (const piece of this.#pieces.values())
      for (const { id, hardware } of piece.marks)
        if (hardware && !this.#set.has(`${piece.id} ${id}`))
          this.wrong.push(`end: nothing is set at ${piece.id} ${id}`);
  }

  #layersOf(id: string): string[] {
    const piece = this.#pieces.get(id)!;
    const inner = [...this.#pieces.values()].flatMap((each) => (each.layerOf === id ? [each.id] : []));
    const full =
      !piece.byRuler &&
      piece.layerOf === undefined &&
      piece.layers.filter(({ coverage }) => coverage === 'full').length > 1;
    return full ? [...inner, id] : inner;
  }

  #intervals(runs: readonly EdgeRun[]): Interval[] {
    return runs.flatMap(({ piece, parts }) =>
      parts.flatMap((part) => {
        if (!('edge' in part)) return [];
        const edge = this.#pieces.get(piece)!.stitch.find(({ id }) => id === part.edge);
        return edge ? [{ piece, edge: part.edge, from: part.from ?? 0, to: part.to ?? edgeLength(edge) }] : [];
      }),
    );
  }
}
