import { standsOut, type Board } from '@zindle/core';
import { allShown, type Shown, type Tints } from './drawing-kit.ts';
import { SideDrawing } from './side-drawing.tsx';
import type { Frame } from './frame.ts';

const bare: Shown = { ...allShown, names: false, stitching: false };

interface Props {
  board: Board;
  tints: Tints;
  /** Largest size, px, and scale, px per mm. */
  room: { width: number; height: number };
  most: number;
}

const RIM = 6;

/** A side of a design as a small picture, to scale. */
export function SmallSide({ board, tints, room, most }: Props) {
  const { width, height } = board;
  const { left, right, top } = standsOut(board);
  // what stands out of a mouth, and what hangs out at a side
  const tops = board.holders.flatMap(({ layers }) =>
    layers.map((layer) => (layer.kind === 'thing' ? layer.thing.y1 : 0)),
  );
  const over = Math.max(top, ...tops.map((each) => each - height));
  const scale = Math.min(
    most,
    (room.width - 2 * RIM) / (width + left + right),
    (room.height - 2 * RIM) / (height + over),
  );
  const frame: Frame = {
    scale,
    x: (mm) => RIM + (left + mm) * scale,
    y: (mm) => RIM + (height + over - mm) * scale,
  };
  return (
    <svg
      width={(width + left + right) * scale + 2 * RIM}
      height={(height + over) * scale + 2 * RIM}
      role="img"
      aria-label={board.title}
    >
      <SideDrawing board={board} frame={frame} tints={tints} show={bare} rim={3} />
    </svg>
  );
}
