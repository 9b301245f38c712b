import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useState } from 'react';
import { api, type ImportAnswer, type ImportKind, type RowMessage } from '../api/client.ts';
import { Signal } from '../ui/signal.tsx';
import { useUnit } from '../ui/use-length.ts';

interface Props {
  kind: ImportKind;
  title: string;
  open: boolean;
  onClose(): void;
  /** Called when a file was taken over. */
  onTaken(answer: ImportAnswer): void;
}

type State =
  | { kind: 'choose' }
  | { kind: 'working'; what: string; done: number; of: number }
  | { kind: 'read'; file: File; answer: ImportAnswer }
  | { kind: 'failed'; message: string };

/** Reads a table in: looked at first, with what is wrong row by row, and then taken over as a whole. */
export function ImportDialog({ kind, title, open, onClose, onTaken }: Props) {
  const unit = useUnit();
  const [state, setState] = useState<State>({ kind: 'choose' });
  const close = () => {
    setState({ kind: 'choose' });
    onClose();
  };
  async function work(file: File, apply: boolean) {
    const what = apply ? 'Taking it over' : 'Reading';
    setState({ kind: 'working', what, done: 0, of: 0 });
    try {
      const answer = await api.readTable(kind, file, { apply, unit }, (done, of) =>
        setState({ kind: 'working', what, done, of }),
      );
      if (!apply) return setState({ kind: 'read', file, answer });
      setState({ kind: 'choose' });
      onTaken(answer);
    } catch (error) {
      setState({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
    }
  }
  return (
    <Dialog open={open} onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-auto p-6">
        <DialogPanel className="w-[680px] rounded-xl border border-ink bg-sheet p-5 shadow-lg">
          <DialogTitle className="text-lg">{title}</DialogTitle>
          <p className="mt-1 text-quiet">
            A CSV with a heading. Lengths without a unit are read as {unit}. Nothing is taken over before you have seen
            it.
          </p>
          <label className="mt-3 block">
            <span className="sr-only">The file</span>
            <input
              type="file"
              accept=".csv,text/csv,text/plain"
              className="block w-full rounded-lg border border-dashed border-quiet bg-white p-3"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                if (file) void work(file, false);
                event.target.value = '';
              }}
            />
          </label>
          <div aria-live="polite" className="mt-3">
            {state.kind === 'working' && <Working {...state} />}
            {state.kind === 'failed' && (
              <p role="alert" className="rounded-lg bg-chalk-soft px-3 py-2">
                {state.message}
              </p>
            )}
            {state.kind === 'read' && <WhatItBrings answer={state.answer} name={state.file.name} />}
          </div>
          <div className="mt-4 flex justify-end gap-2">
            <button type="button" className="button" onClick={close}>
              Leave it
            </button>
            {state.kind === 'read' && (
              <button
                type="button"
                className="button button-main"
                disabled={state.answer.stops > 0 || state.answer.new + state.answer.changed === 0}
                onClick={() => void work(state.file, true)}
              >
                Take over {state.answer.new + state.answer.changed}
              </button>
            )}
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function Working({ what, done, of }: { what: string; done: number; of: number }) {
  return (
    <div>
      <p>
        {what} … {of > 0 && `${done} of ${of} rows`}
      </p>
      <progress className="mt-1 h-2 w-full accent-weld" value={done} max={of || 1} aria-label={what} />
    </div>
  );
}

function WhatItBrings({ answer, name }: { answer: ImportAnswer; name: string }) {
  const { rows, stops, messages, preview = [] } = answer;
  return (
    <>
      <p className="flex gap-2 font-semibold">
        <Signal of={stops > 0 ? 'stop' : 'fine'} />
        {name}: {rows} {rows === 1 ? 'row' : 'rows'}, {answer.new} new, {answer.changed} changed, {answer.same} as
        before
        {stops > 0 && `; ${stops} cannot be used`}
      </p>
      <Messages messages={messages} />
      {stops === 0 && preview.length > 0 && (
        <ul
          className="mt-2 max-h-40 overflow-y-auto rounded-lg border border-hair bg-white px-3 py-1.5 text-[13px]"
          tabIndex={0}
          aria-label="The first rows"
        >
          {preview.map(({ row, fate, entry }) => (
            <li key={row} className="flex justify-between gap-3 py-0.5">
              <span className="truncate">{entry.name}</span>
              <span className="text-quiet">{{ new: 'new', changed: 'changed', same: 'as before' }[fate]}</span>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** What was said of rows, stops first. */
export function Messages({ messages }: { messages: readonly RowMessage[] }) {
  if (messages.length === 0) return null;
  return (
    <ul
      className="mt-2 max-h-48 space-y-1 overflow-y-auto rounded-lg border border-hair bg-white px-3 py-2 text-[13px]"
      tabIndex={0}
      aria-label="What was found"
    >
      {messages.map(({ row, column, severity, text }, index) => (
        <li key={index} className="flex gap-2">
          <Signal of={severity === 'stop' ? 'stop' : 'note'} />
          <span>
            <b className="font-semibold">
              {row === 1 ? 'Heading' : `Row ${row}`}
              {column ? `, ${column}` : ''}:
            </b>{' '}
            {text}
          </span>
        </li>
      ))}
    </ul>
  );
}
