import type { Point } from '../geometry/perimeter.ts';
import type { Solid } from './solid.ts';
import { fromBehind } from './from-behind.ts';
import { overMouth, type OverFacet, type OverMouth } from './over-mouth.ts';
import { ringArea } from './ring-area.ts';
import { cross, dot, lengthOf, less, middleOf, scaled, unit, type Vector } from './vector.ts';

export type LineKind = 'rim' | 'edge' | 'seam';

/** A face as it is seen. Points mm, y downwards. */
export interface SeenFace {
  /** Its piece; `flap` and `grip` go over the mouth. */
  piece: string;
  points: Point[];
  /** Its inside is seen. */
  inside: boolean;
  /** How much light falls on it, 0 to 1. */
  light: number;
  /** Its sides that show: of a mouth, where the solid has an edge, or where another piece goes on smoothly. */
  lines: { from: Point; to: Point; kind: LineKind }[];
}

/** A solid seen from the front, a little from the right and from above; what is farther away comes first. */
export interface FormView {
  faces: SeenFace[];
  width: number;
  height: number;
}

export interface ViewOptions {
  /** How far it is turned to the left, rad; default 30 degrees. */
  turn?: number;
  /** How far from above, rad; default 24 degrees. */
  above?: number;
  /** What goes over its mouth; left away if it has none that looks up. */
  over?: OverMouth;
}

const DEGREE = Math.PI / 180;
/** Two faces that meet at less than this are one to the eye, rad. */
const SMOOTH = 20 * DEGREE;
/** From above, from the left and from the front. */
const LIGHT = unit([-0.35, 0.8, 0.5]);

/** Draws a solid without perspective, so that parallel edges stay parallel and can be compared. */
export function viewOf(solid: Solid, { turn = 30 * DEGREE, above = 24 * DEGREE, over }: ViewOptions = {}): FormView {
  const { frame, mouth } = upright(solid);
  const stood = solid.corners.map((corner): Vector => [
    dot(corner, frame[0]),
    dot(corner, frame[1]),
    dot(corner, frame[2]),
  ]);
  const seen = stood.map((corner) => camera(corner, turn, above));
  const normals = solid.faces.map(({ corners }) => normalOf(corners.map((corner) => stood[corner]!)));
  const beside = neighbours(solid);
  const points = (corners: number[]) => corners.map((corner): Point => [seen[corner]![0], -seen[corner]![1]]);
  const faces = solid.faces.map((face, index) => {
    const [normal, corners] = [normals[index]!, face.corners];
    const flat = points(corners);
    return {
      ring: corners.map((corner) => seen[corner]!),
      face: {
        piece: face.piece,
        points: flat,
        ...seenFrom(normal, turn, above),
        lines: corners.flatMap((corner, at) => {
          const next = corners[(at + 1) % corners.length]!;
          const other = beside.get(`${next} ${corner}`);
          const line = (kind: LineKind) => [{ from: flat[at]!, to: flat[(at + 1) % flat.length]!, kind }];
          if (other === undefined) return line('rim');
          if (dot(normal, normals[other]!) < Math.cos(SMOOTH)) return line('edge');
          return solid.faces[other]!.piece === face.piece ? [] : line('seam');
        }),
      } satisfies SeenFace,
    };
  });
  const rim = mouth?.map((corner) => stood[corner]!);
  const all = [...faces, ...(rim && over ? overMouth(rim, over) : []).map((facet) => seenOver(facet, turn, above))];
  const order = fromBehind(all.map(({ ring }) => ring));
  return fitted(order.map((index) => all[index]!.face));
}

/** Which side of a face is seen, and how much light falls on it. */
function seenFrom(normal: Vector, turn: number, above: number): Pick<SeenFace, 'inside' | 'light'> {
  const inside = camera(normal, turn, above)[2] < 0;
  return { inside, light: (1 + dot(inside ? scaled(normal, -1) : normal, LIGHT)) / 2 };
}

/** What goes over the mouth, as it is seen. */
function seenOver({ of, ring, within }: OverFacet, turn: number, above: number) {
  const seen = ring.map((corner) => camera(corner, turn, above));
  const points = seen.map(([x, y]): Point => [x, -y]);
  const sides = seenFrom(normalOf(ring), turn, above);
  const lines = points.flatMap((from, at) =>
    within.includes(at) ? [] : [{ from, to: points[(at + 1) % points.length]!, kind: 'edge' as const }],
  );
  return { ring: seen, face: { piece: of, points, lines, ...sides } satisfies SeenFace };
}

/** Openings that are shorter than this share of the longest are no mouths, but corners that are sewn across. */
const SLIGHT = 0.4;

/** Right, up and towards the eye, and the mouth that looks up, if it is one. A mouth, or a slit along one side, looks up;
 * without one, the largest facet of the first piece does. */
function upright({ rims, corners, extent }: Solid): { frame: [Vector, Vector, Vector]; mouth: number[] | undefined } {
  const placed = rims.map((rim) => ({ rim, points: rim.map((corner) => corners[corner]!) }));
  const around = (ring: readonly Vector[]) =>
    ring.reduce((sum, corner, at) => sum + lengthOf(less(ring[(at + 1) % ring.length]!, corner)), 0);
  const [longest, second] = placed
    .map((each) => ({ ...each, length: around(each.points) }))
    .sort((a, b) => b.length - a.length);
  const only = longest && (second?.length ?? 0) < SLIGHT * longest.length ? longest : undefined;
  const mouth = only && (mouthNormal(only.points) ?? towardsSlit(only.points, corners, extent));
  const open = mouth && snapped(mouth);
  const stands = open && !isFlat(open, extent);
  const up = stands ? open : ([0, 0, 1] as const);
  const axes: Vector[] = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  const level = axes.filter((axis) => Math.abs(dot(axis, up)) < 0.5);
  const wide = (axis: Vector) => extent[axis.findIndex((each) => each === 1)]!;
  const right = level.sort((a, b) => wide(b) - wide(a))[0]!;
  return { frame: [right, up, cross(right, up)], mouth: stands ? only?.rim : undefined };
}

/** Whether a solid is a sheet along a direction: its rim is then no mouth. */
function isFlat(along: Vector, extent: Vector): boolean {
  const thin = Math.abs(dot(along, extent));
  const others = extent.filter((_, axis) => along[axis] === 0);
  return thin < 0.15 * Math.min(...others);
}

/** Out of a rim that lies in one plane; nothing if it does not. */
function mouthNormal(rim: readonly Vector[]): Vector | undefined {
  // faces run round their mouth the other way than a lid on it
  const area = ringArea(rim);
  if (lengthOf(area) < 1e-6) return undefined;
  const normal = scaled(unit(area), -1);
  const heights = rim.map((corner) => dot(corner, normal));
  const size = Math.sqrt(lengthOf(area));
  return Math.max(...heights) - Math.min(...heights) < 0.1 * size ? normal : undefined;
}

/** Where most of a slit lies, if that is well out of the middle; nothing if it runs round. */
function towardsSlit(rim: readonly Vector[], corners: readonly Vector[], extent: Vector): Vector | undefined {
  const middle = [0, 1, 2].map((axis) => {
    const all = corners.map((corner) => corner[axis]!);
    return (Math.max(...all) + Math.min(...all)) / 2;
  }) as unknown as Vector;
  const off = less(middleOf(rim), middle);
  const share = off.map((each, axis) => (2 * each) / Math.max(extent[axis]!, 1e-9)) as unknown as Vector;
  return Math.max(...share.map(Math.abs)) > 0.5 ? share : undefined;
}

/** The axis that a direction is nearest to. */
function snapped(direction: Vector): Vector {
  const most = Math.max(...direction.map(Math.abs));
  const at = direction.findIndex((each) => Math.abs(each) === most);
  return [0, 1, 2].map((axis) => (axis === at ? Math.sign(direction[at]!) : 0)) as unknown as Vector;
}

function normalOf(ring: readonly Vector[]): Vector {
  const area = ringArea(ring);
  return lengthOf(area) < 1e-9 ? [0, 0, 1] : unit(area);
}

/** Right, up and towards the eye, as it is turned and seen from above. */
function camera([x, y, z]: Vector, turn: number, above: number): Vector {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const [across, towards] = [c * x - s * z, s * x + c * z];
  const [high, low] = [Math.cos(above), Math.sin(above)];
  return [across, high * y - low * towards, low * y + high * towards];
}

/** The face that has a side from one corner to another. */
function neighbours({ faces }: Solid): Map<string, number> {
  const sides = new Map<string, number>();
  faces.forEach(({ corners }, face) =>
    corners.forEach((corner, at) => sides.set(`${corner} ${corners[(at + 1) % corners.length]!}`, face)),
  );
  return sides;
}

/** Moved so that the upper left corner of what is seen is at the origin. */
function fitted(faces: SeenFace[]): FormView {
  const all = faces.flatMap(({ points }) => points);
  const range = (axis: 0 | 1): [number, number] => {
    const values = all.map((point) => point[axis]);
    return [Math.min(...values), Math.max(...values)];
  };
  const [[left, right], [top, bottom]] = [range(0), range(1)];
  const shift = ([x, y]: Point): Point => [x - left, y - top];
  return {
    width: right - left,
    height: bottom - top,
    faces: faces.map(({ points, lines, ...rest }) => ({
      ...rest,
      points: points.map(shift),
      lines: lines.map(({ from, to, kind }) => ({ from: shift(from), to: shift(to), kind })),
    })),
  };
}
