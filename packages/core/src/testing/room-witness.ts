import { pointAlong, type Edge } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { NamedLine, Ring, Room, RoomWall } from '../pieces/room.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';
import { stretchOf } from '../pieces/stretch.ts';

/** What a room is measured on: nothing but cut pieces and seams. */
export interface Cut {
  pieces: readonly Piece[];
  seams: readonly Seam[];
}

/** Points along a named line of a piece, mm; nothing if the piece has no such line. */
export const pointsOn = (cut: Cut, piece: string, named: NamedLine): Point[] => chainsOn(cut, piece, named).flat();

/** The same for each stretch that the line is of. */
function chainsOn({ pieces, seams }: Cut, pieceId: string, named: NamedLine): Point[][] {
  const piece = pieces.find(({ id }) => id === pieceId);
  if (!piece) return [];
  if ('seam' in named) {
    const run = seams.find(({ id }) => id === named.seam)?.[named.side];
    return run?.piece === pieceId ? run.parts.map((part) => along(stretchOf(piece, part))) : [];
  }
  if ('fold' in named) {
    const fold = piece.folds.find(({ id }) => id === named.fold);
    return fold ? [[fold.from, fold.to]] : [];
  }
  const points = along(stretchOf(piece, 'line' in named ? { line: named.line } : { edge: named.edge }));
  return points.length > 0 ? [points] : [];
}

const along = (stretch: { edge: Edge; from: number; to: number } | undefined): Point[] =>
  stretch
    ? [0, 0.25, 0.5, 0.75, 1].map((share) =>
        pointAlong(stretch.edge, stretch.from + share * (stretch.to - stretch.from)),
      )
    : [];

/** What a named line touches: the seams that it lies in, what it is sewn onto, its own place on its piece. */
function touches({ seams }: Cut, { piece }: RoomWall | { piece: string }, named: NamedLine): Set<string> {
  const found = new Set<string>();
  const place = 'edge' in named ? named.edge : 'line' in named ? named.line : undefined;
  if ('fold' in named) found.add(`fold ${piece} ${named.fold}`);
  if (place !== undefined) found.add(`place ${piece} ${place}`);
  for (const seam of seams) {
    const named_ = 'seam' in named && seam.id === named.seam ? seam[named.side] : undefined;
    const run =
      named_ ?? [seam.a, seam.b].find((each) => place !== undefined && each.piece === piece && isOn(each, place));
    if (!run) continue;
    found.add(`seam ${seam.id}`);
    if (seam.within !== undefined) found.add(`seam ${seam.within}`);
    const other = run === seam.a ? seam.b : seam.a;
    for (const part of other.parts) found.add(`place ${other.piece} ${'edge' in part ? part.edge : part.line}`);
  }
  return found;
}

const isOn = ({ parts }: EdgeRun, place: string): boolean =>
  parts.some((part) => ('edge' in part ? part.edge : part.line) === place);

const meet = (one: Set<string>, two: Set<string>): boolean => [...one].some((each) => two.has(each));

/** Both runs of one seam of the piece itself: its end is sewn to itself. */
const closedAlone = ({ seams }: Cut, piece: string, named: NamedLine): boolean =>
  'seam' in named && seams.some(({ id, a, b }) => id === named.seam && a.piece === piece && b.piece === piece);

/** What is named of a ring and is not there. */
function missingIn(cut: Cut, { walls, floor, corners = [] }: Ring): string[] {
  const lacks = (piece: string, bound: string, line: NamedLine | undefined): string[] =>
    line && pointsOn(cut, piece, line).length === 0 ? [`${piece} has no ${JSON.stringify(line)} (${bound})`] : [];
  const bounds = ['left', 'right', 'base', 'mouth', 'beyond'] as const;
  return [
    ...walls.flatMap(({ goesOn }) =>
      goesOn ? (['from', 'to'] as const).flatMap((end) => lacks(goesOn.piece, end, goesOn[end])) : [],
    ),
    ...walls.flatMap((wall) => bounds.flatMap((bound) => lacks(wall.piece, bound, wall[bound]))),
    ...walls.flatMap(({ piece, pinched = {} }) =>
      Object.entries(pinched).flatMap(([bound, line]) => lacks(piece, bound, line)),
    ),
    ...(floor?.bounds ?? []).flatMap((bound) => lacks(floor!.piece, 'floor', bound)),
    ...corners.filter((corner) => !cut.seams.some(({ id }) => id === corner)).map((id) => `there is no corner ${id}`),
  ];
}

/** What is not closed in a ring of walls, or is not there at all. */
function openIn(cut: Cut, ring: Ring): string[] {
  const { walls, floor, over, wraps = false } = ring;
  const faults = [...(over ? openIn(cut, over) : []), ...missingIn(cut, ring)];
  // what goes round the outside of a thing closes nothing
  if (faults.length > 0 || wraps) return faults;

  if (new Set(walls.map((wall) => JSON.stringify(wall))).size < walls.length) faults.push('a wall is there twice');
  walls.forEach((wall, index) => {
    const next = walls[(index + 1) % walls.length]!;
    faults.push(...openBeside(cut, wall, next, index));
    // beside a wall that hangs clear of the base the room goes on below it
    if (!wall.base || walls.some(({ base, beyond }) => !base && !beyond)) return;
    const below = touches(cut, wall, wall.base);
    const others = [
      ...walls.flatMap((each) => (each !== wall && each.base ? [touches(cut, each, each.base)] : [])),
      ...(floor?.bounds ?? []).map((bound) => touches(cut, floor!, bound)),
    ];
    // what is sewn to the base of another wall of the ring, or onto any piece that is there
    const sewn = [...below].some((each) => each.startsWith('seam '));
    if (!others.some((each) => meet(below, each)) && !sewn)
      faults.push(`${wall.piece} is open below (wall ${index + 1})`);
  });
  return faults;
}

/** Where a wall does not go on with its other piece, or does not meet the next one. */
function openBeside(cut: Cut, wall: RoomWall, next: RoomWall, index: number): string[] {
  const { goesOn } = wall;
  const apart = goesOn && !meet(touches(cut, wall, wall[goesOn.beyond]!), touches(cut, goesOn, goesOn.from));
  const right = goesOn?.beyond === 'right' ? touches(cut, goesOn, goesOn.to) : touches(cut, wall, wall.right);
  const alone = closedAlone(cut, wall.piece, wall.right) && closedAlone(cut, next.piece, next.left);
  const joined = alone || meet(right, touches(cut, next, next.left)) || (wall.roundEnd && next.roundEnd);
  return [
    ...(apart ? [`${wall.piece} does not go on with ${goesOn.piece}`] : []),
    ...(joined ? [] : [`${wall.piece} does not meet ${next.piece} (wall ${index + 1})`]),
  ];
}

/** What is wrong with a room: bounds that are not there, or that do not close it. */
export const openBounds = (cut: Cut, { id, rings, opening }: Room): string[] =>
  rings.length === 0
    ? [`${id} has no walls`]
    : rings.flatMap((ring) =>
        [...openIn(cut, ring), ...openAround(cut, ring, opening)].map((fault) => `${id}: ${fault}`),
      );

/** Edges of faces that no zipper, and no tab at its end, is sewn to: they are to meet it all round. */
function openAround({ seams, ...cut }: Cut, { walls }: Ring, opening: Room['opening']): string[] {
  const zipper = opening?.piece;
  const closes = (piece: string) => zipper !== undefined && piece.startsWith(zipper);
  const met = new Set(
    seams.flatMap(({ a, b }) =>
      closes(a.piece) ? b.parts.map((part) => `place ${b.piece} ${'edge' in part ? part.edge : part.line}`) : [],
    ),
  );
  return walls.flatMap((wall) =>
    wall.roundEnd
      ? [wall.left, wall.right, ...wall.roundEnd].flatMap((line) =>
          meet(touches({ seams, ...cut }, wall, line), met)
            ? []
            : [`${wall.piece} does not meet the zipper at ${JSON.stringify(line)}`],
        )
      : [],
  );
}

/** From the left to the right bound of a wall where they come closest, mm. */
export const across = (cut: Cut, { piece, left, right, goesOn }: RoomWall): number =>
  closest(cut, piece, left, right) +
  (goesOn?.beyond === 'right' ? closest(cut, goesOn.piece, goesOn.from, goesOn.to) : 0);

/** From the base of a wall to its mouth where they come closest, mm. */
export const upwards = (cut: Cut, { piece, base, mouth, goesOn }: RoomWall): number =>
  closest(cut, piece, base!, mouth!) +
  (goesOn?.beyond === 'mouth' ? closest(cut, goesOn.piece, goesOn.from, goesOn.to) : 0);

/** From one line of a piece to another where they come closest, mm. */
export function closest(cut: Cut, piece: string, one: NamedLine, other: NamedLine): number {
  const [from, to] = [chainsOn(cut, piece, one), chainsOn(cut, piece, other)];
  // of lines that cross, one passes from one side of the other to the other side of it
  const ways = from.flatMap(segments);
  if (to.flatMap(segments).some((way) => ways.some((other) => splits(way, other) && splits(other, way)))) return 0;
  const nearest = (points: Point[][], lines: Point[][]) =>
    points.flat().map((point) => Math.min(...lines.flatMap(segments).map((segment) => toSegment(point, segment))));
  return Math.min(...nearest(from, to), ...nearest(to, from));
}

/** Whether the ends of one stretch lie on either side of another. */
function splits([[x0, y0], [x1, y1]]: [Point, Point], ends: [Point, Point]): boolean {
  const [one, two] = ends.map(([x, y]) => (x1 - x0) * (y - y0) - (y1 - y0) * (x - x0)) as [number, number];
  return Math.min(one, two) < -1e-9 && Math.max(one, two) > 1e-9;
}

const segments = (points: Point[]): [Point, Point][] =>
  points.length === 1 ? [[points[0]!, points[0]!]] : points.slice(1).map((point, index) => [points[index]!, point]);

/** From a point to a straight line between two, mm. */
export function toSegment([x, y]: Point, [[x0, y0], [x1, y1]]: [Point, Point]): number {
  const [dx, dy] = [x1 - x0, y1 - y0];
  const length = dx * dx + dy * dy;
  const share = length === 0 ? 0 : Math.min(1, Math.max(0, ((x - x0) * dx + (y - y0) * dy) / length));
  return Math.hypot(x - x0 - share * dx, y - y0 - share * dy);
}

/** Once round a ring of walls where they are narrowest, between the lines that bound them, mm.
 * @param inset what stitching beside a line takes by a house rule, mm */
export const ringGirth = (cut: Cut, { walls }: Ring, inset: (rule: string) => number): number =>
  walls.reduce((total, wall) => {
    const beside = [wall.left, wall.right].reduce((sum, { inset: rule }) => sum + (rule ? inset(rule) : 0), 0);
    return total + across(cut, wall) - beside;
  }, 0);
