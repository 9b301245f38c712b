import { useDroppable } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { stackThickness, type FoundLayer, type Role, type StackNote } from '@zindle/core';
import { GripVertical } from 'lucide-react';
import { idOfLayer, idOfStack } from '../../../derivations/stack-drop.ts';
import { Signal } from '../../../ui/signal.tsx';
import { useLength } from '../../../ui/use-length.ts';
import { roleWords, coverageWords } from './role-words.ts';

interface Props {
  role: Role;
  layers: readonly FoundLayer[];
  notes: readonly StackNote[];
  chosen: boolean;
  onChoose(): void;
}

/** px for a millimetre, the same for all stacks. */
const SCALE = 9;

/** One stack on the bench: its layers from the right side inwards, its thickness to scale. */
export function RoleStack({ role, layers, notes, chosen, onChoose }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: idOfStack(role) });
  const length = useLength();
  const { title, about } = roleWords[role];
  const { lies, underFoot } = stackThickness(layers);
  const worst = notes.find(({ severity }) => severity === 'stop') ?? notes.find(({ severity }) => severity === 'watch');
  return (
    <li
      ref={setNodeRef}
      className={`rounded-xl border bg-sheet p-3 transition-colors ${chosen ? 'border-ink' : 'border-hair'} ${isOver ? 'bg-weld-soft' : ''}`}
    >
      <div className="flex items-start gap-3">
        <button type="button" className="min-w-0 flex-1 text-left" aria-pressed={chosen} onClick={onChoose}>
          <span className="flex items-baseline gap-2">
            <b className="font-head text-base font-semibold">{title}</b>
            <span className="truncate text-[13px] text-quiet">{about}</span>
          </span>
          <span className="block text-[13px]">
            {length(lies, true)} as it lies, {length(underFoot)} under the foot
          </span>
        </button>
        {worst && (
          <span className="flex items-center gap-1.5 text-xs font-semibold">
            <Signal of={worst.severity} />
            {notes.length} to know
          </span>
        )}
      </div>
      <div className="mt-2 flex gap-3">
        <StackBar layers={layers} />
        <SortableContext
          items={layers.map((_, index) => idOfLayer(role, index))}
          strategy={verticalListSortingStrategy}
        >
          <ol className="min-w-0 flex-1 space-y-1" aria-label={`Layers of ${title.toLowerCase()}, from the right side`}>
            {layers.map((found, index) => (
              <LayerRow key={`${index}/${found.layer.material}`} id={idOfLayer(role, index)} found={found} />
            ))}
          </ol>
        </SortableContext>
      </div>
    </li>
  );
}

function LayerRow({ id, found: { layer, material } }: { id: string; found: FoundLayer }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  const name = material?.name ?? layer.material;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`flex items-center gap-2 rounded-lg border border-hair bg-white pr-2 ${isDragging ? 'opacity-40' : ''}`}
    >
      <button
        type="button"
        className="flex min-h-8 cursor-grab items-center px-1 text-quiet"
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}`}
      >
        <GripVertical size={14} aria-hidden="true" />
      </button>
      <span
        aria-hidden="true"
        className="size-4 shrink-0 rounded-sm border border-ink/60"
        style={{ background: material?.tint ?? '#fff' }}
      />
      <span className="min-w-0 flex-1 truncate">{name}</span>
      <span className="text-xs whitespace-nowrap text-quiet">{coverageWords[layer.coverage].title}</span>
    </li>
  );
}

/** The layers on each other, to scale. */
function StackBar({ layers }: { layers: readonly FoundLayer[] }) {
  const heights = layers.map(({ material }) => Math.max(1, (material?.thickness ?? 0) * SCALE));
  const total = heights.reduce((sum, high) => sum + high, 0);
  return (
    <svg width="62" height={Math.max(34, total + 4)} aria-hidden="true" className="shrink-0">
      {layers.map(({ material, layer }, index) => {
        const y = 1 + heights.slice(0, index).reduce((sum, high) => sum + high, 0);
        const inset = layer.coverage === 'full' ? 0 : 7;
        return (
          <rect
            key={index}
            x={1 + inset}
            y={y}
            width={60 - 2 * inset}
            height={heights[index]}
            fill={material?.tint ?? '#fff'}
            stroke="#1F2B44"
            strokeWidth="0.6"
          />
        );
      })}
    </svg>
  );
}
