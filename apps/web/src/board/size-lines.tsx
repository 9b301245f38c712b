import { standsOut, type Board, type BoardSize } from '@zindle/core';
import { Dimension } from './dimension.tsx';
import type { Frame } from './frame.ts';

/** From the drawing to its dimension lines, px. */
const AWAY = { near: 30, far: 70, right: 40 };

/** The ends of a dimension line of a board: below it, or at its right. px */
function sizeLine(board: Board, { x, y }: Frame, { side, from, to }: BoardSize): [[number, number], [number, number]] {
  if (side === 'right') {
    const right = x(board.width + standsOut(board).right) + AWAY.right;
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

interface Props {
  board: Board;
  frame: Frame;
  /** Names and lengths by path, mm; what is not among them has no line. */
  sizes: Readonly<Record<string, { label: string; mm: number }>>;
  /** Path of the size whose sum is open. */
  chosen?: string | undefined;
  onChoose(path: string): void;
}

/** The dimension lines of a board: below it and at its right. */
export function SizeLines({ board, frame, sizes, chosen, onChoose }: Props) {
  return board.sizes.map((size) => {
    const written = sizes[size.path];
    if (!written) return null;
    const [from, to] = sizeLine(board, frame, size);
    return (
      <Dimension
        key={`${size.path} ${size.from}`}
        from={from}
        to={to}
        {...written}
        chosen={chosen === size.path}
        {...(size.quiet && { tone: '#0F6B66' })}
        onChoose={() => onChoose(size.path)}
      />
    );
  });
}
