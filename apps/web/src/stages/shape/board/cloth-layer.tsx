import { useDroppable } from '@dnd-kit/core';
import { frontOf, type Role } from '@zindle/core';
import { boxOf } from '../../../board/frame.ts';
import { idOfStack } from '../../../derivations/stack-drop.ts';
import { roleWords } from '../../hold/cloth/role-words.ts';
import { usePlacing } from '../placing/placing-context.ts';
import type { OnBoard } from './on-board.ts';

/** While a swatch is dragged, the cloths that are seen on this side. */
export function ClothLayer({ board, frame }: OnBoard) {
  const { swatch } = usePlacing();
  if (!swatch) return null;
  const whole = boxOf(frame, { x0: 0, x1: board.width, y0: 0, y1: board.height });
  const fronts = board.holders.flatMap((holder) => {
    const front = frontOf(holder)?.cloth;
    return front && front !== board.ground ? [{ id: holder.id, role: front, box: boxOf(frame, holder) }] : [];
  });
  return (
    <>
      <ClothZone id={`${idOfStack(board.ground)}/ground`} role={board.ground} box={whole} />
      {fronts.map(({ id, role, box }) => (
        <ClothZone key={id} id={`${idOfStack(role)}/${id}`} role={role} box={box} />
      ))}
    </>
  );
}

function ClothZone({ id, role, box }: { id: string; role: Role; box: ReturnType<typeof boxOf> }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <g ref={setNodeRef as unknown as React.Ref<SVGGElement>} data-over={isOver}>
      <rect
        {...box}
        rx="4"
        fill="#0F6B66"
        fillOpacity={isOver ? 0.35 : 0.08}
        stroke="#0F6B66"
        strokeWidth={isOver ? 2.4 : 1.2}
      />
      {isOver && (
        <text
          x={box.x + box.width / 2}
          y={box.y + box.height / 2}
          textAnchor="middle"
          fontSize="13"
          fontWeight="650"
          fill="#1F2B44"
          stroke="#FBF9F3"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {roleWords[role].title}
        </text>
      )}
    </g>
  );
}
