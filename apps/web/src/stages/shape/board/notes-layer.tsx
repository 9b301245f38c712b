import { changeNote, type DesignNote } from '@zindle/core';
import { useRef } from 'react';
import type { Frame } from '../../../board/frame.ts';
import { pressable } from '../../../board/pressable.ts';
import { useDesign } from '../../../store/design-context.ts';
import { newGesture } from '../../../store/gesture.ts';
import type { OnBoard } from './on-board.ts';

/** Notes that the maker has pinned to this side.
 * @param sides all that there are, on the first of them: notes of sides that the form does not have any more are shown there */
export function NotesLayer({ document, board, frame, sides }: OnBoard & { sides: readonly string[] | undefined }) {
  return (document.notes ?? [])
    .filter((note) => note.board === board.id || (sides && !sides.includes(note.board)))
    .map((note) => <NoteSlip key={note.id} note={note} frame={frame} />);
}

const WIDEST = 150;
const LINE = 15;
/** Letters of a line of that width. */
const LETTERS = 24;
/** A press that moves less than this is no drag, px. */
const STILL = 4;

function NoteSlip({ note, frame }: { note: DesignNote; frame: Frame }) {
  const select = useDesign((state) => state.select);
  const edit = useDesign((state) => state.edit);
  const selected = useDesign((state) => state.selection === `notes/${note.id}`);
  const drag = useRef<{ from: [number, number]; at: [number, number]; gesture: string } | undefined>(undefined);
  const lines = wrapped(note.text);
  const [x, y] = [frame.x(note.x), frame.y(note.y)];
  return (
    <g
      {...pressable(() => select(`notes/${note.id}`))}
      aria-label={`Note: ${note.text}`}
      aria-pressed={selected}
      className="cursor-move"
      transform={`translate(${x} ${y})`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { from: [event.clientX, event.clientY], at: [note.x, note.y], gesture: newGesture('note') };
      }}
      onPointerMove={(event) => {
        const now = drag.current;
        if (!now) return;
        const [dx, dy] = [event.clientX - now.from[0], event.clientY - now.from[1]];
        if (Math.hypot(dx, dy) < STILL) return;
        const place = { x: now.at[0] + dx / frame.scale, y: now.at[1] - dy / frame.scale };
        edit(changeNote(note.id, place), now.gesture);
      }}
      onPointerUp={(event) => {
        event.currentTarget.releasePointerCapture(event.pointerId);
        drag.current = undefined;
      }}
    >
      <rect
        y="4"
        width={Math.min(WIDEST, Math.max(...lines.map((line) => line.length)) * 6.3 + 16)}
        height={lines.length * LINE + 10}
        fill="#FBF3D6"
        stroke={selected ? '#C8452F' : '#8A6A22'}
        strokeWidth={selected ? 2 : 1}
      />
      <circle r="4" cx="8" cy="4" fill="#C8452F" stroke="#1F2B44" strokeWidth="0.8" />
      {lines.map((line, index) => (
        <text key={index} x="8" y={20 + index * LINE} fontSize="11.5" fill="#1F2B44">
          {line}
        </text>
      ))}
    </g>
  );
}

/** Words in lines of a slip's width. */
function wrapped(text: string): string[] {
  const lines = [''];
  for (const word of text.split(' ')) {
    const last = lines.length - 1;
    if (lines[last] && lines[last].length + word.length >= LETTERS) lines.push(word);
    else lines[last] = lines[last] ? `${lines[last]} ${word}` : word;
  }
  return lines;
}
