/** What an entry of a shelf may hold; the same numbers stand in its validator, its fields and its messages. */
export const shelfLimits = {
  /** Any side of a thing, mm. */
  size: { least: 0.01, most: 2000 },
  /** How much larger a piece of a kind may be than measured, mm. */
  tolerance: { least: 0, most: 50 },
  nameLength: 80,
  /** Points of a polygon. */
  points: 2000,
  /** Entries of a shelf. */
  shelf: 20_000,
  tags: 12,
  tagLength: 24,
} as const;
