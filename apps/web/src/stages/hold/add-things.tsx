import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import {
  addContents,
  builtInKinds,
  limits,
  parseLine,
  standardItems,
  type DesignDocument,
  type Item,
  type ParsedLine,
} from '@zindle/core';
import { useEffect, useId, useRef, useState } from 'react';
import { useDesign } from '../../store/design-context.ts';
import { HoldSwitch } from './hold-switch.tsx';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength, useUnit, type SayLength } from '../../ui/use-length.ts';

/** Number of the next line or own item: one more than the highest there is. */
function nextId(prefix: string, ids: readonly string[]): string {
  const numbers = ids.map((id) => Number(new RegExp(`^${prefix}(\\d+)$`).exec(id)?.[1] ?? 0));
  return `${prefix}${Math.max(0, ...numbers) + 1}`;
}

const own = ({ ownItems }: DesignDocument): string =>
  nextId(
    'own-',
    ownItems.map(({ id }) => id),
  );

/** The line in which a maker says what it must hold, with what Zindle understands. */
export function AddThings({ document, invited }: { document: DesignDocument; invited: number }) {
  const unit = useUnit();
  const length = useLength();
  const id = useId();
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (invited > 0) input.current?.focus();
  }, [invited]);

  const read = text.trim()
    ? parseLine(text, { unit, items: [...standardItems, ...document.ownItems], makeId: () => own(document) })
    : undefined;
  const full = document.contents.length >= limits.lines;
  const error = full
    ? `A design holds at most ${limits.lines} kinds of things.`
    : tried && read && !read.ok
      ? read.message
      : undefined;

  function add(parsed: Extract<ParsedLine, { ok: true }>) {
    const { item, count, name, isNew } = parsed;
    const line = nextId(
      'c',
      document.contents.map((each) => each.id),
    );
    const together = item.thickness <= 0.3 && !item.rigid ? count : 1;
    const entry = {
      id: line,
      item: item.id,
      count,
      perHolder: together,
      orientation: builtInKinds.bodies[document.body.kind]?.orientation ?? 'lying',
    };
    edit(addContents(item.name === name ? entry : { ...entry, name }, item, isNew, standardItems));
    select(`contents/${line}`);
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
            placeholder="What must it hold? Like “3 cards”, “notes 140 x 77” or “6 vials 16x95 round”"
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
      <Popover>
        <PopoverButton className="button min-h-11">From the shelf</PopoverButton>
        <PopoverPanel
          anchor={{ to: 'bottom end', gap: 6 }}
          className="z-30 max-h-96 w-80 overflow-auto rounded-lg border border-ink bg-sheet p-2 shadow-lg"
        >
          {({ close }) => (
            <ul>
              {standardItems.map((item) => (
                <li key={item.id}>
                  <button
                    type="button"
                    className="w-full rounded px-2 py-1.5 text-left hover:bg-weld-soft"
                    disabled={full}
                    onClick={() => {
                      pick(item);
                      close();
                    }}
                  >
                    {item.name}
                    <span className="block text-xs text-quiet">
                      {length(item.length)} × {length(item.width)} · {item.source}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          )}
        </PopoverPanel>
      </Popover>
    </form>
  );
}

function understood({ item, count }: Extract<ParsedLine, { ok: true }>, length: SayLength): string {
  return `${count} × ${sizeWords(item, length)}`;
}
