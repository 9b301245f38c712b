import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { BookMarked } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, ApiFailure, type VersionRow } from '../api/client.ts';
import { useOpenDesign } from '../store/design-context.ts';
import { freshId } from '../store/fresh-id.ts';
import { VersionsDialog } from './versions-dialog.tsx';

const say = (error: unknown): string => (error instanceof ApiFailure ? error.message : String(error));

/** Versions that were kept of the design, and a copy of it. */
export function DesignMenu() {
  const { saving, store } = useOpenDesign();
  const navigate = useNavigate();
  const [versions, show] = useState<readonly VersionRow[]>();
  async function open() {
    try {
      await saving.flush();
      show((await api.versions(store.getState().document.id)).versions);
    } catch (error) {
      toast.error(say(error));
    }
  }
  async function copy() {
    const { document } = store.getState();
    const name = `${document.name}, copy`.slice(0, 80);
    try {
      const { id } = await api.create({ ...document, id: freshId(name), name });
      await navigate(`/d/${id}/shape`);
      toast(`This is “${name}”. The other one stays as it is.`);
    } catch (error) {
      toast.error(`The copy could not be stored. ${say(error)}`);
    }
  }
  return (
    <>
      <Menu>
        <MenuButton className="button px-2.5" aria-label="Versions and copies">
          <BookMarked size={15} aria-hidden="true" />
        </MenuButton>
        <MenuItems
          modal={false}
          anchor={{ to: 'bottom end', gap: 6 }}
          className="z-30 w-56 rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
        >
          <MenuItem>
            <button
              type="button"
              className="w-full rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
              onClick={() => void open()}
            >
              Versions …
            </button>
          </MenuItem>
          <MenuItem>
            <button
              type="button"
              className="w-full rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
              onClick={() => void copy()}
            >
              Make a copy
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      {versions && (
        <VersionsDialog
          versions={versions}
          onKept={(row) => show([row, ...versions])}
          onClose={() => show(undefined)}
        />
      )}
    </>
  );
}
