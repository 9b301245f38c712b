import { shelfLimits } from '../shelves/shelf-limits.ts';

/** What a document may hold; the same numbers stand in its validator, its edits and its messages. */
export const limits = {
  ...shelfLimits,
  /** Things of one line. */
  count: { least: 1, most: 60 },
  /** A pinned size or a limit, mm. */
  pinned: { most: 5000 },
  lines: 40,
  /** Gap between holders of an arrangement, mm. */
  gap: { least: 0, most: 500 },
  layers: 6,
  /** How far a thing may be asked to stand out, mm. */
  visible: { least: 0, most: 300 },
} as const;
