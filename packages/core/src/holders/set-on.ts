import type { OperationDraft } from '../pieces/contribution.ts';
import type { Seam } from '../pieces/seam.ts';
import type { Action } from '../sewing/actions/action.ts';

interface SetOn {
  /** Id of the holder. */
  id: string;
  /** What is laid on its marks. */
  pieces: readonly string[];
  /** What it is laid on. */
  host: string;
  joins: readonly Seam[];
  needs?: string[];
  /** Before it is tried. */
  last?: readonly Action[];
}

const edgesIn = (seams: readonly Seam[], piece: string): string[] => [
  ...new Set(
    seams.flatMap(({ a }) => (a.piece === piece ? a.parts.flatMap((part) => ('edge' in part ? [part.edge] : [])) : [])),
  ),
];
/** A side of it ends at its mouth. */
const besideMouth = ({ a }: Seam): boolean =>
  a.parts.some((part) => 'edge' in part && (part.edge === 'left' || part.edge === 'right'));
const onLine = ({ a }: Seam): boolean => a.parts.every((part) => 'line' in part);

/** A pocket laid on its marks: what lies inside the face is turned in and edge-stitched, what lies at its outside basted, so that the seam
 * there catches it. */
export function setOn({ id, pieces, host, joins, needs = [], last = [] }: SetOn): OperationDraft {
  const ids = (seams: readonly Seam[]) => seams.map((seam) => seam.id);
  const stitched = joins.filter((seam) => seam.kind === 'stitchedOn');
  const [lines, edges] = [stitched.filter(onLine), stitched.filter((seam) => !onLine(seam))];
  const caught = joins.filter((seam) => seam.kind === 'caught');
  const turned = pieces.flatMap((piece): Action[] => {
    const free = edgesIn(edges, piece);
    return free.length > 0 ? [{ verb: 'turnIn', pieces: [piece], edges: free }] : [];
  });
  return {
    id: `holders/${id}/set`,
    phase: 'pockets',
    needs,
    title: `Set pocket ${id}`,
    actions: [
      ...turned,
      { verb: 'lay', pieces, onto: host, facing: 'wrongToRight', at: 'marks' },
      ...(edges.length > 0
        ? [
            {
              verb: 'edgestitch',
              seams: ids(edges),
              ...(edges.some(besideMouth) && ({ stopsAt: 'mouth' } as const)),
            } as const,
          ]
        : []),
      ...(caught.length > 0 ? [{ verb: 'baste', seams: ids(caught), facing: 'wrongToRight' } as const] : []),
      ...(lines.length > 0
        ? [{ verb: 'sew', seams: ids(lines), facing: 'wrongToRight', stopsAt: 'mouth' } as const]
        : []),
      ...last,
      { verb: 'tryIn', holders: [id] },
    ],
  };
}
