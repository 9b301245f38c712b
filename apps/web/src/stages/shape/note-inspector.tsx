import { changeNote, limits, removeNote, type DesignNote } from '@zindle/core';
import { useId } from 'react';
import { useDesign } from '../../store/design-context.ts';

/** What a note says. */
export function NoteInspector({ note }: { note: DesignNote }) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const id = useId();
  const words = (text: string) => text.replaceAll(/\s+/g, ' ').slice(0, limits.note.text);
  return (
    <>
      <h2 className="text-lg">Note</h2>
      <p className="text-quiet">Pinned to the drawing; drag it there to where it belongs.</p>
      <label htmlFor={id} className="mt-3 block font-medium">
        What it says
      </label>
      <textarea
        id={id}
        className="field mt-1 h-28 w-full py-1.5"
        value={note.text}
        autoFocus
        onChange={(event) => {
          const text = words(event.target.value);
          // an empty note cannot be seen: the last word stays until it is taken away
          if (text.trim() !== '') edit(changeNote(note.id, { text }), `note-text-${note.id}`);
        }}
      />
      <button
        type="button"
        className="button mt-2"
        onClick={() => {
          edit(removeNote(note.id));
          select('body');
        }}
      >
        Take the note away
      </button>
    </>
  );
}
