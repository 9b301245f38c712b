import fc from 'fast-check';
import { given, type Derived } from '../derived/derived.ts';
import { distance, type Outline } from '../geometry/outline.ts';
import { hullPerimeter, type Point } from '../geometry/perimeter.ts';

/** A plain number as an input of a rule. */
export const n = (value: number, label = 'x'): Derived => given(label, value, { kind: 'input', path: label });

/** Any length of a range, mm. */
export const length = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });

/** Length of the line that lies taut round a convex section at a distance: its points moved out along many directions. */
export function tautMidline(section: Point[], offset: number): number {
  const around = Array.from({ length: 7200 }, (_, i): Point => {
    const [c, s] = [Math.cos((i * Math.PI) / 3600), Math.sin((i * Math.PI) / 3600)];
    const far = section.reduce((most, point) =>
      point[0] * c + point[1] * s > most[0] * c + most[1] * s ? point : most,
    );
    return [far[0] + offset * c, far[1] + offset * s];
  });
  return hullPerimeter(around);
}

/** Length of the line that lies taut over points from one end to the other, both on the same level: a sampled hull. */
export function tautOver(half: number, points: Point[]): number {
  const above = points.filter(([, y]) => y >= 0);
  return hullPerimeter([[-half, 0], [half, 0], ...above]) - 2 * half;
}

/** Points of a circle. */
export const circle = (x: number, y: number, radius: number, count = 20_000): Point[] =>
  Array.from({ length: count }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / count;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** Area inside an outline, mm²: its corners by the shoelace formula, and the segments of its arcs. */
export function outlineArea(outline: Outline): number {
  return outline.reduce((area, edge) => {
    const [[x, y], [u, v]] = [edge.from, edge.to];
    const segment =
      edge.kind === 'arc' ? (distance(edge.centre, edge.from) ** 2 * (edge.sweep - Math.sin(edge.sweep))) / 2 : 0;
    return area + (x * v - u * y) / 2 + segment;
  }, 0);
}
