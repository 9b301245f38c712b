import { useEffect, useState } from 'react';
import { overMouthOf, type DesignDocument, type Solution } from '@zindle/core';
import type { FormView } from '@zindle/core/form';
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
