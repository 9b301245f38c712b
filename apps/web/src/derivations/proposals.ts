import { bySuitability, type DesignDocument, type FormProposal, type Shelves } from '@zindle/core';
import { useEffect, useState } from 'react';
import type { PlainProposal, ProposalDone, ProposalTask } from '../workers/proposal-worker.ts';
import { once } from './once.ts';

const proposalWorker = once(
  () => new Worker(new URL('../workers/proposal-worker.ts', import.meta.url), { type: 'module' }),
);
let tasks = 0;

/** Forms for the contents of a design as a worker solves them, the most suitable first; all of them when it is done. */
export function useProposals(
  document: DesignDocument,
  shelves: Shelves,
): { proposals: readonly PlainProposal[]; pending: boolean } {
  const [done, setDone] = useState<{ of: DesignDocument; proposals: PlainProposal[]; all: boolean }>();
  useEffect(() => {
    const worker = proposalWorker();
    tasks += 1;
    const task = tasks;
    const take = ({ data }: MessageEvent<ProposalDone>) => {
      if (data.task !== task) return;
      setDone((before) => {
        const known = before?.of === document ? before.proposals : [];
        if (!data.proposal) return { of: document, proposals: known, all: true };
        return { of: document, proposals: sorted([...known, data.proposal]), all: false };
      });
    };
    worker.addEventListener('message', take);
    worker.postMessage({ task, document, shelves } satisfies ProposalTask);
    return () => worker.removeEventListener('message', take);
  }, [document, shelves]);
  const now = done?.of === document ? done : undefined;
  return { proposals: now?.proposals ?? [], pending: !now?.all };
}

// the order looks at plain numbers only
const sorted = (proposals: PlainProposal[]): PlainProposal[] =>
  proposals.toSorted((a, b) => bySuitability(a as unknown as FormProposal, b as unknown as FormProposal));
