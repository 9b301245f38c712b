import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Box } from './params.ts';

/** What stands in the box, seen from the front without its wall. */
export const boxBoards = ({ detail: { shell } }: SizedBody<Box>): BoardPlan[] => [
  {
    ...board(
      { id: 'inside', title: 'In the box, its front left away', ground: 'lining' },
      { width: shell.width.value, height: shell.height.value },
      [boardFace('inside', { open: true })],
      { across: { path: 'finished/width', pin: 'body/width' }, up: { path: 'finished/height', pin: 'body/height' } },
    ),
    tab: 'top',
    note: { text: 'From front to back it is', path: 'finished/depth' },
  },
];
