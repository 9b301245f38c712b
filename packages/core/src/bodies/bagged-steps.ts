import type { OperationDraft } from '../pieces/contribution.ts';
import type { Seam } from '../pieces/seam.ts';

/** Shell and lining laid right sides together with everything between them, sewn all round, turned through a gap and topstitched, which
 * closes that.
 * @param seams all round
 * @param topstitched from the edge, mm */
export function baggedSteps(
  shell: string,
  lining: string,
  seams: readonly Seam[],
  topstitched: number,
): OperationDraft[] {
  const pieces = [shell, lining];
  return [
    {
      id: 'body/join',
      phase: 'join',
      needs: [],
      title: 'Sew shell and lining together',
      actions: [{ verb: 'sew', seams: seams.map(({ id }) => id), between: 'all' }],
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
      ],
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      title: 'Topstitch all round',
      actions: [{ verb: 'topstitch', piece: shell, distance: topstitched, noFurther: true, closesGap: true }],
    },
  ];
}
