import { roundedRectangle } from '../../geometry/outline.ts';
import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Organizer } from './params.ts';

/** The box from the front, its back wall, and both sides of the outer pocket. */
export function organizerBoards({ detail: { shell, outer, walls } }: SizedBody<Organizer>): BoardPlan[] {
  // what hangs between the sides begins in the middle of one
  const hanging = boardFace('divider', { dx: walls.value / 2 });
  const size = { width: shell.width.value, height: shell.height.value };
  const across = { path: 'finished/width', pin: 'body/width' };
  // up to the band with the zipper, which is not drawn
  const up = { path: 'body/height' };
  const wall = (id: string, title: string, faces: BoardPlan['faces']): BoardPlan =>
    board({ id, title, ground: 'lining' }, size, faces, { across, up });
  return [
    wall('inside', 'In the box, its front left away', [boardFace('inside', { open: true })]),
    wall('divider', 'What hangs in it', [hanging]),
    wall('back', 'Inside of the back', [boardFace('back')]),
    ...(outer
      ? [
          {
            id: 'front',
            title: 'Back of the outer pocket',
            ground: outer.back === 'shell' ? ('exterior' as const) : ('lining' as const),
          },
          { id: 'flap', title: 'Inside of its flap', ground: 'lining' as const },
        ].map(({ id, title, ground }): BoardPlan => ({
          ...board({ id, title, ground }, { width: outer.length.value, height: outer.width.value }, [boardFace(id)], {
            across: { path: 'body/outerWidth', pin: 'body/outer-length' },
            up: { path: 'body/outerHeight', pin: 'body/outer-width' },
          }),
          outline: roundedRectangle(outer.length.value, outer.width.value, outer.radius.value),
        }))
      : []),
  ];
}
