import { nothing } from '../derived/constants.ts';
import { given, halfOf, minus, readFromCut, sum, type Addend, type Derived } from '../derived/derived.ts';
import { distance } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { ShutAt } from '../pieces/contribution.ts';
import type { Mark, Piece } from '../pieces/piece.ts';
import type { Floor, NamedLine, RoomWall, WallGoesOn } from '../pieces/room.ts';
import type { Seam } from '../pieces/seam.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { Material } from '../shelves/materials/material.ts';
import { givesWay, reachOf, type WallLayer } from '../stacks/reach.ts';
import { apart, apartFrom, chainsOf, lengthOf } from './lines.ts';

/** What the fitting looks things up in. */
export interface CutDesign {
  pieces: readonly Piece[];
  seams: readonly Seam[];
  materialOf(id: string): Material | undefined;
  hardwareOf(id: string): Hardware | undefined;
  /** What stitching beside a line takes by a house rule, mm. */
  inset(rule: string): Derived;
}

/** What is known of the cloth of a wall, or of a floor. */
type Cloth = Pick<RoomWall, 'piece' | 'double' | 'rightSide' | 'layers' | 'shared'>;

/** A wall's cloth, seen from what lies against it. mm */
export interface WallCloth {
  /** All its layers. */
  thick: Derived;
  /** To the middle of its outermost layer that does not give. */
  reach: Derived;
  /** How much it can be stretched, as a share of its length. */
  stretch: number;
}

/** Cut pieces and seams, measured by the lines that rooms name. */
export class CutParts {
  readonly #pieces: ReadonlyMap<string, Piece>;
  readonly #seams: ReadonlyMap<string, Seam>;
  readonly #layers = new Map<string, readonly WallLayer[]>();
  // each is asked for by several checks
  readonly #lines = new Map<Piece, Map<NamedLine, Point[][]>>();
  readonly #design: CutDesign;

  constructor(design: CutDesign) {
    this.#design = design;
    this.#pieces = new Map(design.pieces.map((piece) => [piece.id, piece]));
    this.#seams = new Map(design.seams.map((seam) => [seam.id, seam]));
  }

  #chains(id: string, named: NamedLine): Point[][] {
    const piece = this.#pieces.get(id);
    if (!piece) return [];
    let known = this.#lines.get(piece);
    if (!known) this.#lines.set(piece, (known = new Map<NamedLine, Point[][]>()));
    let chains = known.get(named);
    if (!chains) known.set(named, (chains = chainsOf(piece, named, (seam) => this.#seams.get(seam))));
    return chains;
  }

  #mark(id: string, mark: string): Mark | undefined {
    return this.#pieces.get(id)?.marks.find((each) => each.id === mark);
  }

  /** Length of a line of a piece, mm. */
  along(label: string, piece: string, named: NamedLine): Derived {
    return readFromCut(label, lengthOf(this.#chains(piece, named)), piece);
  }

  /** From a mark of a piece to a line of it, mm; nothing if either is not there. */
  fromMark(label: string, id: string, mark: string, line: NamedLine): Derived | undefined {
    const at = this.at(id, mark);
    const chains = this.#chains(id, line);
    return at && chains.length > 0 ? readFromCut(label, apartFrom(at, chains), id) : undefined;
  }

  /** Where a mark of a piece lies, mm. */
  at = (id: string, mark: string): Point | undefined => this.#mark(id, mark)?.at;

  /** How tightly the stiffest layer of a piece can be bent, mm: 0 where all of them can be creased. */
  bendsAround = (id: string): number =>
    Math.max(
      0,
      ...(this.#pieces.get(id)?.layers ?? []).map(({ material }) => {
        const { bends, leastRadius = 0 } = this.#design.materialOf(material) ?? {};
        return bends === 'rigid' ? Infinity : bends === 'rolls' ? leastRadius : 0;
      }),
    );

  /** What is set at a mark of a piece. */
  hardwareAt = (id: string, mark: string): Mark['hardware'] => this.#mark(id, mark)?.hardware;

  /** Length of the stretches that a seam joins on its `a`, mm. */
  seamLength(id: string): number {
    const seam = this.#seams.get(id);
    return seam ? lengthOf(this.#chains(seam.a.piece, { seam: id, side: 'a' })) : 0;
  }

  /** Between two lines of a wall where they are nearest, less what is stitched beside them, mm. */
  between(label: string, { piece }: Pick<RoomWall, 'piece'>, one: NamedLine, other: NamedLine): Derived {
    const whole = this.whole({ piece }, one, other);
    const beside = [one, other].flatMap(({ inset }): Addend[] => (inset ? [minus(this.#design.inset(inset))] : []));
    const read = readFromCut(`${this.#pieces.get(piece)?.name ?? piece}, line to line`, whole, piece);
    return beside.length === 0 ? read : sum(label, [read, ...beside]);
  }

  /** From the left of a wall to its right, on all pieces that it is of, mm. */
  across = (label: string, wall: RoomWall): Derived => this.#withMore(label, wall, 'right', wall.left, wall.right);

  /** The same without what is stitched beside its lines, mm. */
  wholeAcross = (wall: RoomWall): number => this.whole(wall, wall.left, wall.right) + this.#more(wall, 'right');

  /** From the base of a wall to its mouth, on all pieces that it is of, mm; nothing if it has not both. */
  up = (label: string, wall: RoomWall): Derived | undefined =>
    wall.base && wall.mouth && this.#withMore(label, wall, 'mouth', wall.base, wall.mouth);

  #more({ goesOn }: RoomWall, beyond: WallGoesOn['beyond']): number {
    return goesOn?.beyond === beyond ? this.whole(goesOn, goesOn.from, goesOn.to) : 0;
  }

  #withMore(label: string, wall: RoomWall, beyond: WallGoesOn['beyond'], one: NamedLine, other: NamedLine): Derived {
    const own = this.between(label, wall, one, other);
    const { goesOn } = wall;
    return goesOn?.beyond === beyond ? sum(label, [own, this.between(label, goesOn, goesOn.from, goesOn.to)]) : own;
  }

  /** From the base of a wall to what lies farthest from it at its other end, mm. */
  farthest(label: string, { piece, base, roundEnd = [] }: RoomWall): Derived {
    const from = base ? this.#chains(piece, base) : [];
    const points = roundEnd.flatMap((line) => this.#chains(piece, line)).flat();
    return readFromCut(label, Math.max(0, ...points.map((point) => apartFrom(point, from))), piece);
  }

  /** From where one line of a wall ends nearest to a third to where another does, mm. */
  apartAt(label: string, { piece }: Pick<RoomWall, 'piece'>, lines: readonly NamedLine[], at: NamedLine): Derived {
    const end = this.#chains(piece, at);
    const [one, other] = lines.map((line) => {
      const points = this.#chains(piece, line).flat();
      const far = (point: Point) => apartFrom(point, end);
      return points.reduce<Point | undefined>(
        (best, each) => (best && far(best) <= far(each) ? best : each),
        undefined,
      );
    });
    return readFromCut(label, one && other ? distance(one, other) : 0, piece);
  }

  /** What stitching beside a line takes, mm. */
  beside = ({ inset }: NamedLine): Derived => (inset ? this.#design.inset(inset) : nothing);

  /** The same from the base to the mouth of each wall that has both, mm. */
  heights(label: string, walls: readonly RoomWall[]): Derived[] {
    return walls.flatMap((wall) => this.up(label, wall) ?? []);
  }

  /** Whether a piece is there and has a line. */
  has = (piece: string, line: NamedLine): boolean => this.#chains(piece, line).length > 0;

  /** Whether a seam is there. */
  joins = (id: string): boolean => this.#seams.has(id);

  /** The same with what is stitched beside them, mm. */
  whole({ piece }: Pick<RoomWall, 'piece'>, one: NamedLine, other: NamedLine): number {
    return apart(this.#chains(piece, one), this.#chains(piece, other));
  }

  /** How far the nearest place of a line lies from a straight edge, or from where that would go on, mm. */
  below({ piece }: Pick<RoomWall, 'piece'>, line: NamedLine, edge: NamedLine): number {
    const straight = this.#chains(piece, edge).flat();
    const [[x, y], [toX, toY]] = [straight[0]!, straight.at(-1)!];
    const [dx, dy] = [toX - x, toY - y];
    const long = Math.sqrt(dx * dx + dy * dy);
    const from = ([px, py]: Point) => Math.abs((px - x) * dy - (py - y) * dx) / long;
    return Math.min(...this.#chains(piece, line).flat().map(from));
  }

  /** Layers of a piece as they lie, from its right side; of what is cut to length, the one that it is. */
  #layersOf(id: string): readonly WallLayer[] {
    const before = this.#layers.get(id);
    if (before) return before;
    const layers = this.#readLayers(this.#pieces.get(id));
    this.#layers.set(id, layers);
    return layers;
  }

  #readLayers(piece: Piece | undefined): WallLayer[] {
    if (!piece) return [];
    if (piece.byRuler)
      return piece.materials.flatMap((id) => {
        const hardware = this.#design.hardwareOf(id);
        if (!hardware) return [];
        const from = { kind: 'hardware', path: `hardware/${id}/thickness` } as const;
        return [{ thickness: given(hardware.name, hardware.thickness ?? 0, from), gives: hardware.kind === 'elastic' }];
      });
    return piece.layers.flatMap(({ material: id }) => {
      const material = this.#design.materialOf(id);
      if (!material) return [];
      const thickness = given(material.name, material.thickness, {
        kind: 'material',
        path: `materials/${id}/thickness`,
      });
      return [{ thickness, gives: givesWay(material) }];
    });
  }

  /** The cloth of a wall, from what lies against it.
   * @param within what lies between, from other walls: how thick it is, mm */
  cloth(wall: Cloth, within: Derived = nothing): WallCloth {
    const { piece: id, double } = wall;
    const piece = this.#pieces.get(id);
    const layers = (wall.layers ?? [id]).flatMap((each) => this.#outwards(each, wall));
    const all = sum(
      'all layers',
      layers.map(({ thickness }) => thickness),
    );
    const own = wall.shared ? halfOf('half of what both rooms share', all) : reachOf('to its outermost layer', layers);
    const before = [within, ...(double ? [all] : [])].filter(({ value }) => value > 0);
    return {
      thick: double ? sum('both layers', [{ times: 2, of: all }]) : all,
      reach: before.length === 0 ? own : sum('to its outermost layer', [...before, own]),
      stretch: this.#stretchOf(piece),
    };
  }

  /** Layers of a piece from the things outwards: they lie against the right side of a lining, and the wrong side of others. */
  #outwards(id: string, { piece, rightSide }: Cloth): readonly WallLayer[] {
    const layers = this.#layersOf(id);
    const facing = (id === piece && rightSide) || this.#pieces.get(id)?.role === 'lining';
    return facing ? layers : [...layers].reverse();
  }

  /** Lines of a piece that close it all round: how wide and how high they are, and the radius of their corners if they are round. mm */
  panel({ piece: id, bounds }: Pick<Floor, 'piece' | 'bounds'>): { wide: Derived; high: Derived; radius: number } {
    const points = bounds.flatMap((bound) => this.#chains(id, bound)).flat();
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const range = (of: number[]) => (of.length > 0 ? Math.max(...of) - Math.min(...of) : 0);
    const arcs = this.#pieces
      .get(id)
      ?.stitch.flatMap((edge) => (edge.kind === 'arc' ? [distance(edge.from, edge.centre)] : []));
    return {
      wide: readFromCut('panel, across', range(xs), id),
      high: readFromCut('panel, front to back', range(ys), id),
      radius: Math.max(0, ...(arcs ?? [])),
    };
  }

  /** Where a line of a piece lies, from the lowest left to the highest right of it, mm; nothing if it has no such line. */
  bounds(id: string, lines: readonly NamedLine[]): { x: [number, number]; y: [number, number] } | undefined {
    const points = lines.flatMap((line) => this.#chains(id, line)).flat();
    if (points.length === 0) return undefined;
    const range = (axis: 0 | 1): [number, number] => {
      const all = points.map((point) => point[axis]);
      return [Math.min(...all), Math.max(...all)];
    };
    return { x: range(0), y: range(1) };
  }

  /** The role of a piece. */
  isLining = (id: string): boolean => this.#pieces.get(id)?.role === 'lining';

  /** How far below its mouth a wall is held to the other: to the lower side of what holds it, mm. */
  drop({ piece: id, mouth, above, marks = [], lines = [] }: ShutAt): number {
    const rim = this.#chains(id, { edge: mouth });
    const set = this.#pieces.get(id)?.marks.filter((mark) => marks.includes(mark.id)) ?? [];
    // of a piece that is front and back, the marks of this mouth are nearer
    const held = [
      ...set.map(({ at, hardware }) => apartFrom(at, rim) + (hardware?.radius ?? 0)),
      ...lines.map((line) => apart(this.#chains(id, { line }), rim)),
    ];
    const nearest = Math.min(...held);
    const more = above ? this.whole(above, above.from, above.to) : 0;
    return Number.isFinite(nearest) ? nearest + more : 0;
  }

  /** A wall stretches as far as the layer of it that stretches least. */
  #stretchOf(piece: Piece | undefined): number {
    if (!piece) return 0;
    if (piece.byRuler) return piece.materials.every((id) => this.#design.hardwareOf(id)?.kind === 'elastic') ? 1 : 0;
    const found = piece.layers.map(({ material }) => this.#design.materialOf(material));
    return Math.min(...found.map((material) => Math.max(material?.stretchAcross ?? 0, material?.stretchAlong ?? 0)));
  }
}
