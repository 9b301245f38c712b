/** Sizes or a place by axis: across, front to back, upwards. mm */
export type Triple = readonly [across: number, thick: number, up: number];

/** Something that takes the room of a box, in each of the ways it may lie; the first takes the least room. */
export interface Packable {
  id: string;
  ways: readonly Triple[];
}

/** Where one of them came to lie: its near lower left corner, and its size that way round. mm */
export interface PackedPlace {
  id: string;
  at: Triple;
  size: Triple;
}

/** Things arranged without overlap, and the box that takes them all. */
export interface Packing {
  size: Triple;
  places: PackedPlace[];
  /** Whether no arrangement has a smaller surface. */
  exact: boolean;
  /** A surface that no arrangement can be below, mm². */
  bound: number;
}

export const axes = [0, 1, 2] as const;
export type Axis = (typeof axes)[number];

export const volumeOf = ([across, thick, up]: Triple): number => across * thick * up;

/** Surface of a box, mm². */
export const surfaceOf = ([across, thick, up]: Triple): number => 2 * (across * thick + across * up + thick * up);

/** The least surface of a box that is at least so large by each axis and has at least this volume, mm². Of all boxes of a
 * volume the one with the most equal edges has the least: short edges grow together until the volume is reached. */
export function leastSurface(size: Triple, volume: number): number {
  if (volumeOf(size) >= volume) return surfaceOf(size);
  const [, middle, long] = [...size].sort((a, b) => a - b) as [number, number, number];
  const cube = Math.cbrt(volume);
  if (cube >= long) return 6 * cube * cube;
  const side = Math.sqrt(volume / long);
  if (side >= middle) return surfaceOf([side, side, long]);
  return surfaceOf([volume / (middle * long), middle, long]);
}
