import { useEffect, useState } from 'react';
import { boardsOf, type DesignDocument, type Solution } from '@zindle/core';
import type { FormView, OverMouth } from '@zindle/core/form';
import type { FormDone, FormTask } from '../workers/form-worker.ts';
import { once } from './once.ts';

/** One worker for the whole application, started when a form is first asked for. */
const formWorker = once(() => new Worker(new URL('../workers/form-worker.ts', import.meta.url), { type: 'module' }));

/** The finished form of a solution, folded by a worker; the last one stays until the next is there. */
export function useForm(
  document: DesignDocument,
  solution: Solution,
): { view: FormView | undefined; pending: boolean } {
  const [done, setDone] = useState<{ of: Solution; view: FormView | undefined }>();
  useEffect(() => {
    const worker = formWorker();
    const sent = taskOf(document, solution);
    const take = ({ data }: MessageEvent<FormDone>) => {
      if (data.task === sent.task) setDone({ of: solution, view: data.view });
    };
    worker.addEventListener('message', take);
    worker.postMessage(sent);
    return () => worker.removeEventListener('message', take);
  }, [document, solution]);
  return { view: done?.view, pending: done?.of !== solution };
}

/** What its boards show over the mouth. */
export function overMouthOf(document: DesignDocument, solution: Solution): OverMouth {
  const board = boardsOf(document, solution).find(({ tab, grips }) => tab?.edge === 'top' || grips.length > 0);
  if (!board) return { grips: [] };
  const { tab, grips, width } = board;
  // its fastener meets its mate so far below the mouth, full
  const mate = solution.closure.sizes.mateLoaded?.value;
  const crossing = mate !== undefined && tab?.snapAt !== undefined ? { crossing: tab.snapAt - mate } : {};
  const fromMiddle = (x: number) => x - width / 2;
  return {
    ...(tab?.edge === 'top' && { flap: { outline: tab.outline, within: tab.within, ...crossing } }),
    grips: grips.map(({ x0, x1, drop, wide }) => ({ x0: fromMiddle(x0), x1: fromMiddle(x1), drop, wide })),
  };
}

let tasks = 0;

/** Only what the form looks at: derivations stay here. */
function taskOf(document: DesignDocument, solution: Solution): FormTask {
  const { pieces, seams } = solution;
  tasks += 1;
  return {
    task: tasks,
    over: overMouthOf(document, solution),
    pieces: pieces.map(({ id, role, count, byRuler, layerOf, stitch, bends, notches }) => ({
      id,
      role,
      count,
      stitch,
      bends,
      notches,
      ...(byRuler && { byRuler }),
      ...(layerOf && { layerOf }),
    })),
    seams: seams.map(({ id, kind, a, b, ease }) => ({
      id,
      kind,
      a,
      b,
      ...(ease && { ease: { ...(ease.between && { between: ease.between }), ...(ease.at && { at: ease.at }) } }),
    })),
  };
}
