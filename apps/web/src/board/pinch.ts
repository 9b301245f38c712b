type Place = [x: number, y: number];

/** How two fingers moved what lies below them, px. */
export interface Pinched {
  /** How much farther apart they are than before. */
  factor: number;
  /** What was in the middle between them, and how far that has gone. */
  at: Place;
  by: Place;
}

/** Fingers on a board: two of them zoom and move it together. A third one changes nothing. */
export interface Pinch {
  down(finger: number, place: Place): void;
  /** @returns what two fingers did; nothing for one that moves alone */
  move(finger: number, place: Place): Pinched | undefined;
  up(finger: number): void;
  /** Whether two or more lie on it. */
  pinching(): boolean;
}

/** Nearer than this two fingers tell no distance, px. */
const LEAST = 8;

export function pinch(): Pinch {
  const fingers = new Map<number, Place>();
  const pair = () => {
    const [one, other] = [...fingers.values()] as [Place, Place];
    const middle: Place = [(one[0] + other[0]) / 2, (one[1] + other[1]) / 2];
    return { middle, apart: Math.max(LEAST, Math.hypot(one[0] - other[0], one[1] - other[1])) };
  };
  return {
    down: (finger, place) => void fingers.set(finger, place),
    move(finger, place) {
      if (!fingers.has(finger)) return undefined;
      const two = fingers.size >= 2;
      const before = two ? pair() : undefined;
      fingers.set(finger, place);
      if (!before) return undefined;
      const after = pair();
      return {
        factor: after.apart / before.apart,
        at: before.middle,
        by: [after.middle[0] - before.middle[0], after.middle[1] - before.middle[1]],
      };
    },
    up: (finger) => void fingers.delete(finger),
    pinching: () => fingers.size >= 2,
  };
}
