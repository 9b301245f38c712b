import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import { ends, type DoubleTube } from './params.ts';

/** Both linings with their mouth at the top, and the front of the shell. */
export function doubleTubeBoards({ detail: { width, length, depth } }: SizedBody<DoubleTube>): BoardPlan[] {
  const across = { path: 'finished/width', pin: 'body/width' };
  return [
    ...ends.map((end) =>
      board(
        { id: end, title: `In end ${end.toUpperCase()}, its mouth at the top`, ground: 'lining' },
        { width: width.value, height: depth.value },
        [boardFace(end, { open: true })],
        { across, up: { path: 'body/liningDepth' } },
      ),
    ),
    {
      ...board(
        { id: 'front', title: 'Front, a mouth at each end', ground: 'exterior' },
        { width: width.value, height: length.value },
        [boardFace('front', { cloth: 'exterior' })],
        { across, up: { path: 'finished/length', pin: 'body/length' } },
      ),
    },
  ];
}
