import type { DesignDocument } from '@zindle/core';
import { ApiFailure, type Api, type StoredDesign } from '../api/client.ts';
import type { DesignStore } from './design-store.ts';
import { emptyHistory } from './history.ts';
import { dropCopy, keepCopy, type CopyStorage } from './local-copy.ts';

export interface Autosave {
  /** Stores what is pending now. */
  flush(): Promise<void>;
  /** Takes what the server has in place of the own document. */
  adopt(stored: Pick<StoredDesign, 'document' | 'revision'>): void;
  /** Writes the own document over what the server has. */
  overwrite(revision: number): Promise<void>;
  stop(): void;
}

interface Options {
  api: Pick<Api, 'store'>;
  storage: CopyStorage;
  /** From a change to its storing, ms. */
  delay?: number;
  /** Between tries while the server is away, ms. */
  retry?: number;
}

/** Stores every change: at once in the browser, within a moment on the server, again and again while it is away. */
export function autosave(store: DesignStore, { api, storage, delay = 400, retry = 3000 }: Options): Autosave {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let running: Promise<void> | undefined;
  let confirmed = store.getState().document;
  let stopped = false;

  const schedule = (after: number) => {
    clearTimeout(timer);
    if (!stopped) timer = setTimeout(() => void flush(), after);
  };

  function settle(id: string): void {
    dropCopy(storage, id);
    if (store.getState().save.kind !== 'stored') store.setState({ save: { kind: 'stored' } });
  }

  async function send(document: DesignDocument): Promise<void> {
    try {
      const { revision } = await api.store(document, store.getState().revision);
      confirmed = document;
      store.setState({ revision });
      if (store.getState().document !== document) return;
      settle(document.id);
    } catch (error) {
      const failure = error instanceof ApiFailure ? error : new ApiFailure(0, 'server.away', String(error));
      const clash = failure.status === 409 && failure.code === 'design.stale';
      store.setState({ save: clash ? { kind: 'conflict' } : { kind: 'kept', reason: failure.message } });
      if (!clash) schedule(retry);
    }
  }

  async function flush(): Promise<void> {
    clearTimeout(timer);
    if (running) await running;
    const { document, save } = store.getState();
    if (save.kind === 'conflict') return;
    if (document === confirmed) return settle(document.id);
    running = send(document).finally(() => (running = undefined));
    await running;
    if (store.getState().document !== confirmed && store.getState().save.kind === 'pending') await flush();
  }

  const unsubscribe = store.subscribe(({ document, revision, save }, before) => {
    if (document === before.document || document === confirmed) return;
    keepCopy(storage, { document, revision });
    if (save.kind === 'conflict') return;
    store.setState({ save: { kind: 'pending' } });
    schedule(delay);
  });

  return {
    flush,
    adopt({ document, revision }) {
      clearTimeout(timer);
      confirmed = document;
      store.setState({ document, revision, history: emptyHistory, explained: undefined });
      settle(document.id);
    },
    async overwrite(revision) {
      store.setState({ revision, save: { kind: 'pending' } });
      await flush();
    },
    stop() {
      stopped = true;
      clearTimeout(timer);
      unsubscribe();
    },
  };
}
