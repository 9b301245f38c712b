import { builtInKinds } from '@zindle/core';
import { pressable } from '../../../board/pressable.ts';
import type { Tints } from '../../../board/drawing-kit.ts';
import { SnapShapes, TabShape } from '../../../board/side-drawing.tsx';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

/** The tab and the snaps of the closure, and the way to its sizes. */
export function Fastenings({ document, board, frame, tints }: OnBoard & { tints: Tints }) {
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === 'closure');
  if (!board.tab && board.snaps.length === 0) return null;
  const part = { board, frame, tints, chosen: selected };
  return (
    <g
      {...pressable(() => select('closure'))}
      aria-label={builtInKinds.closures[document.closure.kind]?.title ?? 'Closure'}
      aria-pressed={selected}
    >
      <TabShape {...part} />
      <SnapShapes {...part} />
    </g>
  );
}
