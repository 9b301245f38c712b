import { minus, named, rounded, smallest, sum, type Addend, type Derived } from '../derived/derived.ts';
import type { FlapResult } from '../sizing/flap.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { halfOfFastener } from './fasteners.ts';

interface Asked {
  /** Of the size that may be pinned. */
  path: string;
  label: string;
  /** How far it is to lie on the front, mm. */
  overlap: Derived;
  /** Of the front below the edge, where it ends, mm; all of the fastener stays on it. */
  front: Derived | undefined;
  fastener: Hardware;
  /** Its middle from the end, mm. */
  inset: Derived;
  /** What goes over the edge, if it lies on the front by so much. */
  over(lies: Derived): FlapResult;
  /** What is added to its length besides, mm. */
  besides?: readonly Addend[];
}

/** All mm. */
interface LaidOver {
  length: Derived;
  /** How long it has to be. */
  reach: Derived;
  /** How far it lies on the front. */
  lies: Derived;
  solved: FlapResult;
}

/** A flap, strap or tab as long as it has to be, or as it is pinned: longer, it lies on the front by so much more, over whatever is sewn
 * on there. */
export function laidOver(asked: Asked, { pin, grid }: Pick<ClosureInputs, 'pin' | 'grid'>): LaidOver {
  const { path, label, overlap, front, fastener, inset, over, besides = [] } = asked;
  const most = front && sum('front, and its fastener on it', [front, inset, minus(halfOfFastener(fastener))]);
  const reachAt = (lies: Derived) => named(label, sum(label, [...besides, over(lies).flapLength]));
  const free = rounded(reachAt(overlap), grid, 'up');
  const length = pin(path, free);
  const lies = length === free ? overlap : overlapPinned(length, overlap, reachAt, most);
  return { length, lies, reach: reachAt(lies), solved: over(lies) };
}

function overlapPinned(
  pinned: Derived,
  overlap: Derived,
  reachAt: (lies: Derived) => Derived,
  most: Derived | undefined,
): Derived {
  let best: Derived | undefined;
  let at = overlap;
  // what lies beneath may be more further down, so that it is found step by step
  for (let step = 0; step < 4; step++) {
    at = sum('lies on the front by', [at, pinned, minus(reachAt(at))]);
    if (most && at.value > most.value) at = smallest('as far as the front goes', [at, most]);
    const fits = reachAt(at).value <= pinned.value + 1e-6;
    if (fits && (!best || at.value > best.value)) best = at;
  }
  return best ?? at;
}
