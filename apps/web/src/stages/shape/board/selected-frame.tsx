import { Dimension } from '../../../board/dimension.tsx';
import { boxOf } from '../../../board/frame.ts';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

/** A frame round the holder in hand, and its clear width. */
export function SelectedFrame({ board, sizes, frame }: OnBoard) {
  const selection = useDesign((state) => state.selection);
  const explained = useDesign((state) => state.explained?.path);
  const explain = useDesign((state) => state.explain);
  const holder = board.holders.find(({ id }) => selection === `holders/${id}`);
  if (!holder) return null;
  const { across } = holder;
  const written = across && sizes[across.path];
  const level = frame.y(board.height) - 24;
  return (
    <>
      <rect
        {...boxOf(frame, holder)}
        aria-hidden="true"
        pointerEvents="none"
        fill="none"
        stroke="#C8452F"
        strokeWidth="2.2"
      />
      {across && written && (
        <Dimension
          from={[frame.x(across.x0), level]}
          to={[frame.x(across.x1), level]}
          {...written}
          chosen={explained === across.path}
          tone="#B03A25"
          onChoose={() => explain({ path: across.path, into: [] })}
        />
      )}
    </>
  );
}
