import { useDraggable } from '@dnd-kit/core';
import { pressable } from '../../../board/pressable.ts';
import type { Shown, Tints } from '../../../board/drawing-kit.ts';
import { HolderShape, type HolderPart } from '../../../board/holder-shape.tsx';
import { idOfPlacing } from '../../../derivations/placing.ts';
import { useDesign } from '../../../store/design-context.ts';
import { takenBy } from '../placing/taken-by.ts';
import type { OnBoard } from './on-board.ts';

/** The holders of a side: pressed to take them in hand, dragged to put them elsewhere. */
export function HoldersLayer({ board, frame, tints, show }: OnBoard & { tints: Tints; show: Shown }) {
  const rest = { frame, tints, show };
  return board.holders.map((holder) => <HolderOnBoard key={holder.id} holder={holder} board={board} {...rest} />);
}

function HolderOnBoard(part: HolderPart) {
  const { holder } = part;
  const { id, title } = holder;
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === `holders/${id}`);
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: idOfPlacing({ kind: 'holder', holder: id }) });
  return (
    <g
      ref={setNodeRef as unknown as React.Ref<SVGGElement>}
      {...pressable(() => select(`holders/${id}`))}
      {...takenBy(listeners)}
      aria-label={`${title} ${id}`}
      aria-pressed={selected}
      opacity={isDragging ? 0.45 : 1}
    >
      <HolderShape {...part} />
    </g>
  );
}
