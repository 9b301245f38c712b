import { pressable } from '../../../board/pressable.ts';
import { SnapShapes, TabShape, type Tints } from '../../../board/side-drawing.tsx';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

/** The tab and the snaps of the closure, and the way to its sizes. */
export function Fastenings({ board, frame, tints }: OnBoard & { tints: Tints }) {
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === 'closure');
  if (!board.tab && board.snaps.length === 0) return null;
  const part = { board, frame, tints, chosen: selected };
  return (
    <g
      {...pressable(() => select('closure'))}
      aria-label={board.tab ? 'Tab with a snap' : 'Snaps along the mouth'}
      aria-pressed={selected}
    >
      <TabShape {...part} />
      <SnapShapes {...part} />
    </g>
  );
}
