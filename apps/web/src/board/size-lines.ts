import type { Board, BoardSize } from '@zindle/core';
import type { Frame } from './frame.ts';

/** From the drawing to its dimension lines, px. */
const AWAY = { near: 30, far: 70, right: 40 };

/** The ends of a dimension line of a board: below it, or at its right. px */
export function sizeLine(
  { width, tab }: Pick<Board, 'width' | 'tab'>,
  { x, y }: Frame,
  { side, from, to }: BoardSize,
): [[number, number], [number, number]] {
  if (side === 'right') {
    const right = x(width + (tab?.edge === 'right' ? tab.length : 0)) + AWAY.right;
    return [
      [right, y(from)],
      [right, y(to)],
    ];
  }
  const level = y(0) + AWAY[side];
  return [
    [x(from), level],
    [x(to), level],
  ];
}
