import { SizeLines } from '../../../board/size-lines.tsx';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

/** Dimension lines of the board; each opens the sum behind it. */
export function SizesLayer({ board, sizes, frame }: OnBoard) {
  const explained = useDesign((state) => state.explained?.path);
  const explain = useDesign((state) => state.explain);
  return (
    <SizeLines
      board={board}
      sizes={sizes}
      frame={frame}
      chosen={explained}
      onChoose={(path) => explain({ path, into: [] })}
    />
  );
}
