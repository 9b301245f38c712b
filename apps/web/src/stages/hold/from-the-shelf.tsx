import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import type { Item } from '@zindle/core';
import { useState } from 'react';
import { ThingShape } from '../../board/thing-shape.tsx';
import { heightSeen } from '../../derivations/things.ts';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength } from '../../ui/use-length.ts';

interface Props {
  items: readonly Item[];
  disabled: boolean;
  onPick(item: Item): void;
}

/** Rows that are shown at once; the rest is found by searching. */
const SHOWN = 60;

/** The shelf of things: her own first, then the standard ones with their sources. */
export function FromTheShelf({ items, disabled, onPick }: Props) {
  return (
    <Popover>
      <PopoverButton className="button min-h-11">From the shelf</PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom end', gap: 6 }}
        className="z-30 flex max-h-[26rem] w-96 flex-col rounded-lg border border-ink bg-sheet shadow-lg"
      >
        {({ close }) => (
          <ShelfList
            items={items}
            disabled={disabled}
            onPick={(item) => {
              onPick(item);
              close();
            }}
          />
        )}
      </PopoverPanel>
    </Popover>
  );
}

function ShelfList({ items, disabled, onPick }: Props) {
  const length = useLength();
  const [search, setSearch] = useState('');
  const text = search.trim().toLowerCase();
  const found = items.filter(({ name, tags = [], source }) =>
    [name, source, ...tags].join(' ').toLowerCase().includes(text),
  );
  return (
    <>
      <div className="border-b border-hair p-2">
        <input
          type="search"
          autoFocus
          aria-label="Search the shelf of things"
          placeholder="Search the shelf"
          className="field min-h-9 w-full"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
      </div>
      <ul className="min-h-0 flex-1 overflow-auto p-1.5" aria-label="Things on the shelf">
        {found.slice(0, SHOWN).map((item) => (
          <li key={item.id}>
            <button
              type="button"
              className="flex w-full items-center gap-2.5 rounded px-2 py-1 text-left hover:bg-weld-soft"
              disabled={disabled}
              onClick={() => onPick(item)}
            >
              <Small item={item} />
              <span className="min-w-0">
                <span className="block truncate">{item.name}</span>
                <span className="block truncate text-xs text-quiet">
                  {sizeWords(item, length)} · {item.source}
                </span>
              </span>
            </button>
          </li>
        ))}
        {found.length > SHOWN && <li className="px-2 py-1.5 text-xs text-quiet">and {found.length - SHOWN} more</li>}
        {found.length === 0 && <li className="px-2 py-1.5 text-quiet">Nothing on the shelf is called so.</li>}
      </ul>
    </>
  );
}

/** All at one scale, but for what is larger than the room. */
function Small({ item }: { item: Item }) {
  const scale = Math.min(0.14, 42 / item.length, 28 / heightSeen(item));
  return (
    <svg width="44" height="30" aria-hidden="true" className="shrink-0">
      <ThingShape item={item} x={1} y={15 - (heightSeen(item) * scale) / 2} scale={scale} tint="#E7D9B5" />
    </svg>
  );
}
