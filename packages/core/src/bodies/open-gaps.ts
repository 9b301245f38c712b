import { capital } from '../errors/first-letter.ts';
import { say, type Wording } from '../errors/wording.ts';
import type { Step } from '../pieces/contribution.ts';
import type { Piece } from '../pieces/piece.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';

const touches = ({ piece, parts }: EdgeRun, id: string, edge: string): boolean =>
  piece === id && parts.some((part) => 'edge' in part && part.edge === edge);

/** Where a step sews an edge that is left open for something, the step says so: later it would be sewn shut.
 * @param seams all seams of the design */
export function tellingGaps(operations: readonly Step[], seams: readonly Seam[], pieces: readonly Piece[]): Step[] {
  const open = pieces.flatMap(({ id, gaps }) =>
    gaps.flatMap(({ label, edge }) => (label === undefined ? [] : [{ label, id, edge }])),
  );
  const through = open.flatMap(({ label, id, edge }) =>
    seams.filter(({ a, b }) => touches(a, id, edge) || touches(b, id, edge)).map((seam) => ({ label, seam: seam.id })),
  );
  return operations.map((operation) => {
    const labels = through.filter(({ seam }) => operation.seams.includes(seam)).map(({ label }) => label);
    // what is told from its actions tells its gaps itself
    return labels.length === 0 || operation.actions
      ? operation
      : { ...operation, text: [...operation.text, ...told(labels)] };
  });
}

const told = (labels: readonly string[]): Wording =>
  [...new Set(labels)].flatMap(
    (label) => say` ${capital(label)} where it is marked in the seam: back-tack at both ends of the gap.`,
  );
