import { useEffect, useEffectEvent, useState } from 'react';
import type { Progress, WhatChanges } from '../api/client.ts';

/** How a look at the stored designs stands. */
export type Preview =
  | { kind: 'none' }
  | { kind: 'looking'; done: number; of: number }
  | { kind: 'found'; changes: WhatChanges }
  | { kind: 'failed'; message: string };

/** How long nothing must change before the designs are solved again, ms. */
const QUIET = 350;

/** Looks which stored designs would change, once the draft rests; nothing while there is none.
 * @param key tells one draft from another; nothing for no draft */
export function usePreview(key: string | undefined, look: (onProgress: Progress) => Promise<WhatChanges>): Preview {
  const [preview, setPreview] = useState<Preview>({ kind: 'none' });
  const start = useEffectEvent(look);
  useEffect(() => {
    if (key === undefined) return;
    let late = false;
    const tell = (next: Preview) => {
      if (!late) setPreview(next);
    };
    const timer = setTimeout(() => {
      tell({ kind: 'looking', done: 0, of: 0 });
      start((done, of) => tell({ kind: 'looking', done, of }))
        .then((changes) => tell({ kind: 'found', changes }))
        .catch((error: unknown) =>
          tell({ kind: 'failed', message: error instanceof Error ? error.message : String(error) }),
        );
    }, QUIET);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [key]);
  return key === undefined ? { kind: 'none' } : preview;
}
