import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api } from '../api/client.ts';
import { freshId } from '../store/fresh-id.ts';
import { dropCopy } from '../store/local-copy.ts';
import { useDesign, useOpenDesign } from '../store/design-context.ts';

/** The design was changed in two places: the maker decides, and neither version is lost without her word. */
export function ConflictBanner() {
  const clash = useDesign(({ save }) => save.kind === 'conflict');
  const { store, saving } = useOpenDesign();
  const navigate = useNavigate();
  if (!clash) return null;

  const attempt = (work: () => Promise<void>) => () =>
    void work().catch((error: unknown) => toast.error(error instanceof Error ? error.message : String(error)));
  const takeTheirs = attempt(async () => saving.adopt(await api.design(store.getState().document.id)));
  const keepMine = attempt(async () => saving.overwrite((await api.design(store.getState().document.id)).revision));
  const keepBoth = attempt(async () => {
    const { document } = store.getState();
    const copy = await api.create({
      ...document,
      id: freshId(document.name),
      name: `${document.name.slice(0, 66)} (my changes)`,
    });
    saving.adopt(await api.design(document.id));
    dropCopy(localStorage, document.id);
    await navigate(`/d/${copy.id}/shape`);
  });
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-wax bg-wax-soft px-4 py-2">
      <p className="mr-auto font-semibold">This design was also changed in another window. Which one shall stay?</p>
      <button type="button" className="button" onClick={keepBoth}>
        Keep both
      </button>
      <button type="button" className="button" onClick={keepMine}>
        Keep this one
      </button>
      <button type="button" className="button" onClick={takeTheirs}>
        Take the other
      </button>
    </div>
  );
}
