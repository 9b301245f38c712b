import { useState } from 'react';
import { api, type ImportAnswer, type ImportKind } from '../api/client.ts';
import { FileField } from '../ui/file-field.tsx';
import { RowMessages } from '../ui/row-messages.tsx';
import { SheetDialog } from '../ui/sheet-dialog.tsx';
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
  const takeOver = ({ file, answer }: Extract<State, { kind: 'read' }>) => ({
    title: `Take over ${answer.new + answer.changed}`,
    disabled: answer.stops > 0 || answer.new + answer.changed === 0,
    onPress: () => void work(file, true),
  });
  if (!open) return null;
  return (
    <SheetDialog
      title={title}
      about={`A CSV with a heading. Lengths without a unit are read as ${unit}. Nothing is taken over before you have seen it.`}
      width={680}
      onClose={close}
      main={state.kind === 'read' ? takeOver(state) : undefined}
    >
      <FileField label="The table" accept=".csv,text/csv,text/plain" onFile={(file) => void work(file, false)} />
      <div aria-live="polite" className="mt-3">
        {state.kind === 'working' && <Working {...state} />}
        {state.kind === 'failed' && (
          <p role="alert" className="rounded-lg bg-chalk-soft px-3 py-2">
            {state.message}
          </p>
        )}
        {state.kind === 'read' && <WhatItBrings answer={state.answer} name={state.file.name} />}
      </div>
    </SheetDialog>
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
      <RowMessages messages={messages} />
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
