import { alike, shelfSpec, type ShelfEntry, type ShelfId } from '@zindle/core';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { api, failureWords, type StoredEntry } from '../api/client.ts';
import { useShelves } from '../store/shelves.ts';
import { NameField } from '../ui/name-field.tsx';
import { EntryFields } from './entry-fields.tsx';
import { EntryPicture } from './entry-picture.tsx';
import type { Row } from './entries-table.tsx';
import { fieldWords, valueOf } from './entry-words.ts';
import { MaterialMeasures } from './material-measures.tsx';
import { PreviewPanel } from './preview-panel.tsx';
import { usePreview } from './use-preview.ts';
import { useUnit } from '../ui/use-length.ts';

interface Props {
  shelf: ShelfId;
  row: Row;
  onChoose(id: string): void;
}

/** The entry in hand: a standard one to read and to copy, her own to change. */
export function EntryEditor({ shelf, row, onChoose }: Props) {
  const stored = useShelves((state) => state.own[shelf].find(({ entry }) => entry.id === row.entry.id));
  return stored && !row.binned ? (
    <OwnEntry key={row.entry.id} shelf={shelf} stored={stored} onChoose={onChoose} />
  ) : (
    <ReadEntry shelf={shelf} row={row} onChoose={onChoose} />
  );
}

/** Puts a copy on the maker's own shelf. */
async function copyOf(shelf: ShelfId, entry: ShelfEntry, onChoose: (id: string) => void): Promise<void> {
  try {
    const plain = { ...entry, id: undefined };
    const stored = await api.createEntry(shelf, { ...plain, name: `${entry.name}, mine`.slice(0, 80) });
    useShelves.getState().take(shelf, stored);
    onChoose(stored.entry.id);
    toast(`“${stored.entry.name}” stands on your shelf.`);
  } catch (error) {
    toast.error(failureWords(error));
  }
}

function ReadEntry({ shelf, row, onChoose }: Props) {
  const unit = useUnit();
  const { entry, binned } = row;
  const bin = useShelves((state) => state.bin);
  async function restore() {
    try {
      await api.restoreEntry(shelf, entry.id);
      bin(shelf, entry.id, null);
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  return (
    <div className="p-3.5">
      <div className="flex items-center gap-3">
        <EntryPicture shelf={shelf} entry={entry} />
        <h2 className="text-lg leading-tight">{entry.name}</h2>
      </div>
      <p className="mt-1 text-quiet">{binned ? 'It lies in the bin.' : 'Standard: it stays as it is.'}</p>
      <dl className="mt-3">
        {shelfSpec(shelf).fields.map((field) => {
          const words = fieldWords(field, valueOf(entry, field.key), unit);
          return words === '' ? null : (
            <div key={field.key} className="flex justify-between gap-4 border-b border-hair/70 py-1.5">
              <dt>{field.title}</dt>
              <dd className="text-right font-medium">
                {field.kind === 'length' && !field.long ? `${words} ${unit}` : words}
              </dd>
            </div>
          );
        })}
      </dl>
      <WhereUsed key={entry.id} shelf={shelf} id={entry.id} />
      <div className="mt-4">
        {binned ? (
          <button type="button" className="button button-main" onClick={() => void restore()}>
            Take it out of the bin
          </button>
        ) : (
          <button type="button" className="button button-main" onClick={() => void copyOf(shelf, entry, onChoose)}>
            Make my own copy
          </button>
        )}
      </div>
    </div>
  );
}

/** The designs that use an entry, looked up when it is chosen. */
function WhereUsed({ shelf, id }: { shelf: ShelfId; id: string }) {
  const [users, setUsers] = useState<{ id: string; name: string }[]>();
  useEffect(() => {
    let late = false;
    api
      .usersOf(shelf, id)
      .then(({ designs }) => !late && setUsers(designs))
      .catch(() => undefined);
    return () => {
      late = true;
    };
  }, [shelf, id]);
  if (!users || shelf === 'machines') return null;
  if (users.length === 0) return <p className="mt-3 text-quiet">No design uses it.</p>;
  return (
    <p className="mt-3">
      Used in{' '}
      {users.slice(0, 6).map((design, index) => (
        <span key={design.id}>
          {index > 0 && ', '}
          <Link to={`/d/${design.id}/shape`} className="underline underline-offset-4">
            {design.name}
          </Link>
        </span>
      ))}
      {users.length > 6 && ` and ${users.length - 6} more`}.
    </p>
  );
}

function OwnEntry({ shelf, stored, onChoose }: { shelf: ShelfId; stored: StoredEntry; onChoose(id: string): void }) {
  // nothing while what is stored is what is shown
  const [changedTo, setDraft] = useState<ShelfEntry>();
  const draft = changedTo ?? stored.entry;
  const [problem, setProblem] = useState<string>();
  const { take, bin } = useShelves.getState();
  const changed = !alike(draft, stored.entry);
  const preview = usePreview(changed ? JSON.stringify(draft) : undefined, (onProgress) =>
    api.previewEntry(shelf, draft, onProgress),
  );

  async function store(entry: ShelfEntry, revision: number): Promise<StoredEntry | undefined> {
    try {
      const next = await api.storeEntry(shelf, entry, revision);
      take(shelf, next);
      setDraft(undefined);
      setProblem(undefined);
      return next;
    } catch (error) {
      setProblem(failureWords(error));
      return undefined;
    }
  }
  async function takeOver() {
    const before = stored.entry;
    const next = await store(draft, stored.revision);
    if (!next) return;
    toast(`“${next.entry.name}” is changed.`, {
      duration: 10_000,
      action: { label: 'Undo', onClick: () => void store(before, next.revision) },
    });
  }
  async function remove() {
    const { id, name } = stored.entry;
    try {
      await api.removeEntry(shelf, id);
      bin(shelf, id, new Date().toISOString());
      toast(`“${name}” is in the bin. Designs that use it keep it.`, {
        duration: 10_000,
        action: {
          label: 'Undo',
          onClick: () => void api.restoreEntry(shelf, id).then(() => bin(shelf, id, null)),
        },
      });
    } catch (error) {
      toast.error(failureWords(error));
    }
  }

  return (
    <div className="flex h-full flex-col">
      <div className="min-h-0 flex-1 overflow-y-auto p-3.5" tabIndex={0} role="group" aria-label="What is known of it">
        <div className="flex items-center gap-2">
          <EntryPicture shelf={shelf} entry={draft} />
          <h2 className="sr-only">{draft.name}</h2>
          <NameField
            label="Name"
            value={draft.name}
            onName={(name) => setDraft({ ...draft, name })}
            className="min-w-0 flex-1 text-lg"
          />
        </div>
        <div className="mt-3 space-y-2.5">
          <EntryFields shelf={shelf} entry={draft} onChange={setDraft} />
          {shelf === 'materials' && <MaterialMeasures entry={draft} onChange={setDraft} />}
        </div>
        <WhereUsed key={stored.entry.id} shelf={shelf} id={stored.entry.id} />
        <div className="mt-4 flex gap-2">
          <button type="button" className="button" onClick={() => void copyOf(shelf, stored.entry, onChoose)}>
            Copy it
          </button>
          <button type="button" className="button" onClick={() => void remove()}>
            Into the bin
          </button>
        </div>
      </div>
      {changed && (
        <PreviewPanel
          preview={preview}
          title="Changed, not taken over yet"
          problem={problem}
          onTake={() => void takeOver()}
          onLeave={() => {
            setDraft(undefined);
            setProblem(undefined);
          }}
        />
      )}
    </div>
  );
}
