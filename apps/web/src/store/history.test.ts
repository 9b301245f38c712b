import { describe, expect, test } from '@jest/globals';
import {
  builtInKinds,
  houseRulesOf,
  newDesign,
  rename,
  setRule,
  setUnit,
  type DesignDocument,
  type Edit,
} from '@zindle/core';
import fc from 'fast-check';
import { applyEdit, emptyHistory, redoStep, undoStep, type History } from './history.ts';

const rule = (id: string) => houseRulesOf(builtInKinds)[id]!;

const start = newDesign({ id: 'trial', name: 'Trial' });
type State = { document: DesignDocument; history: History };
const first: State = { document: start, history: emptyHistory };
const edit = (state: State, change: Edit, gesture?: string): State =>
  applyEdit(state.document, state.history, change, { gesture }) ?? state;
const undo = (state: State): State => undoStep(state.document, state.history) ?? state;
const redo = (state: State): State => redoStep(state.document, state.history) ?? state;

describe('history', () => {
  test('an edit is named, undone and done again', () => {
    const once = edit(first, rename('Other'));
    expect(once.history.past.map(({ name }) => name)).toEqual(['Rename to “Other”']);
    expect(undo(once).document).toEqual(start);
    expect(redo(undo(once)).document).toEqual(once.document);
  });
  test('what changes nothing is no step', () => expect(edit(first, rename('Trial'))).toBe(first));
  test('typing in one field is one step, the next field another', () => {
    let state = first;
    for (const mm of [3.1, 3.15, 4]) state = edit(state, setRule(rule('ease.card.across'), mm), 'visit-1');
    state = edit(state, setRule(rule('tiers.reveal'), 14), 'visit-2');
    expect(state.history.past).toHaveLength(2);
    expect(undo(state).document.rules).toEqual({ 'ease.card.across': 4 });
    expect(undo(undo(state)).document).toEqual(start);
    expect(redo(redo(undo(undo(state)))).document).toEqual(state.document);
  });
  test('a step is kept as what changed, not as a copy', () => {
    const { past } = edit(first, rename('Other')).history;
    expect(JSON.stringify(past).length).toBeLessThan(JSON.stringify(start).length / 2);
  });
  test('a new edit forgets what was undone', () => {
    const state = edit(undo(edit(first, rename('A'))), rename('B'));
    expect(state.history.future).toEqual([]);
    expect(redo(state)).toBe(state);
  });
  test('any way forth and back leads to where it began', () => {
    const anyEdit = fc.oneof(
      fc.string({ minLength: 1, maxLength: 5 }).map(rename),
      fc.constantFrom('mm' as const, 'cm' as const, 'in' as const).map(setUnit),
      fc.integer({ min: 6, max: 40 }).map((mm) => setRule(rule('tiers.reveal'), mm)),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(anyEdit, fc.option(fc.constantFrom('g1', 'g2')))), (edits) => {
        let state = edits.reduce((so, [change, gesture]) => edit(so, change, gesture ?? undefined), first);
        const end = state.document;
        const steps = state.history.past.length;
        for (let step = 0; step < steps; step++) state = undo(state);
        expect(state.document).toEqual(start);
        for (let step = 0; step < steps; step++) state = redo(state);
        expect(state.document).toEqual(end);
      }),
    );
  });
});
