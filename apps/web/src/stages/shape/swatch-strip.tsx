import { useDraggable } from '@dnd-kit/core';
import { useParams, Link } from 'react-router';
import type { Material } from '@zindle/core';
import { idOfSwatch } from '../../derivations/stack-drop.ts';
import { takenBy } from './placing/taken-by.ts';
import { offered, useShelves } from '../../store/shelves.ts';

const SHOWN = 21;

/** Scraps of the cloths at hand, to be dragged onto the drawing; the lists above do the same by keyboard. */
export function SwatchStrip() {
  const { id = '' } = useParams();
  const own = useShelves((state) => state.own);
  const shelves = useShelves((state) => state.shelves);
  const materials = offered({ own, shelves }, 'materials').filter(({ use }) => use !== 'mesh');
  return (
    <div className="mt-4">
      <p className="text-xs text-quiet">Drag a scrap onto the drawing:</p>
      <ul aria-hidden="true" className="mt-1 flex flex-wrap gap-1">
        {materials.slice(0, SHOWN).map((material) => (
          <Scrap key={material.id} material={material} />
        ))}
      </ul>
      <Link
        to={`/d/${id}/hold/cloth`}
        className="mt-2 inline-block font-semibold text-weld underline underline-offset-4"
      >
        The cloth bench
      </Link>
    </div>
  );
}

function Scrap({ material: { id, name, tint, thickness } }: { material: Material }) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: idOfSwatch(id) });
  return (
    <li
      ref={setNodeRef}
      title={`${name}, ${thickness.toFixed(2)} mm`}
      data-swatch={id}
      className={`size-7 cursor-grab rounded-sm border border-ink/60 ${isDragging ? 'opacity-40' : ''}`}
      style={{ background: tint }}
      {...takenBy(listeners)}
    />
  );
}
