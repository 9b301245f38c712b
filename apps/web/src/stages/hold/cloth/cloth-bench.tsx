import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  closestCorners,
  pointerWithin,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { foundLayers, roles, setStack, stackNotes, stacksOf, type Edit, type Layer, type Role } from '@zindle/core';
import { useState } from 'react';
import { toast } from 'sonner';
import { draggedOf, dropped, targetOf, type Dragged, type Target } from '../../../derivations/stack-drop.ts';
import { useDesign } from '../../../store/design-context.ts';
import { machineNow, offered, useShelves } from '../../../store/shelves.ts';
import { HoldSwitch } from '../hold-switch.tsx';
import { RoleStack } from './role-stack.tsx';
import { roleWords } from './role-words.ts';
import { StackInspector } from './stack-inspector.tsx';
import { Swatch, SwatchDrawer } from './swatch-drawer.tsx';

const isLayer = ({ id }: { id: string | number }): boolean => String(id).startsWith('layer/');

/** Under the pointer, a layer before its stack; by keyboard the nearest layer. */
const collide: CollisionDetection = (args) => {
  if (!args.pointerCoordinates)
    return closestCorners({ ...args, droppableContainers: args.droppableContainers.filter(isLayer) });
  const under = pointerWithin(args);
  const layers = under.filter(isLayer);
  return layers.length > 0 ? layers : under;
};

/** The cloth of the design: swatches on the left, stacks in the middle, the seam of the chosen one on the right. */
export function ClothBench() {
  const document = useDesign((state) => state.document);
  const edit = useDesign((state) => state.edit);
  const shelves = useShelves((state) => state.shelves);
  const own = useShelves((state) => state.own);
  const house = useShelves((state) => state.house);
  const [chosen, choose] = useState<Role>('exterior');
  const [dragged, drag] = useState<Dragged>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const stacks = stacksOf(document);
  const machine = machineNow({ shelves, house });
  const materialOf = (id: string) => shelves.materials.find((each) => each.id === id);
  const found = (role: Role) => foundLayers(stacks[role], shelves.materials);

  function put(what: Dragged, target: Target) {
    const result = dropped(stacks, what, target, materialOf);
    if (typeof result === 'string') return toast(result);
    const changes = Object.entries(result) as [Role, Layer[]][];
    if (changes.length > 0) edit(setStacks(changes));
    choose(target.role);
  }
  function end({ active, over }: DragEndEvent) {
    drag(undefined);
    const what = draggedOf(String(active.id));
    const target = over ? targetOf(String(over.id)) : undefined;
    if (what && target) put(what, target);
  }
  const inHand =
    dragged && (dragged.kind === 'swatch' ? dragged.material : stacks[dragged.role][dragged.index]?.material);
  const carried = inHand === undefined ? undefined : materialOf(inHand);

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={collide}
      onDragStart={({ active }) => drag(draggedOf(String(active.id)))}
      onDragEnd={end}
      onDragCancel={() => drag(undefined)}
    >
      <div className="grid min-h-0 flex-1 grid-cols-[250px_minmax(0,1fr)_340px] grid-rows-[minmax(0,1fr)]">
        <SwatchDrawer
          materials={offered({ own, shelves }, 'materials')}
          into={roleWords[chosen].title.toLowerCase()}
          onLay={(material) => put({ kind: 'swatch', material }, { role: chosen })}
        />
        <main className="min-h-0 overflow-y-auto px-4 py-3" tabIndex={0} aria-label="The cloth bench">
          <div className="flex items-center justify-between gap-3">
            <h2 className="text-base">
              Layers, from the right side inwards{' '}
              <span className="font-sans text-xs font-normal text-quiet">bars to one scale</span>
            </h2>
            <HoldSwitch />
          </div>
          <ul className="mt-2.5 space-y-2.5">
            {roles.map((role) => (
              <RoleStack
                key={role}
                role={role}
                layers={found(role)}
                notes={stackNotes(found(role), machine)}
                chosen={role === chosen}
                onChoose={() => choose(role)}
              />
            ))}
          </ul>
        </main>
        <aside
          aria-label="The stack in hand"
          className="min-h-0 overflow-y-auto border-l border-hair bg-sheet p-3.5"
          tabIndex={0}
        >
          <StackInspector
            role={chosen}
            layers={found(chosen)}
            notes={stackNotes(found(chosen), machine)}
            machine={machine}
          />
        </aside>
      </div>
      <DragOverlay dropAnimation={null}>
        {carried && (
          <span className="flex w-56 items-center gap-2 rounded-lg border border-ink bg-sheet px-2 py-1 shadow-lg">
            <Swatch material={carried} />
            <span className="truncate">{carried.name}</span>
          </span>
        )}
      </DragOverlay>
    </DndContext>
  );
}

/** What one gesture does to one stack or two, as one step. */
function setStacks(changes: [Role, Layer[]][]): Edit {
  const edits = changes.map(([role, layers]) => setStack(role, layers));
  return {
    name: edits[0]!.name,
    apply: (document) => edits.reduce((next, edit) => edit.apply(next), document),
  };
}
