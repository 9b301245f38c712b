import type { OperationDraft } from '../pieces/contribution.ts';
import { idsOf, type Seam } from '../pieces/seam.ts';
import type { Action } from '../sewing/actions/action.ts';

/** Shell and lining laid right sides together with everything between them, sewn all round and turned through a gap in the shell.
 * @param seams all round
 * @param last what is done when it is turned */
export function baggedAndTurned(
  shell: string,
  lining: string,
  seams: readonly Seam[],
  last: readonly Action[] = [],
): OperationDraft[] {
  const pieces = [shell, lining];
  return [
    {
      id: 'body/join',
      phase: 'join',
      needs: [],
      title: 'Sew shell and lining together',
      actions: [{ verb: 'sew', seams: idsOf(seams), between: 'all' }],
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      title: 'Turn it right side out',
      actions: [
        { verb: 'trim', pieces, to: 'corners' },
        { verb: 'turn', pieces, through: shell },
        { verb: 'press', pieces },
        ...last,
      ],
    },
  ];
}

/** The same, and topstitched all round, which closes the gap.
 * @param topstitched from the edge, mm */
export const baggedSteps = (
  shell: string,
  lining: string,
  seams: readonly Seam[],
  topstitched: number,
): OperationDraft[] => [
  ...baggedAndTurned(shell, lining, seams),
  {
    id: 'body/topstitch',
    phase: 'finish',
    needs: ['body/turn'],
    title: 'Topstitch all round',
    actions: [{ verb: 'topstitch', piece: shell, distance: topstitched, noFurther: true, closesGap: true }],
  },
];
