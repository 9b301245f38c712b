import {
  itemOf,
  moveHolder,
  placesFor,
  putThings,
  solveDesign,
  spotsFor,
  tryEdit,
  type DesignDocument,
  type Shelves,
  type Trial,
} from '@zindle/core';
import { pageKinds } from '../store/page-kinds.ts';

/** What is to be put somewhere, and into which design. */
export interface TrialTask {
  task: number;
  document: DesignDocument;
  shelves: Shelves;
  what: { kind: 'line'; line: string } | { kind: 'holder'; holder: string };
}
/** What each place would do, by its id; sent place by place. */
export interface TrialDone {
  task: number;
  place: string;
  trial: Trial;
}

onmessage = ({ data }: MessageEvent<TrialTask>) => {
  const { task, document, shelves, what } = data;
  const before = solveDesign(document, shelves, pageKinds);
  const tell = (place: string, trial: Trial) => {
    const { needs, changes, stops } = trial;
    postMessage({ task, place, trial: { needs, changes, stops } } satisfies TrialDone);
  };
  if (what.kind === 'line') {
    const line = document.contents.find(({ id }) => id === what.line);
    const item = itemOf(document, line?.item, shelves.items);
    if (!line || !item) return;
    for (const { id, place } of placesFor(document, item, line.id, pageKinds))
      tell(id, tryEdit(document, putThings(line, '', place), before, shelves, line.id, pageKinds));
    return;
  }
  const first = document.holders.find(({ id }) => id === what.holder)?.contents[0]?.line ?? '';
  for (const { id, spot } of spotsFor(document, what.holder, pageKinds))
    tell(id, tryEdit(document, moveHolder(what.holder, '', spot), before, shelves, first, pageKinds));
};
