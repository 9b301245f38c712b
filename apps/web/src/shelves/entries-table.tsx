import { shelfSpec, type ShelfEntry, type ShelfId } from '@zindle/core';
import {
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useEffectEvent, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useUnit } from '../ui/use-length.ts';
import { EntryPicture } from './entry-picture.tsx';
import { fieldWords, shownFields, valueOf } from './entry-words.ts';

/** An entry with what the table says of it besides. */
export interface Row {
  entry: ShelfEntry;
  own: boolean;
  binned: boolean;
}

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
});

const ROW = 46;

interface Props {
  shelf: ShelfId;
  rows: readonly Row[];
  /** Of how many they were chosen. */
  total: number;
  chosen: string | undefined;
  onChoose(id: string): void;
}

/** The entries of a shelf, sorted by any column; only those in sight are drawn, however many there are. */
export function EntriesTable({ shelf, rows, total, chosen, onChoose }: Props) {
  const unit = useUnit();
  const fields = useMemo(
    () => shownFields[shelf].map((key) => shelfSpec(shelf).fields.find((field) => field.key === key)!),
    [shelf],
  );
  const columns = useMemo(
    () => [
      { id: 'name', accessorFn: ({ entry }: Row) => entry.name, sortFn: 'alphanumeric' as const },
      ...fields.map(({ key, kind }) => ({
        id: key,
        accessorFn: ({ entry }: Row) => valueOf(entry, key) as string | number | undefined,
        sortFn: kind === 'choice' || kind === 'text' ? ('alphanumeric' as const) : ('basic' as const),
        sortUndefined: 'last' as const,
      })),
      { id: 'tags', accessorFn: ({ entry }: Row) => entry.tags?.join(', '), sortFn: 'alphanumeric' as const },
    ],
    [fields],
  );
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const table = useTable({
    features,
    columns,
    data: rows as Row[],
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: ({ entry }) => entry.id,
  });
  const sorted = table.getRowModel().rows;
  const box = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- the compiler that it minds is not used
  const virtual = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: 8,
  });
  const at = sorted.findIndex(({ id }) => id === chosen);
  const show = useEffectEvent((index: number) => {
    if (index >= 0) virtual.scrollToIndex(index, { align: 'auto' });
  });
  useEffect(() => show(at), [at]);

  function walk(event: KeyboardEvent) {
    const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 10, PageUp: -10, Home: -1e6, End: 1e6 }[event.key];
    if (by === undefined || sorted.length === 0) return;
    event.preventDefault();
    const next = Math.min(sorted.length - 1, Math.max(0, (at < 0 ? -1 : at) + by));
    onChoose(sorted[next]!.id);
  }

  const template = `minmax(230px,2.2fr) repeat(${fields.length},minmax(64px,1fr)) minmax(90px,1.2fr)`;
  const heading = (id: string, title: string, right: boolean) => {
    const now = sorting[0]?.id === id ? (sorting[0].desc ? 'descending' : 'ascending') : 'none';
    return (
      <div key={id} role="columnheader" aria-sort={now} className={right ? 'text-right' : ''}>
        <button
          type="button"
          className="rounded px-1 py-1 text-xs font-semibold hover:underline"
          onClick={() => setSorting([{ id, desc: now === 'ascending' }])}
        >
          {title}
          <span aria-hidden="true">{now === 'none' ? '' : now === 'ascending' ? ' ↑' : ' ↓'}</span>
        </button>
        {id === 'name' && (
          <span className="ml-2 text-xs text-quiet">
            {sorted.length} of {total}
          </span>
        )}
      </div>
    );
  };
  const numeric = (kind: string) => kind === 'length' || kind === 'number';
  return (
    <div
      role="table"
      aria-label={shelfSpec(shelf).title}
      aria-rowcount={sorted.length + 1}
      className="flex min-h-0 flex-1 flex-col"
    >
      <div role="rowgroup">
        <div
          role="row"
          className="grid items-center gap-2 border-b border-ink px-4"
          style={{ gridTemplateColumns: template }}
        >
          {heading('name', 'Name', false)}
          {fields.map(({ key, title, kind, ...field }) =>
            heading(key, kind === 'length' ? headed(title, field, unit) : unitOf(title, field), numeric(kind)),
          )}
          {heading('tags', 'Tags', false)}
        </div>
      </div>
      <div
        ref={box}
        role="rowgroup"
        tabIndex={0}
        aria-label="Entries; arrow keys choose one"
        className="min-h-0 flex-1 overflow-auto outline-offset-[-2px]"
        onKeyDown={walk}
      >
        <div style={{ height: virtual.getTotalSize() }} className="relative">
          {virtual.getVirtualItems().map(({ index, start }) => {
            const { id, original } = sorted[index]!;
            const { entry, own, binned } = original;
            return (
              <div
                key={id}
                role="row"
                aria-rowindex={index + 2}
                aria-selected={id === chosen}
                className={`absolute inset-x-0 grid cursor-pointer items-center gap-2 border-b border-hair/70 px-4 ${id === chosen ? 'bg-weld-soft' : 'hover:bg-white'}`}
                style={{ gridTemplateColumns: template, height: ROW, transform: `translateY(${start}px)` }}
                onClick={() => onChoose(id)}
              >
                <div role="cell" className="flex min-w-0 items-center gap-2.5">
                  <EntryPicture shelf={shelf} entry={entry} />
                  <span className="min-w-0">
                    <span className="block truncate font-medium">{entry.name}</span>
                    <span className="block text-xs text-quiet">
                      {binned ? 'in the bin' : own ? 'yours' : 'standard'}
                    </span>
                  </span>
                </div>
                {fields.map((field) => (
                  <div
                    key={field.key}
                    role="cell"
                    className={`truncate text-[13px] ${numeric(field.kind) ? 'text-right' : ''}`}
                  >
                    {fieldWords(field, valueOf(entry, field.key), unit)}
                  </div>
                ))}
                <div role="cell" className="truncate text-xs text-quiet">
                  {entry.tags?.join(', ')}
                </div>
              </div>
            );
          })}
        </div>
        {sorted.length === 0 && <p className="px-4 py-6 text-quiet">Nothing here is like that.</p>}
      </div>
    </div>
  );
}

/** Stock says its unit in each row. */
const headed = (title: string, field: object, unit: string): string =>
  'long' in field && field.long ? title : `${title}, ${unit}`;

const unitOf = (title: string, field: object): string =>
  'unit' in field && typeof field.unit === 'string' ? `${title}, ${field.unit}` : title;
