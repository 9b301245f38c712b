import { describe, expect, jest, test } from '@jest/globals';
import { builtInKinds, newDesign, standardShelves, type DesignDocument, type Kinds } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import type { PlainProposal } from './proposal-worker.ts';
import type { SideDone } from './side-worker.ts';
import type { TrialDone } from './trial-worker.ts';

/** A page with a family that nobody else knows: a sleeve under another name. */
const scabbard = { ...builtInKinds.bodies.sleeve!, title: 'Scabbard' };
const pageKinds: Kinds = { ...builtInKinds, bodies: { ...builtInKinds.bodies, scabbard } };
jest.unstable_mockModule('../store/page-kinds.ts', () => ({ pageKinds }));

const sleeve = demoDesigns.find(({ body }) => body.kind === 'sleeve')!;
const document: DesignDocument = { ...sleeve, body: { ...sleeve.body, kind: 'scabbard' } };

/** Loads a worker here, in place of a thread of its own, and gives what it answers to a task. */
async function answersOf<Done>(load: () => Promise<unknown>, data: unknown): Promise<Done[]> {
  const told: Done[] = [];
  Object.assign(globalThis, { self: globalThis, onmessage: null, postMessage: (done: Done) => told.push(done) });
  await load();
  (globalThis as unknown as { onmessage(event: { data: unknown }): void }).onmessage({ data });
  return told;
}

describe('workers know the families of the page', () => {
  const shelves = standardShelves;
  const line = document.contents[0]!.id;

  test('what each place would do', async () => {
    const empty = { ...document, holders: [], faces: {} };
    const told = await answersOf<TrialDone>(() => import('./trial-worker.ts'), {
      task: 1,
      document: empty,
      shelves,
      what: { kind: 'line', line },
    });
    expect(told.length).toBeGreaterThan(0);
    expect(told.every(({ trial }) => trial.needs!.width > 0)).toBe(true);
  });

  test('a side while it is dragged', async () => {
    const [done] = await answersOf<SideDone>(() => import('./side-worker.ts'), {
      task: 2,
      document,
      shelves,
      side: 'inside',
      selection: 'body',
    });
    expect(done!.drawn!.board.id).toBe('inside');
    expect(done!.drawn!.handles.length).toBeGreaterThan(0);
  });

  test('forms that are proposed, of which this is one', async () => {
    const { contents, ownItems } = document;
    const told = await answersOf<{ proposal?: PlainProposal }>(() => import('./proposal-worker.ts'), {
      task: 3,
      document: { ...newDesign({ id: 'n', name: 'N' }), contents, ownItems },
      shelves,
    });
    const kinds = told.flatMap(({ proposal }) => proposal?.kind ?? []);
    expect([...kinds].sort()).toEqual(Object.keys(pageKinds.bodies).sort());
    expect(told.at(-1)).toEqual({ task: 3 });
  });
});
