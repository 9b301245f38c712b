import { limits, nextId, parseLine, type DesignDocument, type Item, type ParsedLine } from '@zindle/core';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { offered, useShelves } from '../../store/shelves.ts';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength, useUnit, type SayLength } from '../../ui/use-length.ts';
import { FromElsewhere } from './from-elsewhere.tsx';
import { FromTheShelf } from './from-the-shelf.tsx';
import { HoldSwitch } from './hold-switch.tsx';
import { useAddLines } from './use-add-lines.ts';

const own = ({ ownItems }: DesignDocument): string => nextId('own-', ownItems);

/** The line in which a maker says what it must hold, with what Zindle understands. */
export function AddThings({ document, invited }: { document: DesignDocument; invited: number }) {
  const unit = useUnit();
  const length = useLength();
  const id = useId();
  const addLines = useAddLines();
  const shelf = useShelves((state) => state.own);
  const shelves = useShelves((state) => state.shelves);
  const items = useMemo(() => offered({ own: shelf, shelves }, 'items'), [shelf, shelves]);
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (invited > 0) input.current?.focus();
  }, [invited]);

  const read = text.trim()
    ? parseLine(text, { unit, items: [...items, ...document.ownItems], makeId: () => own(document) })
    : undefined;
  const full = document.contents.length >= limits.lines;
  const error = full
    ? `A design holds at most ${limits.lines} kinds of things.`
    : tried && read && !read.ok
      ? read.message
      : undefined;

  function add(parsed: Extract<ParsedLine, { ok: true }>) {
    addLines([parsed]);
    setText('');
    setTried(false);
  }
  const pick = (item: Item) => add({ ok: true, item, count: 1, name: item.name, isNew: false });

  return (
    <form
      aria-label="Add things"
      className="flex items-start gap-2.5 border-b border-hair bg-sheet px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (read?.ok && !full) add(read);
        else setTried(true);
      }}
    >
      <HoldSwitch />
      <div className="min-w-0 flex-1">
        <label htmlFor={id} className="sr-only">
          What must it hold?
        </label>
        <div className="relative">
          <input
            ref={input}
            id={id}
            className="field min-h-11 w-full border-ink px-3.5 text-[15px]"
            placeholder="What must it hold? 3 cards, 6 vials 16x95 round …"
            value={text}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={error !== undefined}
            aria-describedby={`${id}-hint`}
            onChange={(event) => {
              setText(event.target.value);
              setTried(false);
            }}
          />
          {read?.ok && (
            <span className="pointer-events-none absolute inset-y-0 right-3 flex items-center bg-white pl-3 text-quiet">
              → {understood(read, length)}
            </span>
          )}
        </div>
        <p id={`${id}-hint`} className={error ? 'field-error mt-1' : 'sr-only'} role={error ? 'alert' : undefined}>
          {error ?? (read?.ok ? understood(read, length) : 'Write it and press Enter.')}
        </p>
      </div>
      <button type="submit" className="button button-main min-h-11">
        Add
      </button>
      <FromTheShelf items={items} disabled={full} onPick={pick} />
      <FromElsewhere document={document} disabled={full} />
    </form>
  );
}

function understood({ item, count }: Extract<ParsedLine, { ok: true }>, length: SayLength): string {
  return `${count} × ${sizeWords(item, length)}`;
}
