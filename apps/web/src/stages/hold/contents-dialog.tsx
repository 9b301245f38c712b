import { limits, type Item } from '@zindle/core';
import { useState } from 'react';
import { api, type ContentsAnswer } from '../../api/client.ts';
import { FileField } from '../../ui/file-field.tsx';
import { RowMessages } from '../../ui/row-messages.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import { Signal } from '../../ui/signal.tsx';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength, useUnit } from '../../ui/use-length.ts';
import type { ElsewhereProps } from './elsewhere-props.ts';
import { useAddLines } from './use-add-lines.ts';

/** Things from a table: looked at first, then all of them added as one step. */
export function ContentsDialog({ document, onClose }: ElsewhereProps) {
  const unit = useUnit();
  const length = useLength();
  const addLines = useAddLines();
  const [answer, setAnswer] = useState<ContentsAnswer>();
  const [failure, setFailure] = useState<string>();
  async function read(file: File) {
    try {
      setAnswer(await api.readContents(file, unit));
      setFailure(undefined);
    } catch (error) {
      setAnswer(undefined);
      setFailure(error instanceof Error ? error.message : String(error));
    }
  }
  const lines = answer?.lines ?? [];
  const room = limits.lines - document.contents.length;
  const usable = answer !== undefined && answer.stops === 0 && lines.length > 0 && lines.length <= room;
  function add() {
    const fresh = lines.map(({ name, count, item }) => ({
      name,
      count,
      item: { ...item, id: item.id ?? 'new' } as Item,
      isNew: item.id === undefined,
    }));
    addLines(fresh);
    onClose();
  }
  return (
    <SheetDialog
      title="A table of things"
      about={`A CSV with a heading: Name, Count, Length, Width, Thickness. What the shelf knows by name needs no sizes. Lengths without a unit are read as ${unit}.`}
      onClose={onClose}
      main={{ title: `Add ${usable ? lines.length : 'them'}`, disabled: !usable, onPress: add }}
    >
      <FileField label="The table" accept=".csv,text/csv,text/plain" onFile={(file) => void read(file)} />
      <div aria-live="polite" className="mt-3">
        {failure && (
          <p role="alert" className="rounded-lg bg-chalk-soft px-3 py-2">
            {failure}
          </p>
        )}
        {answer && (
          <p className="flex gap-2 font-semibold">
            <Signal of={usable ? 'fine' : 'stop'} />
            {answer.stops > 0
              ? `Nothing is added: ${answer.stops} to put right first`
              : lines.length > room
                ? `${lines.length} kinds of things; this design has room for ${room} more`
                : `${lines.length} kinds of things`}
          </p>
        )}
        {answer && <RowMessages messages={answer.messages} />}
        {usable && (
          <ul
            className="mt-2 max-h-48 overflow-y-auto rounded-lg border border-hair bg-white px-3 py-1.5 text-[13px]"
            tabIndex={0}
            aria-label="What will be added"
          >
            {lines.map(({ row, name, count, item }) => (
              <li key={row} className="flex justify-between gap-3 py-0.5">
                <span className="truncate">
                  {name} {count > 1 && `×${count}`}
                </span>
                <span className="text-quiet">{sizeWords({ ...item, id: '' }, length)}</span>
              </li>
            ))}
          </ul>
        )}
      </div>
    </SheetDialog>
  );
}
