import { useEffect, useState } from 'react';
import { Link, Outlet, useParams } from 'react-router';
import { api, ApiFailure } from '../api/client.ts';
import { DesignContext } from '../store/design-context.ts';
import { openDesign, type OpenDesign } from '../store/open-design.ts';
import { useKinds } from '../store/kinds-context.ts';
import { useShelves } from '../store/shelves.ts';
import { Wordmark } from '../ui/wordmark.tsx';
import { DesignFrame } from './design-frame.tsx';
import { PartOfDesign } from './part-of-design.tsx';

/** Opens the design of the address and gives it to its stages. */
export function DesignPage() {
  const { id = '' } = useParams();
  return <OpenedDesign key={id} id={id} />;
}

function OpenedDesign({ id }: { id: string }) {
  const [design, setDesign] = useState<OpenDesign>();
  const [failure, setFailure] = useState<ApiFailure>();
  const kinds = useKinds();
  useEffect(() => {
    let opened: OpenDesign | undefined;
    let left = false;
    Promise.all([openDesign(id, api, localStorage, kinds), loadShelves()])
      .then(([open]) => {
        opened = open;
        if (left) open.saving.stop();
        else setDesign(open);
      })
      .catch((error: unknown) =>
        setFailure(error instanceof ApiFailure ? error : new ApiFailure(0, 'design.unreadable', String(error))),
      );
    return () => {
      left = true;
      void opened?.saving.flush().finally(() => opened?.saving.stop());
    };
  }, [id, kinds]);
  if (failure) return <CannotOpen failure={failure} />;
  if (!design) return <p className="p-10 text-quiet">Loading the design …</p>;
  return (
    <DesignContext value={design}>
      <DesignFrame>
        <PartOfDesign part="page">
          <Outlet />
        </PartOfDesign>
      </DesignFrame>
    </DesignContext>
  );
}

/** Without the maker's own shelves the design still opens, with what is standard. */
const loadShelves = (): Promise<void> =>
  useShelves
    .getState()
    .load()
    .catch(() => undefined);

const titles: Record<string, string> = {
  'design.unknown': 'This design is not on the shelf',
  'document.newer': 'This design needs a newer Zindle',
  'document.damaged': 'This design is damaged',
  'server.away': 'The server does not answer',
};

function CannotOpen({ failure }: { failure: ApiFailure }) {
  return (
    <main className="mx-auto max-w-xl p-10">
      <Wordmark />
      <h1 className="mt-8 text-2xl">{titles[failure.code] ?? 'This design cannot be opened'}</h1>
      <p className="mt-2 text-quiet">{failure.message}</p>
      <div className="mt-6 flex gap-2">
        <Link to="/" className="button button-main">
          To the designs
        </Link>
        <button type="button" className="button" onClick={() => location.reload()}>
          Try again
        </button>
      </div>
    </main>
  );
}
