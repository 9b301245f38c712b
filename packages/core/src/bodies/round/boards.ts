import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Round } from './params.ts';

/** What stands on the base, seen from the side without the wall in front. */
export const roundBoards = ({ detail: { diameter, height, lined } }: SizedBody<Round>): BoardPlan[] => [
  board(
    { id: 'inside', title: 'Cut through the middle', ground: lined ? 'lining' : 'exterior' },
    { width: diameter.value, height: height.value },
    [boardFace('inside', { open: true })],
    {
      across: { path: 'finished/diameter', pin: 'body/diameter' },
      up: { path: 'finished/height', pin: 'body/height' },
    },
  ),
];
