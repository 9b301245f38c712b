import { roundedRectangle } from '../../geometry/outline.ts';
import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { ShellCase } from './params.ts';

/** Base and lid of a case lying open, both from the inside. */
export function shellBoards({ detail: { length, width, radius } }: SizedBody<ShellCase>): BoardPlan[] {
  const size = { width: length.value, height: width.value };
  const side = (id: string, title: string, faces: string[]): BoardPlan => ({
    ...board(
      { id, title, ground: 'lining' },
      size,
      faces.map((face) => boardFace(face, { open: face === 'inside' })),
      {
        across: { path: 'finished/length', pin: 'body/plate-length' },
        up: { path: 'finished/width', pin: 'body/plate-width' },
      },
    ),
    outline: roundedRectangle(size.width, size.height, radius.value),
    note: { text: 'Closed, it is deep', path: 'finished/depth' },
  });
  return [side('base', 'Inside of the base', ['inside', 'base']), side('lid', 'Inside of the lid', ['lid'])];
}
