import { ringArea } from './ring-area.ts';
import { dot, lengthOf, less, middleOf, scaled, type Vector } from './vector.ts';

/** Nearer than this to a plane counts as on it, mm. */
const ON = 1e-3;

interface Seen {
  ring: readonly Vector[];
  /** Of its plane, towards the eye; nothing if it is seen from its edge. */
  normal: Vector | undefined;
  left: number;
  right: number;
  low: number;
  high: number;
  depth: number;
  /** Its right side is seen. */
  facing: boolean;
}

/** An order in which flat faces can be painted, each over those behind it: by their depths, but what lies wholly behind the
 * plane of another that it meets on the picture comes before it (after Newell, Newell and Sancha).
 * @param rings corners, counter-clockwise seen from the right side: right, up and towards the eye
 * @returns indices of the rings, the farthest first */
export function fromBehind(rings: readonly (readonly Vector[])[]): number[] {
  const faces = rings.map(seenOf);
  const byDepth = faces.map((_, index) => index).sort((a, b) => fartherFirst(faces[a]!, faces[b]!));
  const order: number[] = [];
  const begun = new Set<number>();
  const paint = (index: number): void => {
    if (begun.has(index)) return;
    begun.add(index);
    for (const other of byDepth) if (!begun.has(other) && hides(faces[index]!, faces[other]!)) paint(other);
    order.push(index);
  };
  byDepth.forEach(paint);
  return order;
}

/** Of two that lie on each other, as in what is folded flat, the one that looks at the eye is the nearer. */
function fartherFirst(a: Seen, b: Seen): number {
  const apart = a.depth - b.depth;
  return Math.abs(apart) > ON ? apart : Number(a.facing) - Number(b.facing);
}

function seenOf(ring: readonly Vector[]): Seen {
  const area = ringArea(ring);
  const size = lengthOf(area);
  const edgeOn = size < 1e-9 || Math.abs(area[2]) < 1e-6 * size;
  const range = (axis: number) => ring.map((corner) => corner[axis]!);
  return {
    ring,
    normal: edgeOn ? undefined : scaled(area, Math.sign(area[2]) / size),
    left: Math.min(...range(0)),
    right: Math.max(...range(0)),
    low: Math.min(...range(1)),
    high: Math.max(...range(1)),
    depth: middleOf(ring)[2],
    facing: area[2] > 0,
  };
}

/** Whether one face may cover a part of another, but not the other way round. */
function hides(front: Seen, back: Seen): boolean {
  if (front.left >= back.right - ON || back.left >= front.right - ON) return false;
  if (front.low >= back.high - ON || back.low >= front.high - ON) return false;
  return liesBehind(back, front) && !liesBehind(front, back);
}

/** Whether a face lies wholly behind the plane of another, or that one wholly before the plane of this. */
function liesBehind(face: Seen, other: Seen): boolean {
  const off = (points: readonly Vector[], { ring, normal }: Seen) =>
    normal ? points.map((point) => dot(less(point, ring[0]!), normal)) : [NaN];
  return off(face.ring, other).every((each) => each <= ON) || off(other.ring, face).every((each) => each >= -ON);
}
