import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { api, failureWords, type BinnedDesign } from '../api/client.ts';
import { useFetched } from '../api/use-fetched.ts';
import { Failed } from '../ui/failed.tsx';
import { Pager } from '../ui/pager.tsx';
import { ShopHeader } from '../ui/shop-header.tsx';
import { SheetDialog } from '../ui/sheet-dialog.tsx';

/** Designs that were thrown away: each can come back, or go for good. */
export function BinPage() {
  const [page, setPage] = useState(1);
  const { found: bin, failure, reload } = useFetched(useCallback(() => api.bin(page), [page]));
  const [leaving, ask] = useState<BinnedDesign>();
  useEffect(() => {
    document.title = 'Bin · Zindle';
  }, []);

  async function restore({ id, name }: BinnedDesign) {
    try {
      await api.restore(id);
      reload();
      toast(`“${name}” is back among the designs.`);
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  async function destroy({ id, name }: BinnedDesign) {
    ask(undefined);
    try {
      await api.destroy(id);
      reload();
      toast(`“${name}” is gone for good.`);
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  const pages = bin ? Math.max(1, Math.ceil(bin.total / bin.pageSize)) : 1;
  return (
    <div className="min-h-screen">
      <ShopHeader />
      <main className="mx-auto max-w-[760px] px-6 py-6">
        <h1 className="text-2xl">Bin</h1>
        <p className="mt-1 text-quiet">Designs that were thrown away. They stay here until you delete them for good.</p>
        {failure && <Failed onAgain={reload}>{failure.message}</Failed>}
        {!bin && !failure && <p className="mt-4 text-quiet">Loading …</p>}
        {bin && bin.total === 0 && (
          <p className="mt-6 text-quiet">
            The bin is empty.{' '}
            <Link to="/" className="font-semibold text-ink underline">
              To the designs
            </Link>
          </p>
        )}
        {bin && bin.designs.length > 0 && (
          <ul className="mt-4 divide-y divide-hair rounded-xl border border-hair bg-sheet">
            {bin.designs.map((design) => (
              <li key={design.id} className="flex items-center gap-4 px-4 py-2.5">
                <span className="min-w-0 flex-1">
                  <b className="block truncate font-semibold">{design.name}</b>
                  <span className="text-[13px] text-quiet">thrown away {whenWords(design.deletedAt)}</span>
                </span>
                <button
                  type="button"
                  className="button shrink-0"
                  aria-label={`Put ${design.name} back`}
                  onClick={() => void restore(design)}
                >
                  Put back
                </button>
                <button
                  type="button"
                  className="button shrink-0"
                  aria-label={`Delete ${design.name} for good`}
                  onClick={() => ask(design)}
                >
                  Delete …
                </button>
              </li>
            ))}
          </ul>
        )}
        <Pager label="Pages of the bin" page={page} pages={pages} onPage={setPage} />
      </main>
      {leaving && (
        <SheetDialog
          title={`Delete “${leaving.name}” for good?`}
          about="The design and its versions are deleted. This cannot be undone."
          onClose={() => ask(undefined)}
          main={{ title: 'Delete for good', onPress: () => void destroy(leaving) }}
        />
      )}
    </div>
  );
}

const whenWords = (iso: string): string =>
  new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(iso));
