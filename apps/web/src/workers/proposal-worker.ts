import { boardsOf, proposeForms, type Board, type DesignDocument, type FormProposal, type Shelves } from '@zindle/core';
import { pageKinds } from '../store/page-kinds.ts';

/** The contents to find a form for. */
export interface ProposalTask {
  task: number;
  document: DesignDocument;
  shelves: Shelves;
}
/** A form as plain data: the solution itself is full of reasons and stays here. All lengths mm. */
export type PlainProposal = Omit<FormProposal, 'solution'> & {
  board: Board | undefined;
  finished: { label: string; mm: number }[];
  thickness: number;
};
export interface ProposalDone {
  task: number;
  /** Nothing when all forms have been tried. */
  proposal?: PlainProposal;
}

onmessage = ({ data: { task, document, shelves } }: MessageEvent<ProposalTask>) => {
  for (const { solution, ...proposal } of proposeForms(document, shelves, undefined, pageKinds)) {
    const [board] = boardsOf(proposal.document, solution, { kinds: pageKinds });
    const finished = Object.values(solution.finished).map(({ label, value }) => ({ label, mm: value }));
    const plain: PlainProposal = { ...proposal, board, finished, thickness: solution.closedThickness.value };
    postMessage({ task, proposal: plain } satisfies ProposalDone);
  }
  postMessage({ task } satisfies ProposalDone);
};
