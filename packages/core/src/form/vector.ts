/** A point or direction in space, mm. */
export type Vector = readonly [number, number, number];

export const plus = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const less = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scaled = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const lengthOf = (a: Vector): number => Math.hypot(...a);
export const unit = (a: Vector): Vector => scaled(a, 1 / lengthOf(a));
export const middleOf = (points: readonly Vector[]): Vector =>
  scaled(
    points.reduce((sum, point) => plus(sum, point), [0, 0, 0] as Vector),
    1 / points.length,
  );

/** A turn and a move: where a rigid thing lies. Rows of the turn are those of its matrix. */
export interface Motion {
  turn: readonly [Vector, Vector, Vector];
  move: Vector;
}

export const still: Motion = {
  turn: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  move: [0, 0, 0],
};

export const turned = ({ turn }: Motion, a: Vector): Vector => [dot(turn[0], a), dot(turn[1], a), dot(turn[2], a)];
export const moved = (motion: Motion, a: Vector): Vector => plus(turned(motion, a), motion.move);

/** First `inner`, then `outer`. */
export function after(outer: Motion, inner: Motion): Motion {
  const columns = [0, 1, 2].map((j) => turned(outer, [inner.turn[0][j]!, inner.turn[1][j]!, inner.turn[2][j]!]));
  const row = (i: number): Vector => [columns[0]![i]!, columns[1]![i]!, columns[2]![i]!];
  return { turn: [row(0), row(1), row(2)], move: moved(outer, inner.move) };
}

/** A turn about an axis through a point (Rodrigues).
 * @param axis of unit length
 * @param angle rad, by the right hand */
export function about(through: Vector, axis: Vector, angle: number): Motion {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const [x, y, z] = axis;
  const k = 1 - c;
  const turn: Motion['turn'] = [
    [c + x * x * k, x * y * k - z * s, x * z * k + y * s],
    [y * x * k + z * s, c + y * y * k, y * z * k - x * s],
    [z * x * k - y * s, z * y * k + x * s, c + z * z * k],
  ];
  return { turn, move: less(through, turned({ turn, move: [0, 0, 0] }, through)) };
}
