let gestures = 0;

/** A name that no gesture had before: edits under it become one undo step. */
export const newGesture = (kind: string): string => `${kind}-${++gestures}`;
