import { Dimension } from '../../../board/dimension.tsx';
import { sizeLine } from '../../../board/size-lines.ts';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

/** Dimension lines of the board: below it and at its right. */
export function SizesLayer({ board, sizes, frame }: OnBoard) {
  const explained = useDesign((state) => state.explained?.path);
  const explain = useDesign((state) => state.explain);
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
        chosen={explained === size.path}
        {...(size.quiet && { tone: '#0F6B66' })}
        onChoose={() => explain({ path: size.path, into: [] })}
      />
    );
  });
}
