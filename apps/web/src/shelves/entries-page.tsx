import { isShelf, shelfSpec, type ShelfEntry, type ShelfId } from '@zindle/core';
import { Download, FileUp, Plus } from 'lucide-react';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { api, tableAddress } from '../api/client.ts';
import { LostPage } from '../app/lost-page.tsx';
import { useShelves } from '../store/shelves.ts';
import { useShopUnit } from '../store/shop-unit.ts';
import { Picker } from '../ui/picker.tsx';
import { Failed } from '../ui/failed.tsx';
import { ShopHeader } from '../ui/shop-header.tsx';
import { UnitChoice } from '../ui/unit-choice.tsx';
import { UnitContext } from '../ui/use-length.ts';
import { EntriesTable, type Row } from './entries-table.tsx';
import { EntryEditor } from './entry-editor.tsx';
import { haystack, kindField, valueOf } from './entry-words.ts';
import { ImportDialog } from './import-dialog.tsx';
import { useShelvesLoaded } from './use-shelves-loaded.ts';

const ALL = 'all';
const whose = [
  { id: ALL, title: 'all of them' },
  { id: 'own', title: 'your own' },
  { id: 'standard', title: 'standard ones' },
  { id: 'bin', title: 'in the bin' },
];

/** What a new entry begins with. */
const blank: Record<ShelfId, object> = {
  items: { shape: 'box', length: 100, width: 60, thickness: 10, source: 'yours' },
  materials: { thickness: 0.5 },
  hardware: { kind: 'snap', diameter: 12 },
  machines: { seam: 6, lift: 8 },
};

/** A shelf of things, materials, hardware or machines. */
export function EntriesPage() {
  const { shelf = '' } = useParams();
  return isShelf(shelf) ? <Shelf key={shelf} shelf={shelf} /> : <LostPage />;
}

function Shelf({ shelf }: { shelf: ShelfId }) {
  const { title, one, standard } = shelfSpec(shelf);
  const { loaded, failure, again } = useShelvesLoaded();
  const own = useShelves((state) => state.own[shelf]);
  const take = useShelves((state) => state.take);
  const loadShelf = useShelves((state) => state.loadShelf);
  const { unit, setUnit } = useShopUnit();
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState('');
  const [of, setOf] = useState(ALL);
  const [kind, setKind] = useState(ALL);
  const [tag, setTag] = useState(ALL);
  const [importing, setImporting] = useState(false);
  useEffect(() => {
    document.title = `${title} · Zindle`;
  }, [title]);

  const all = useMemo(
    (): Row[] => [
      ...own.map(({ entry, deletedAt }) => ({ entry, own: true, binned: deletedAt !== null })),
      ...standard.map((entry) => ({ entry, own: false, binned: false })),
    ],
    [own, standard],
  );
  const text = useDeferredValue(search.trim().toLowerCase());
  const rows = useMemo(
    () =>
      all.filter(
        (row) =>
          isOf(row, of) &&
          isKind(row.entry, shelf, kind) &&
          isTagged(row.entry, tag) &&
          haystack(row.entry).includes(text),
      ),
    [all, of, kind, tag, text, shelf],
  );
  const tags = useMemo(() => [...new Set(all.flatMap(({ entry }) => entry.tags ?? []))].sort(), [all]);
  const kinds = kindsOf(shelf);
  const chosenId = params.get('entry') ?? undefined;
  const chosen = all.find(({ entry }) => entry.id === chosenId) ?? rows[0];
  const choose = (id: string) => setParams({ entry: id }, { replace: true });

  async function makeNew() {
    try {
      const stored = await api.createEntry(shelf, shelfSpec(shelf).complete({ name: `New ${one}`, ...blank[shelf] }));
      take(shelf, stored);
      setOf(ALL);
      setSearch('');
      choose(stored.entry.id);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  }
  async function emptyBin() {
    try {
      const { removed, kept } = await api.emptyBin(shelf);
      await loadShelf(shelf);
      const still = kept.map(({ name, designs }) => `“${name}” (in ${designs.slice(0, 3).join(', ')})`).join(', ');
      toast(`${removed} gone for good.${still ? ` Still used, so kept: ${still}.` : ''}`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  }

  return (
    <UnitContext value={unit}>
      <div className="flex h-screen min-h-[600px] flex-col">
        <ShopHeader>
          <UnitChoice value={unit} onUnit={setUnit} />
        </ShopHeader>
        <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px]">
          <main className="flex min-h-0 min-w-0 flex-col">
            <div className="flex flex-wrap items-center gap-2 border-b border-hair bg-sheet px-4 py-2.5">
              <h1 className="sr-only">{title}</h1>
              <input
                type="search"
                aria-label={`Search ${title.toLowerCase()}`}
                placeholder="Search name or tag"
                className="field min-h-9 w-44"
                value={search}
                onChange={(event) => setSearch(event.target.value)}
              />
              <Picker label="Whose" className="w-33" value={of} options={whose} onPick={setOf} />
              {kinds.length > 0 && (
                <Picker
                  label="Kind"
                  className="w-33"
                  value={kind}
                  options={[{ id: ALL, title: 'every kind' }, ...kinds.map((id) => ({ id, title: id }))]}
                  onPick={setKind}
                />
              )}
              {tags.length > 0 && (
                <Picker
                  label="Tag"
                  className="w-33"
                  value={tag}
                  options={[{ id: ALL, title: 'any tag' }, ...tags.map((id) => ({ id, title: id }))]}
                  onPick={setTag}
                />
              )}
              <span className="ml-auto flex gap-2">
                {of === 'bin' && (
                  <button type="button" className="button" onClick={() => void emptyBin()}>
                    Empty the bin
                  </button>
                )}
                <a
                  className="button"
                  href={tableAddress(shelf)}
                  download={`${shelf}.csv`}
                  title="Your own entries as CSV"
                >
                  <Download size={15} aria-hidden="true" /> CSV
                </a>
                <button type="button" className="button" onClick={() => setImporting(true)}>
                  <FileUp size={15} aria-hidden="true" /> Read in
                </button>
                <button
                  type="button"
                  className="button button-main"
                  aria-label={`New ${one}`}
                  onClick={() => void makeNew()}
                >
                  <Plus size={15} aria-hidden="true" /> New
                </button>
              </span>
            </div>
            {failure && (
              <Failed onAgain={again} className="px-4 py-2.5">
                {failure} Your own entries are not shown.
              </Failed>
            )}
            {!loaded && !failure ? (
              <p className="p-4 text-quiet">Loading …</p>
            ) : (
              <EntriesTable shelf={shelf} rows={rows} total={all.length} chosen={chosen?.entry.id} onChoose={choose} />
            )}
          </main>
          <aside
            aria-label="The entry in hand"
            className="min-h-0 overflow-y-auto border-l border-hair bg-sheet"
            tabIndex={0}
          >
            {chosen && <EntryEditor shelf={shelf} row={chosen} onChoose={choose} />}
          </aside>
        </div>
        <ImportDialog
          kind={shelf}
          title={`Read ${title.toLowerCase()} in`}
          open={importing}
          onClose={() => setImporting(false)}
          onTaken={({ new: fresh, changed }) => {
            setImporting(false);
            void loadShelf(shelf);
            toast(`${fresh} new, ${changed} changed.`);
          }}
        />
      </div>
    </UnitContext>
  );
}

function isOf({ own, binned }: Row, of: string): boolean {
  if (of === 'bin') return binned;
  if (binned) return false;
  return of === ALL || (of === 'own') === own;
}
const isKind = (entry: ShelfEntry, shelf: ShelfId, kind: string): boolean =>
  kind === ALL || valueOf(entry, kindField[shelf] ?? '') === kind;
const isTagged = (entry: ShelfEntry, tag: string): boolean => tag === ALL || (entry.tags ?? []).includes(tag);

function kindsOf(shelf: ShelfId): readonly string[] {
  const field = shelfSpec(shelf).fields.find(({ key }) => key === kindField[shelf]);
  return field?.kind === 'choice' ? field.choices : [];
}
