import { useId, useState } from 'react';
import { toast } from 'sonner';
import { api, failureWords, type VersionRow } from '../api/client.ts';
import { useDesign, useOpenDesign } from '../store/design-context.ts';
import { SheetDialog } from '../ui/sheet-dialog.tsx';

interface Props {
  versions: readonly VersionRow[];
  onKept(row: VersionRow): void;
  onClose(): void;
}

const when = (iso: string): string =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** Keeps the design as it is now under a name, and goes back to what was kept; going back can be undone. */
export function VersionsDialog({ versions, onKept, onClose }: Props) {
  const { saving } = useOpenDesign();
  const document = useDesign((state) => state.document);
  const edit = useDesign((state) => state.edit);
  const id = useId();
  const [name, setName] = useState('');
  async function keep() {
    try {
      await saving.flush();
      onKept(await api.keepVersion(document.id, name.trim()));
      setName('');
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  async function goBack({ number, name: title }: VersionRow) {
    try {
      const kept = await api.version(document.id, number);
      edit({ name: `Back to “${title}”`, apply: (now) => ({ ...kept.document, id: now.id }) });
      onClose();
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  return (
    <SheetDialog
      title="Versions"
      about="States of this design that you have kept. Going back to one is a step like any other: it can be undone."
      width={520}
      onClose={onClose}
    >
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') void keep();
        }}
      >
        <div className="flex-1">
          <label htmlFor={id}>Keep it as it is now, under the name</label>
          <input
            id={id}
            className="field mt-1 min-h-9 w-full"
            maxLength={80}
            placeholder={`v${versions.length + 1}`}
            value={name}
            autoComplete="off"
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <button type="submit" className="button button-main min-h-9" disabled={name.trim() === ''}>
          Keep it
        </button>
      </form>
      {versions.length === 0 ? (
        <p className="mt-4 text-quiet">None kept yet.</p>
      ) : (
        <ol aria-label="Kept" className="mt-4 max-h-72 overflow-y-auto rounded-lg border border-hair bg-white">
          {versions.map((row) => (
            <li
              key={row.number}
              className="flex items-center gap-3 px-3 py-1.5 not-last:border-b not-last:border-hair/70"
            >
              <span className="text-quiet">{row.number}</span>
              <span className="min-w-0 flex-1">
                <span className="block truncate font-medium">{row.name}</span>
                <span className="block text-xs text-quiet">{when(row.createdAt)}</span>
              </span>
              <button
                type="button"
                className="button"
                aria-label={`Go back to ${row.name}`}
                onClick={() => void goBack(row)}
              >
                Go back to it
              </button>
            </li>
          ))}
        </ol>
      )}
    </SheetDialog>
  );
}
