import type { Derived } from '../derived/derived.ts';
import type { Solution } from './solution.ts';

/** A size that is another one now, mm; nothing where it was not there. */
export interface SizeChange {
  path: string;
  label: string;
  before?: number;
  after?: number;
}

/** Sizes nearer than this are the same, mm. */
const SAME = 0.005;

/** What a maker would see change between two solutions of one design: finished sizes, thickness, and the pieces as cut. */
export function sizeChanges(before: Solution, after: Solution): SizeChange[] {
  const [old, now] = [sizesOf(before), sizesOf(after)];
  return [...new Set([...old.keys(), ...now.keys()])].flatMap((path): SizeChange[] => {
    const [a, b] = [old.get(path), now.get(path)];
    if (a && b && Math.abs(a.mm - b.mm) < SAME) return [];
    return [{ path, label: (b ?? a)!.label, ...(a && { before: a.mm }), ...(b && { after: b.mm }) }];
  });
}

function sizesOf({ finished, closedThickness, pieces }: Solution): Map<string, { label: string; mm: number }> {
  const of = (path: string, label: string, { value }: Derived) => [path, { label, mm: value }] as const;
  return new Map([
    ...Object.entries(finished).map(([name, size]) => of(`finished/${name}`, size.label, size)),
    of('thickness/full', 'thickness, closed', closedThickness),
    ...pieces.flatMap(({ id, name, cutWidth, cutHeight }) => [
      of(`pieces/${id}/width`, `${name}, cut width`, cutWidth),
      of(`pieces/${id}/height`, `${name}, cut height`, cutHeight),
    ]),
  ]);
}
