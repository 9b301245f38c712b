import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Accordion } from './params.ts';

/** The compartments from the front to the back, each with what lies in front of it left away. */
export const accordionBoards = ({ detail: { shell }, faces }: SizedBody<Accordion>): BoardPlan[] =>
  faces.map(({ id }, index) => ({
    ...board(
      {
        id,
        title: `Compartment ${index + 1} of ${faces.length}, from the front`,
        ground: index === faces.length - 1 ? 'lining' : 'pocket',
      },
      { width: shell.width.value, height: shell.height.value },
      [boardFace(id, { open: true })],
      { across: { path: 'finished/width', pin: 'body/width' }, up: { path: 'finished/height', pin: 'body/height' } },
    ),
    tab: 'top',
    note: { text: 'Its pleat has legs of', path: `body/leg${index + 1}` },
  }));
