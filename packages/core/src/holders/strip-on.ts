import type { HostEdit } from '../pieces/contribution.ts';
import type { StitchLine } from '../pieces/piece.ts';
import { strapRing, type Ring } from '../pieces/room.ts';
import type { RunPart, Seam } from '../pieces/seam.ts';

interface Strip {
  /** Id of the holder. */
  id: string;
  piece: string;
  host: string;
  /** Where it is stitched down: the line on the host, and the part of the strip that lies there. */
  stitches: readonly { line: StitchLine; on: RunPart }[];
}

/** A strip sewn onto a face at intervals; what it holds lies under it between two of them.
 * @returns `ring`: the strip and the face between the stitching of two places */
export function stripOn({ id, piece, host, stitches }: Strip): {
  joins: Seam[];
  edit: HostEdit;
  ring(from: number, to: number): Ring;
} {
  const joins = stitches.map(({ line, on }): Seam => ({
    id: `holders/${id}#${line.id}`,
    kind: 'stitchedOn',
    a: { piece, parts: [on] },
    b: { piece: host, parts: [{ line: line.id }] },
  }));
  return {
    joins,
    edit: { piece: host, lines: stitches.map(({ line }) => line) },
    ring: (from, to) => strapRing(piece, host, [joins[from]!.id, joins[to]!.id]),
  };
}
