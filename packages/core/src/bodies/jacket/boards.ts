import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import type { Jacket } from './size.ts';

/** The inside of a jacket, its flaps folded out, with the open book on it. */
export function jacketBoards({ detail: { width, height, flap, second } }: SizedBody<Jacket>): BoardPlan[] {
  const [wide, turned, right] = [width.value, flap.value, width.value - second.value];
  const plan = board(
    { id: 'inside', title: 'Inside, lying open, its flaps folded out', ground: 'lining' },
    { width: wide, height: height.value },
    [boardFace('cover')],
    { up: { path: 'finished/height', pin: 'body/height' } },
  );
  const fold = (at: number) => ({ x0: at, x1: at });
  return [
    {
      ...plan,
      folds: [fold(turned), fold(right)],
      sizes: [
        { path: 'body/flap', from: 0, to: turned, side: 'near' },
        { path: 'finished/openWidth', from: turned, to: right, side: 'near' },
        { path: 'body/flap2', from: right, to: wide, side: 'near' },
        { path: 'body/width', from: 0, to: wide, side: 'far' },
        ...plan.sizes,
      ],
    },
  ];
}
