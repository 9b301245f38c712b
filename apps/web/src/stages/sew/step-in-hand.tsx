import { Check, TriangleAlert } from 'lucide-react';
import type { Step } from '../../derivations/steps.ts';

interface Props {
  step: Step;
  of: number;
  done: boolean;
  onBack(): void;
  onNext(): void;
  onDone(): void;
  onUndone(): void;
}

/** The step in hand, large enough to be read from where the machine stands. */
export function StepInHand({ step, of, done, onBack, onNext, onDone, onUndone }: Props) {
  const { number, phase, letters, title, sentences, warnings } = step;
  return (
    <section aria-label="The step in hand" className="border-b border-hair bg-white px-6 pt-4 pb-4">
      <p className="text-[13px] text-quiet">
        <b className="font-semibold text-ink">{phase}</b>, step {number} of {of}
        {number > 1 && letters.length > 0 && (
          <>
            {' '}
            · with <b className="font-semibold text-ink">{letters.join(', ')}</b>
          </>
        )}
      </p>
      <h2 className="mt-0.5 text-[22px] leading-tight">{title}</h2>
      {warnings.map((warning) => (
        <p
          key={warning}
          className="mt-2 flex items-start gap-2 rounded-md bg-wax-soft px-3 py-2 text-[13px] leading-snug"
        >
          <TriangleAlert size={15} className="mt-0.5 shrink-0" aria-label="Take care:" />
          {warning}
        </p>
      ))}
      <ol className="mt-2 max-h-56 space-y-1 overflow-y-auto text-[17px] leading-snug" tabIndex={0} aria-label={title}>
        {sentences.map((sentence, index) => (
          <li key={index} className="flex gap-2.5">
            <span
              aria-hidden="true"
              className="mt-0.5 flex size-5.5 shrink-0 items-center justify-center rounded-full border border-ink text-xs tabular-nums"
            >
              {index + 1}
            </span>
            {sentence}
          </li>
        ))}
      </ol>
      <div className="mt-3 flex gap-2">
        <button type="button" className="button min-h-11 px-5" disabled={number === 1} onClick={onBack}>
          Back
        </button>
        <button type="button" className="button min-h-11 px-5" disabled={number === of} onClick={onNext}>
          Skip ahead
        </button>
        {done ? (
          <button type="button" className="button ml-auto min-h-11 px-5" onClick={onUndone}>
            Not done after all
          </button>
        ) : (
          <button type="button" className="button button-main ml-auto min-h-11 px-6" onClick={onDone}>
            <Check size={16} aria-hidden="true" /> Done
          </button>
        )}
      </div>
    </section>
  );
}
