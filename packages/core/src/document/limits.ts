/** What a document may hold; the same numbers stand in its validator, its edits and its messages. */
export const limits = {
  /** Things of one line. */
  count: { least: 1, most: 60 },
  /** Any side of a thing, mm. */
  size: { least: 0.01, most: 2000 },
  /** How much larger a piece of a kind may be than measured, mm. */
  tolerance: { least: 0, most: 50 },
  /** A pinned size or a limit, mm. */
  pinned: { most: 5000 },
  nameLength: 80,
  lines: 40,
  /** Gap between holders of an arrangement, mm. */
  gap: { least: 0, most: 500 },
  layers: 6,
  /** Points of a polygon. */
  points: 2000,
  /** Entries of a shelf that comes with a request. */
  shelf: 5000,
} as const;
