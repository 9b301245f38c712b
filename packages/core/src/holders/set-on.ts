import type { OperationDraft } from '../pieces/contribution.ts';
import { edgesOf, idsOf, isOnLines, type Seam } from '../pieces/seam.ts';
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
  ...new Set(seams.flatMap(({ a }) => (a.piece === piece ? edgesOf(a) : []))),
];
/** A side of it ends at its mouth. */
const besideMouth = ({ a }: Seam): boolean => edgesOf(a).some((edge) => edge === 'left' || edge === 'right');

/** Seams on a face: edges that lie inside it, what the seams at its outside catch, and lines that are stitched when those hold. */
function partsOf(joins: readonly Seam[]): Record<'edges' | 'caught' | 'lines', Seam[]> {
  const stitched = joins.filter(({ kind }) => kind === 'stitchedOn');
  return {
    edges: stitched.filter(({ a }) => !isOnLines(a)),
    caught: joins.filter(({ kind }) => kind === 'caught'),
    lines: stitched.filter(({ a }) => isOnLines(a)),
  };
}

/** What is laid on a face is edge-stitched inside it, basted where a seam catches it, and stitched along its lines.
 * @param toMouth its rows stop at its mouth, and are back-tacked there */
export function sewnOn(joins: readonly Seam[], toMouth = false): Action[] {
  const { edges, caught, lines } = partsOf(joins);
  const stops = { stopsAt: 'mouth' } as const;
  return [
    ...(edges.length > 0
      ? [{ verb: 'edgestitch', seams: idsOf(edges), ...(toMouth && edges.some(besideMouth) && stops) } as const]
      : []),
    ...(caught.length > 0 ? [{ verb: 'baste', seams: idsOf(caught), facing: 'wrongToRight' } as const] : []),
    ...(lines.length > 0
      ? [{ verb: 'sew', seams: idsOf(lines), facing: 'wrongToRight', ...(toMouth && stops) } as const]
      : []),
  ];
}

/** A pocket laid on its marks: what lies inside the face is turned in and edge-stitched, what lies at its outside basted, so that the seam
 * there catches it. */
export function setOn({ id, pieces, host, joins, needs = [], last = [] }: SetOn): OperationDraft {
  const { edges } = partsOf(joins);
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
      ...sewnOn(joins, true),
      ...last,
      { verb: 'tryIn', holders: [id] },
    ],
  };
}
