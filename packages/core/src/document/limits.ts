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
  /** Rows in columns in rows. */
  nested: 8,
  layers: 6,
  /** A note on a drawing: where it may be pinned, mm, and how long it may be. */
  note: { least: -1000, most: 6000, text: 300 },
  /** How far a thing may be asked to stand out, mm. */
  visible: { least: 0, most: 300 },
} as const;
