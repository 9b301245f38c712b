import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Roll } from './size.ts';

/** The inside of a roll lying open, its pocket folded up. */
export const rollBoards = ({ detail: { width, height, layers } }: SizedBody<Roll>): BoardPlan[] => [
  {
    ...board(
      {
        id: 'inside',
        title: 'Inside, lying open, its inside end at the left',
        ground: layers === 'lined' ? 'lining' : 'exterior',
      },
      { width: width.value, height: height.value },
      [boardFace('pocket', { cloth: 'exterior' })],
      {
        across: { path: 'finished/openWidth', pin: 'body/openWidth' },
        up: { path: 'finished/height', pin: 'body/height' },
      },
    ),
    note: { text: 'Rolled up and full it is thick by', path: 'thickness/full' },
  },
];
