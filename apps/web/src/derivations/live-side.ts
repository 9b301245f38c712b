import type { Shelves } from '@zindle/core';
import { useEffect, useState } from 'react';
import type { DesignStore } from '../store/design-store.ts';
import type { SideDone, SideTask } from '../workers/side-worker.ts';
import type { DrawnSide } from './drawn-side.ts';
import { once } from './once.ts';

const sideWorker = once(() => new Worker(new URL('../workers/side-worker.ts', import.meta.url), { type: 'module' }));
let tasks = 0;

interface Live {
  store: DesignStore;
  shelves: Shelves;
  side: string;
  selection: string;
}

/** A side as it is while something is dragged, solved by a worker: a pointer that moves faster than it solves is followed with
 * the last state that it had time for. Nothing while nothing is dragged, and until the first answer. */
export function useLiveSide({ store, shelves, side, selection }: Live): DrawnSide | undefined {
  const [drawn, setDrawn] = useState<DrawnSide>();
  useEffect(() => {
    let line: ReturnType<typeof lineToWorker> | undefined;
    // not through a render: the drawing changes when its solution is there
    const leave = store.subscribe(({ held, document }, before) => {
      if (held && !line) line = lineToWorker(shelves, setDrawn);
      if (held && document !== before.document) line?.send({ document, side, selection });
      if (!held && line) {
        line.close();
        line = undefined;
        setDrawn(undefined);
      }
    });
    return () => {
      leave();
      line?.close();
    };
  }, [store, shelves, side, selection]);
  return drawn;
}

type State = Pick<SideTask, 'document' | 'side' | 'selection'>;

/** Sends states one after the other; of those that come while one is solved only the last is sent. */
function lineToWorker(shelves: Shelves, tell: (drawn: DrawnSide) => void) {
  const worker = sideWorker();
  let busy = false;
  let next: State | undefined;
  let first: Shelves | undefined = shelves;
  let task = 0;
  const post = (state: State): void => {
    busy = true;
    task = ++tasks;
    worker.postMessage({ task, ...state, ...(first && { shelves: first }) } satisfies SideTask);
    first = undefined;
  };
  const take = ({ data }: MessageEvent<SideDone>): void => {
    if (data.task !== task) return;
    busy = false;
    if (data.drawn) tell(data.drawn);
    const waiting = next;
    next = undefined;
    if (waiting) post(waiting);
  };
  worker.addEventListener('message', take);
  return {
    send(state: State): void {
      if (busy) next = state;
      else post(state);
    },
    close: () => worker.removeEventListener('message', take),
  };
}
