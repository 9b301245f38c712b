import { edgeLength, line, type Edge } from '../geometry/outline.ts';
import type { Piece } from './piece.ts';
import type { RunPart } from './seam.ts';

/** A stretch of a run where it lies on its piece, mm. */
export interface Stretch {
  /** The edge, or the line as one. */
  edge: Edge;
  from: number;
  to: number;
  whole: number;
}

/** Where a part of a run lies on its piece; nothing if the piece has no such edge or line. */
export function stretchOf({ stitch, lines }: Pick<Piece, 'stitch' | 'lines'>, part: RunPart): Stretch | undefined {
  const edge = 'line' in part ? lineOf(lines, part.line) : stitch.find(({ id }) => id === part.edge);
  if (!edge) return undefined;
  const whole = edgeLength(edge);
  return { edge, from: part.from ?? 0, to: part.to ?? whole, whole };
}

function lineOf(lines: Piece['lines'], id: string): Edge | undefined {
  const found = lines.find((each) => each.id === id);
  return found && line(found.id, found.from, found.to);
}
