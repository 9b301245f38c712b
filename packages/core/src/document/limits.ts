import { shelfLimits } from '../shelves/shelf-limits.ts';

/** What a document may hold; the same numbers stand in its validator, its edits and its messages. */
export const limits = {
  ...shelfLimits,
  /** Things of one line. */
  count: { least: 1, most: 60 },
  /** A pinned size or a limit, mm. */
  pinned: { most: 5000 },
  lines: 40,
  /** Settings of one thing, letters of a name or a word among them, and how large a number may be. */
  settings: 200,
  word: 120,
  number: 1e6,
  /** How deep a document may be nested, also where its fields are not known, and how many values it may have in all. */
  depth: 32,
  values: 300_000,
  /** Rows, columns and holders of one face. */
  arranged: 200,
  /** Gap between holders of an arrangement, mm. */
  gap: { least: 0, most: 500 },
  /** Rows in columns in rows. */
  nested: 8,
  layers: 6,
  /** Pieces that are decided about, and edges of each. */
  ownPieces: 200,
  ownEdges: 60,
  /** An allowance, and what a piece is cut larger by, mm. */
  allowance: { least: 0, most: 60 },
  rough: { least: 0, most: 100 },
  /** A note on a drawing: where it may be pinned, mm, and how long it may be. */
  note: { least: -1000, most: 6000, text: 300 },
  /** How far a thing may be asked to stand out, mm. */
  visible: { least: 0, most: 300 },
} as const;
