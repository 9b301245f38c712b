import dxfParser from 'dxf-parser';
import type {
  IArcEntity,
  ICircleEntity,
  IDxf,
  IEllipseEntity,
  IEntity,
  ILineEntity,
  ILwpolylineEntity,
} from 'dxf-parser';
import type { Point } from '../../geometry/perimeter.ts';
import { DRAWING, tooLarge, type DrawingRead } from './outline-file.ts';

// the package's types name a default member; what Node gives is the class itself
const Parser = dxfParser as unknown as new () => { parseSync(text: string): IDxf | null };

/** $INSUNITS of the DXF reference: name, mm. */
const units: Record<number, [name: string, mm: number]> = {
  1: ['inches', 25.4],
  2: ['feet', 304.8],
  4: ['mm', 1],
  5: ['cm', 10],
  6: ['m', 1000],
  10: ['yards', 914.4],
};
/** Ends nearer than this belong together, units of the drawing. */
const JOINED = 1e-4;
/** Lines and arcs that are joined at most. */
const LOOSE = 3000;
/** Chords of a full circle. */
const CHORDS = 180;

/** Reads the closed lines of a DXF: polylines with arcs, circles, ellipses, and lines and arcs that meet at their ends.
 * @returns lines in units of the drawing; `mmPerUnit` from its header */
export function readDxfOutline(text: string): DrawingRead {
  if (text.length > DRAWING.letters) return tooLarge;
  const file = isPairs(text) ? parsed(text) : undefined;
  if (!file) {
    const message = 'This is no DXF that can be read. Save it as text (ASCII) DXF.';
    return { ok: false, code: 'outline.unreadable', message };
  }
  const { closed, open, notes } = sorted(file.entities ?? []);
  const count = [...closed, ...open].reduce((sum, { length }) => sum + length, 0);
  if (count > DRAWING.points || open.length > LOOSE) return tooLarge;
  const chained = chains(open);
  const lines = [...closed, ...chained.filter(meets).map((line) => line.slice(0, -1))];
  if (chained.some((line) => !meets(line))) notes.add('Open lines were left out.');
  const said = units[Number(file.header?.$INSUNITS ?? 0)];
  if (said && said[1] !== 1) notes.add(`The drawing is in ${said[0]}: one is ${said[1]} mm.`);
  return { ok: true, drawing: { lines, notes: [...notes], ...(said && { mmPerUnit: said[1] }) } };
}

/** Closed lines, open ones, and what was left out. */
function sorted(entities: readonly IEntity[]) {
  const notes = new Set<string>();
  const closed: Point[][] = [];
  const open: Point[][] = [];
  for (const entity of entities) {
    const found = pointsOf(entity);
    const whole = found?.points.every((point) => point.every(Number.isFinite));
    if (!found || !whole) notes.add(`${entity.type} was left out.`);
    else (found.closed ? closed : open).push(found.points);
  }
  return { closed, open, notes };
}

/** A DXF is pairs of lines, a whole number before each value. */
const isPairs = (text: string): boolean =>
  text
    .trimEnd()
    .split(/\r?\n/)
    .every((line, index) => index % 2 === 1 || /^\s*-?\d{1,4}\s*$/.test(line));

function parsed(text: string): IDxf | undefined {
  try {
    return new Parser().parseSync(text) ?? undefined;
  } catch {
    return undefined;
  }
}

const near = ([x, y]: Point, [u, v]: Point): boolean => Math.hypot(x - u, y - v) < JOINED;
const meets = (line: Point[]): boolean => line.length > 3 && near(line[0]!, line.at(-1)!);

function pointsOf(entity: IEntity): { points: Point[]; closed: boolean } | undefined {
  switch (entity.type) {
    case 'LWPOLYLINE':
    case 'POLYLINE':
      return polyline(entity as ILwpolylineEntity);
    case 'CIRCLE': {
      const { center, radius } = entity as ICircleEntity;
      if (!center) return undefined;
      return { points: arc([center.x, center.y], radius, 0, 2 * Math.PI).slice(0, -1), closed: true };
    }
    case 'ARC': {
      const { center, radius, startAngle, endAngle } = entity as IArcEntity;
      if (!center) return undefined;
      const sweep = (((endAngle - startAngle) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
      return { points: arc([center.x, center.y], radius, startAngle, sweep), closed: false };
    }
    case 'LINE': {
      const [from, to] = (entity as ILineEntity).vertices ?? [];
      return (
        from &&
        to && {
          points: [
            [from.x, from.y],
            [to.x, to.y],
          ],
          closed: false,
        }
      );
    }
    case 'ELLIPSE':
      return ellipse(entity as IEllipseEntity);
    default:
      return undefined;
  }
}

function arc([cx, cy]: Point, radius: number, from: number, sweep: number): Point[] {
  const parts = Math.max(2, Math.ceil((Math.abs(sweep) / (2 * Math.PI)) * CHORDS));
  return Array.from({ length: parts + 1 }, (_, index): Point => {
    const angle = from + (sweep * index) / parts;
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  });
}

/** Bulge is the tangent of a quarter of the arc's sweep. */
function polyline({ vertices = [], shape }: ILwpolylineEntity): { points: Point[]; closed: boolean } | undefined {
  if (vertices.length < 2) return undefined;
  const points: Point[] = [];
  const last = shape ? vertices.length : vertices.length - 1;
  for (const [index, { x, y, bulge }] of vertices.entries()) {
    points.push([x, y]);
    const next = vertices[(index + 1) % vertices.length]!;
    if (!bulge || index >= last) continue;
    const sweep = 4 * Math.atan(bulge);
    const [dx, dy] = [next.x - x, next.y - y];
    const away = (1 / bulge - bulge) / 4;
    const centre: Point = [x + dx / 2 - dy * away, y + dy / 2 + dx * away];
    const from = Math.atan2(y - centre[1], x - centre[0]);
    points.push(...arc(centre, Math.hypot(x - centre[0], y - centre[1]), from, sweep).slice(1, -1));
  }
  const closed = shape || (points.length > 3 && near(points[0]!, points.at(-1)!));
  return { points: closed && near(points[0]!, points.at(-1)!) ? points.slice(0, -1) : points, closed };
}

function ellipse({ center, majorAxisEndPoint: major, axisRatio, startAngle, endAngle }: IEllipseEntity) {
  if (!center || !major) return undefined;
  const whole = Math.abs(endAngle - startAngle) > 2 * Math.PI - 1e-6 || endAngle === startAngle;
  const sweep = whole ? 2 * Math.PI : (endAngle - startAngle + 2 * Math.PI) % (2 * Math.PI);
  const points = arc([0, 0], 1, startAngle, sweep).map(([u, v]): Point => [
    center.x + major.x * u - major.y * axisRatio * v,
    center.y + major.y * u + major.x * axisRatio * v,
  ]);
  return { points: whole ? points.slice(0, -1) : points, closed: whole };
}

/** Joins lines that meet at their ends. */
function chains(open: Point[][]): Point[][] {
  const left = [...open];
  const result: Point[][] = [];
  while (left.length > 0) {
    let chain = left.pop()!;
    for (let at = next(left, chain); at >= 0 && !meets(chain); at = next(left, chain)) {
      const [more] = left.splice(at, 1) as [Point[]];
      chain = [...chain, ...(near(chain.at(-1)!, more[0]!) ? more : more.toReversed()).slice(1)];
    }
    result.push(chain);
  }
  return result;
}

const next = (left: Point[][], chain: Point[]): number =>
  left.findIndex((line) => near(chain.at(-1)!, line[0]!) || near(chain.at(-1)!, line.at(-1)!));
