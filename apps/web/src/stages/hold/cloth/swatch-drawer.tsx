import { useDraggable } from '@dnd-kit/core';
import { type Material } from '@zindle/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { idOfSwatch } from '../../../derivations/stack-drop.ts';
import { stockWords } from '../../../ui/stock-words.ts';
import { useUnit } from '../../../ui/use-length.ts';

interface Props {
  materials: readonly Material[];
  /** Lays it on the stack that is chosen. */
  onLay(material: string): void;
  into: string;
}

/** Swatches with their thickness as bars; dragged onto a stack, or laid on the chosen one with Enter. */
export function SwatchDrawer({ materials, onLay, into }: Props) {
  const [search, setSearch] = useState('');
  const text = search.trim().toLowerCase();
  const found = materials.filter(({ name, use, tags = [] }) =>
    [name, use, ...tags].join(' ').toLowerCase().includes(text),
  );
  return (
    <section aria-label="Swatches" className="flex min-h-0 flex-col border-r border-hair bg-sheet">
      <div className="border-b border-hair p-3">
        <input
          type="search"
          className="field min-h-9 w-full"
          aria-label="Search the swatches"
          placeholder="Search the swatches"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <p className="mt-1.5 text-xs text-quiet">Drag one onto a stack, or press it to lay it on {into}.</p>
      </div>
      <ul className="min-h-0 flex-1 overflow-y-auto px-2 py-1.5" tabIndex={0} aria-label="Materials">
        {found.slice(0, SHOWN).map((material) => (
          <SwatchRow key={material.id} material={material} onLay={() => onLay(material.id)} />
        ))}
        {found.length > SHOWN && (
          <li className="px-1.5 py-2 text-xs text-quiet">and {found.length - SHOWN} more: search for them.</li>
        )}
      </ul>
      <Link
        to="/shelves/materials"
        className="border-t border-hair px-3.5 py-2.5 font-semibold text-weld underline underline-offset-4"
      >
        The shelf of materials
      </Link>
    </section>
  );
}

const SHOWN = 80;

function SwatchRow({ material, onLay }: { material: Material; onLay(): void }) {
  const { id, name, thickness, tint, onHand } = material;
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: idOfSwatch(id) });
  const unit = useUnit();
  return (
    // by keyboard a swatch is laid with Enter, not dragged
    <li
      ref={setNodeRef}
      onPointerDown={listeners?.onPointerDown as React.PointerEventHandler | undefined}
      className={isDragging ? 'opacity-40' : ''}
    >
      <button
        type="button"
        className="flex w-full cursor-grab items-center gap-2.5 rounded-lg px-1.5 py-1.5 text-left hover:bg-cloth"
        onClick={onLay}
        aria-label={`Lay ${name}`}
      >
        <Swatch material={material} />
        <span className="min-w-0 flex-1">
          <span className="block truncate">{name}</span>
          <span className="block text-xs text-quiet">
            {thickness.toFixed(2)} mm{onHand !== undefined && ` · ${stockWords(onHand, unit)}`}
          </span>
        </span>
        <span
          aria-hidden="true"
          className="w-2.5 self-end border border-ink/60"
          style={{ background: tint, height: Math.min(32, Math.max(1.5, thickness * 9)) }}
        />
      </button>
    </li>
  );
}

/** A scrap of the cloth. */
export const Swatch = ({ material: { tint } }: { material: Material }) => (
  <svg width="34" height="28" aria-hidden="true" className="shrink-0">
    <path d="M1 2h29l3 3-3 3 3 3-3 3 3 3-3 3 3 3-3 3H1z" fill={tint} stroke="#1F2B44" strokeWidth="0.8" />
  </svg>
);
