import { roundedRectangle } from '../../geometry/outline.ts';
import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';

/** The box from the front, its back wall, and both sides of each outer pocket. */
export function organizerBoards({ detail: { shell, outers, walls } }: SizedBody<Organizer>): BoardPlan[] {
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
    ...outers.flatMap(outerBoards),
  ];
}

function outerBoards({ wall, back, length, width, radius }: FoldOut): BoardPlan[] {
  const { called, key, face, flap } = outerNames[wall];
  const extent = { width: length.value, height: width.value };
  const sizes = {
    across: { path: `body/${key}Width`, pin: `body/${key}-length` },
    up: { path: `body/${key}Height`, pin: `body/${key}-width` },
  };
  const side = (id: string, title: string, ground: BoardPlan['ground']): BoardPlan => ({
    ...board({ id, title, ground }, extent, [boardFace(id)], sizes),
    outline: roundedRectangle(extent.width, extent.height, radius.value),
  });
  return [
    side(face, `Back of the ${called}`, back === 'shell' ? 'exterior' : 'lining'),
    side(flap, wall === 'front' ? 'Inside of its flap' : 'Inside of the rear flap', 'lining'),
  ];
}
