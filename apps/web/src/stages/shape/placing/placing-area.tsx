import {
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  pointerWithin,
  useSensor,
  useSensors,
  MeasuringStrategy,
  type DragEndEvent,
  type Modifier,
} from '@dnd-kit/core';
import { limits, setStack, stacksOf, type Role } from '@zindle/core';
import { getEventCoordinates } from '@dnd-kit/utilities';
import { useEffect, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { draggedOf, laidOn, targetOf, type Dragged } from '../../../derivations/stack-drop.ts';
import { offersFor, placingOf, useTrials, type Offer } from '../../../derivations/placing.ts';
import { useKinds } from '../../../store/kinds-context.ts';
import { useDesign } from '../../../store/design-context.ts';
import { useShelves } from '../../../store/shelves.ts';
import type { WithSolution } from '../../use-solved.ts';
import { thingName } from '../../../derivations/things.ts';
import { PlacingContext } from './placing-context.ts';
import { useHotkeys } from 'react-hotkeys-hook';

/** What is carried hangs beside the pointer, however large the thing is that was taken hold of. */
const beside: Modifier = ({ activatorEvent, activeNodeRect, transform }) => {
  const at = activatorEvent && getEventCoordinates(activatorEvent);
  if (!at || !activeNodeRect) return transform;
  return {
    ...transform,
    x: transform.x + at.x - activeNodeRect.left + 10,
    y: transform.y + at.y - activeNodeRect.top + 8,
  };
};

/** Rows of the list grow while their places are tried, and move those below them. ms */
const measuring = { droppable: { strategy: MeasuringStrategy.Always, frequency: 100 } };

/** Lets things, holders and swatches be dragged from the tray and the board to where they may go; the same places are listed
 * for the keyboard. */
export function PlacingArea({ document, children }: Pick<WithSolution, 'document'> & { children: React.ReactNode }) {
  const placing = useDesign((state) => state.placing);
  const place = useDesign((state) => state.place);
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const shelves = useShelves((state) => state.shelves);
  const kinds = useKinds();
  const offers = useMemo(() => offersFor(document, placing, kinds), [document, placing, kinds]);
  const trials = useTrials(document, placing, shelves);
  const [swatch, drag] = useState<Dragged>();
  const carried = swatch?.kind === 'swatch' && shelves.materials.find(({ id }) => id === swatch.material);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    // a finger that rests takes hold, one that moves scrolls
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  );
  // what was in hand stays behind with the board
  useEffect(() => () => place(undefined), [place]);
  useHotkeys('escape', () => place(undefined), { enabled: placing !== undefined });

  function put(offer: Offer) {
    edit(offer.edit);
    place(undefined);
    if (offer.side === 'out') select('body');
    else if (placing?.kind === 'holder') select(`holders/${placing.holder}`);
    else if (placing) select(`contents/${placing.line}`);
  }
  function lay(id: string, role: Role | undefined) {
    const material = shelves.materials.find((each) => each.id === id);
    if (!material || !role) return;
    const layers = laidOn(stacksOf(document)[role], material);
    if (layers) edit(setStack(role, layers));
    else toast(`A stack has at most ${limits.layers} layers.`);
  }
  function end({ active, over }: DragEndEvent) {
    const target = over && String(over.id);
    const dragged = draggedOf(String(active.id));
    drag(undefined);
    if (dragged?.kind === 'swatch') return target && lay(dragged.material, targetOf(target)?.role);
    const offer = offers.find(
      ({ id }) => target === `board/${id}` || target === `list/${id}` || target === `tray/${id}`,
    );
    if (offer) put(offer);
    else place(undefined);
  }
  return (
    <PlacingContext value={{ offers, trials, put, swatch: swatch?.kind === 'swatch' ? swatch.material : undefined }}>
      <DndContext
        sensors={sensors}
        collisionDetection={pointerWithin}
        measuring={measuring}
        onDragStart={({ active }) => (place(placingOf(String(active.id))), drag(draggedOf(String(active.id))))}
        onDragEnd={end}
        onDragCancel={() => (place(undefined), drag(undefined))}
      >
        {children}
        <DragOverlay dropAnimation={null} modifiers={[beside]} className="w-auto!">
          {placing ? (
            <InHand>{placing.kind === 'holder' ? placing.holder : thingName(document, placing.line)}</InHand>
          ) : carried ? (
            <InHand>{carried.name}</InHand>
          ) : null}
        </DragOverlay>
      </DndContext>
    </PlacingContext>
  );
}

const InHand = ({ children }: { children: React.ReactNode }) => (
  <span className="pointer-events-none inline-block rounded-lg border border-ink bg-sheet px-2.5 py-1 font-semibold shadow-lg">
    {children}
  </span>
);
