import { cross, dot, lengthOf, less, type Vector } from './vector.ts';

/** What a lid over a rim adds to the solid below it, mm³. Over a flat mouth that is its plane; over the slit of a zipper, what
 * spans it straight from edge to edge: of all triangles over the rim, those with the shortest sides in all (by dynamic
 * programming; the least area would neck in where a slit goes round a corner).
 * @param rim corners in the order of the faces that it bounds */
export function lidVolume(rim: readonly Vector[]): number {
  const count = rim.length;
  const least = grid(count);
  const split = grid(count);
  const choose = (from: number, to: number) => {
    let best = Infinity;
    for (let middle = from + 1; middle < to; middle += 1) {
      const length = least[from]![middle]! + least[middle]![to]!;
      if (length < best) [best, split[from]![to]] = [length, middle];
    }
    least[from]![to] = best + lengthOf(less(rim[to]!, rim[from]!));
  };
  for (let span = 2; span < count; span += 1)
    for (let from = 0; from + span < count; from += 1) choose(from, from + span);
  let volume = 0;
  const stretches: [number, number][] = count > 2 ? [[0, count - 1]] : [];
  for (let next = stretches.pop(); next; next = stretches.pop()) {
    const [from, to] = next;
    if (to - from < 2) continue;
    const middle = split[from]![to]!;
    // the lid is seen from the other side
    volume -= dot(rim[from]!, cross(rim[middle]!, rim[to]!)) / 6;
    stretches.push([from, middle], [middle, to]);
  }
  return volume;
}

const grid = (count: number): Float64Array[] => Array.from({ length: count }, () => new Float64Array(count));
