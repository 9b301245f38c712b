import { useKinds } from '../store/kinds-context.ts';
import { newDesign, type Kinds } from '@zindle/core';
import { useCallback, useEffect, useState } from 'react';
import { Trash2 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, failureWords, type ShelfRow } from '../api/client.ts';
import { useFetched } from '../api/use-fetched.ts';
import { useShelves } from '../store/shelves.ts';
import { freshId } from '../store/fresh-id.ts';
import { Failed } from '../ui/failed.tsx';
import { Pager } from '../ui/pager.tsx';
import { ShopHeader } from '../ui/shop-header.tsx';
import { DesignCard } from './design-card.tsx';
import { withUsualChoices } from '../store/usual-choices.ts';
import { NewDesignMenu } from './new-design-menu.tsx';

const newName = (body: string, { bodies }: Kinds): string => `New ${bodies[body]!.title.toLowerCase()}`;

/** The shelf of designs. */
export function ShelfPage() {
  const [search, setSearch] = useState('');
  const [page, setPage] = useState(1);
  const ask = useCallback(() => api.shelf(search, page), [search, page]);
  const { found: shelf, failure, reload } = useFetched(ask);
  const navigate = useNavigate();
  const kinds = useKinds();
  useEffect(() => {
    document.title = 'The shelf · Zindle';
  }, []);

  async function makeNew(body: string) {
    const name = newName(body, kinds);
    try {
      const { unit, grid } = useShelves.getState().house;
      const start = { ...(unit && { unit }), ...(grid && { grid }) };
      const { id } = await api.create(
        newDesign({ id: freshId(name), name, body, kinds: withUsualChoices(kinds), ...start }),
      );
      await navigate(`/d/${id}/hold`);
    } catch (error) {
      toast.error(`The new design could not be stored. ${failureWords(error)}`);
    }
  }
  async function remove({ id, name }: ShelfRow) {
    try {
      await api.remove(id);
      reload();
      toast(`“${name}” is in the bin.`, {
        action: { label: 'Undo', onClick: () => void api.restore(id).then(reload) },
        duration: 10_000,
      });
    } catch (error) {
      toast.error(failureWords(error));
    }
  }

  // cards are drawn with the maker's own cloths once they are there
  const loadShelves = useShelves((state) => state.load);
  useShelves((state) => state.shelves);
  useEffect(() => void loadShelves().catch(() => undefined), [loadShelves]);

  const pages = shelf ? Math.ceil(shelf.total / shelf.pageSize) : 1;
  return (
    <div className="min-h-screen">
      <ShopHeader>
        <input
          type="search"
          aria-label="Search the shelf"
          placeholder="Search the shelf"
          className="field min-h-9 w-48"
          maxLength={100}
          value={search}
          onChange={(event) => {
            setSearch(event.target.value);
            setPage(1);
          }}
        />
        <NewDesignMenu onNew={(body) => void makeNew(body)} />
      </ShopHeader>
      <main className="mx-auto max-w-[1180px] px-6 py-6">
        <div className="flex items-baseline justify-between">
          <h1 className="text-2xl">The shelf</h1>
          <Link to="/bin" className="flex items-center gap-1.5 text-quiet hover:text-ink">
            <Trash2 size={15} aria-hidden="true" /> Bin
          </Link>
        </div>
        {failure && <Failed onAgain={reload}>{failure.message}</Failed>}
        {!shelf && !failure && <p className="mt-4 text-quiet">Loading …</p>}
        {shelf && shelf.designs.length > 0 && (
          <ul className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(340px,1fr))] gap-4">
            {shelf.designs.map((row) => (
              <DesignCard key={row.id} row={row} onRemove={() => void remove(row)} />
            ))}
          </ul>
        )}
        {shelf && shelf.total === 0 && <EmptyShelf searched={search} onNew={() => void makeNew('foldover')} />}
        <Pager label="Pages of the shelf" page={page} pages={pages} onPage={setPage} />
      </main>
    </div>
  );
}

/** Draws the wallet that is missing, and offers the one next move. */
function EmptyShelf({ searched, onNew }: { searched: string; onNew(): void }) {
  if (searched.trim()) return <p className="mt-6 text-quiet">Nothing on the shelf is called “{searched.trim()}”.</p>;
  return (
    <div className="mt-14 text-center">
      <svg width="300" height="150" className="mx-auto" aria-hidden="true">
        <rect
          x="6"
          y="6"
          width="288"
          height="138"
          rx="8"
          fill="none"
          stroke="#56607A"
          strokeWidth="1.5"
          strokeDasharray="8 6"
        />
        <path d="M142 0V150M158 0V150" stroke="#0F6B66" strokeDasharray="12 4 2 4" />
      </svg>
      <p className="mt-4 text-quiet">The shelf is empty. Everything starts with what it must hold.</p>
      <button type="button" className="button button-main mt-4" onClick={onNew}>
        Make the first bifold
      </button>
    </div>
  );
}
