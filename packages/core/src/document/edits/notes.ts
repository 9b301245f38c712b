import type { DesignNote } from '../design-document.ts';
import { limits } from '../limits.ts';
import { nextId } from './contents.ts';
import type { Edit } from './edit.ts';

/** Pins a note to a place on a board, mm. */
export const addNote = (place: Pick<DesignNote, 'board' | 'x' | 'y'>, text: string): Edit => ({
  name: 'Pin a note',
  apply(document) {
    const { notes = [] } = document;
    if (notes.length >= limits.lines) return document;
    return { ...document, notes: [...notes, { id: nextId('n', notes), ...place, text }] };
  },
});

/** Says it otherwise, or moves it. */
export const changeNote = (id: string, change: Partial<Omit<DesignNote, 'id'>>): Edit => ({
  name: 'text' in change ? 'Change a note' : 'Move a note',
  apply: (document) => ({
    ...document,
    notes: (document.notes ?? []).map((note) => (note.id === id ? { ...note, ...change } : note)),
  }),
});

export const removeNote = (id: string): Edit => ({
  name: 'Take a note away',
  apply: (document) => ({ ...document, notes: (document.notes ?? []).filter((note) => note.id !== id) }),
});
