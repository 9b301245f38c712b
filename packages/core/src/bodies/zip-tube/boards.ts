import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { ZipTube } from './params.ts';

/** What lies in the pouch, seen from the front along the zipper. */
export function zipTubeBoards({ detail, closedThickness, faces }: SizedBody<ZipTube>): BoardPlan[] {
  const { form, shell } = detail;
  const length = shell.length.value;
  const boxed = form === 'boxed';
  const room = faces[0]!.room.width.value;
  return [
    board(
      { id: 'inside', title: 'In the pouch, seen from the front', ground: 'lining' },
      { width: length, height: boxed ? shell.height.value : closedThickness.value },
      // things are packed in the middle of their room
      [boardFace('inside', { dx: (length - room) / 2, open: true })],
      {
        across: { path: 'finished/length', pin: 'body/length' },
        up: boxed ? { path: 'finished/height', pin: 'body/height' } : { path: 'thickness/full' },
      },
    ),
  ];
}
