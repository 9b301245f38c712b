import { BookMarked } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, failureWords, type VersionRow } from '../api/client.ts';
import { useOpenDesign } from '../store/design-context.ts';
import { freshId } from '../store/fresh-id.ts';
import { ActionMenu } from '../ui/action-menu.tsx';
import { VersionsDialog } from './versions-dialog.tsx';

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
      toast.error(failureWords(error));
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
      toast.error(`The copy could not be stored. ${failureWords(error)}`);
    }
  }
  return (
    <>
      <ActionMenu
        label="Versions and copies"
        icon={<BookMarked size={15} aria-hidden="true" />}
        actions={[
          { title: 'Versions …', onPress: () => void open() },
          { title: 'Make a copy', onPress: () => void copy() },
        ]}
      />
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
