import { roundedRectangle } from '../../geometry/outline.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { SizedBody } from '../body-kind.ts';
import { INNER, LINING, OUTER, SHELL, type Panel } from './params.ts';

/** Both sides of a panel. */
export function panelBoards({ detail }: SizedBody<Panel>): BoardPlan[] {
  const extent = { width: detail.width.value, height: detail.height.value };
  const { width, height } = extent;
  const r = detail.radius.value;
  const sizes = {
    across: { path: 'finished/width', pin: 'body/width' },
    up: { path: 'finished/height', pin: 'body/height' },
  };
  const round = r > 0 ? { outline: roundedRectangle(width, height, r) } : {};
  const [inner, outer] = [
    board({ id: 'inside', title: 'Inner side', ground: 'lining' }, extent, [boardFace(INNER)], sizes),
    board(
      { id: 'outside', title: 'Outer side', ground: 'exterior' },
      extent,
      [boardFace(OUTER, { cloth: 'exterior' })],
      sizes,
    ),
  ];
  const onTop = (piece: string) => ({ top: { piece, dx: 0, dy: 0 } });
  return [
    { ...inner, ...round, ...onTop(LINING), tab: 'top' },
    { ...outer, ...round, ...onTop(SHELL) },
  ];
}
