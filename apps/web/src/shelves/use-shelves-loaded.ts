import { useEffect, useState } from 'react';
import { useShelves } from '../store/shelves.ts';

/** Fetches the maker's shelves for a page; says why they did not come. */
export function useShelvesLoaded(): { loaded: boolean; failure: string | undefined; again(): void } {
  const loaded = useShelves((state) => state.loaded);
  const load = useShelves((state) => state.load);
  const [failure, setFailure] = useState<string>();
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    load()
      .then(() => setFailure(undefined))
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : String(error)));
  }, [load, asked]);
  return { loaded, failure, again: () => setAsked((count) => count + 1) };
}
