import { Check, TriangleAlert } from 'lucide-react';
import { donenessOf, stepDoneness, type Step, type StepAction } from '../../derivations/steps.ts';
import { Tick } from './tick.tsx';

interface Props {
  step: Step;
  of: number;
  /** Of each action that is done, what it said then. */
  done: ReadonlyMap<string, string>;
  /** Id of the action whose pieces are lit. */
  chosen: string | undefined;
  onChoose(action: string | undefined): void;
  onTick(actions: readonly StepAction[], done: boolean): void;
  onBack(): void;
  onNext(): void;
}

/** The step in hand, large enough to be read from where the machine stands. */
export function StepInHand({ step, of, done, chosen, onChoose, onTick, onBack, onNext }: Props) {
  const { number, phase, letters, title, actions, warnings, minutes, by } = step;
  const state = stepDoneness(step, done);
  return (
    <section aria-label="The step in hand" className="border-b border-hair bg-white px-6 pt-4 pb-4">
      <p className="text-[13px] text-quiet">
        <b className="font-semibold text-ink">{phase}</b>, step {number} of {of} · {by}, {minutes}
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
      <ol className="mt-1 -ml-3 max-h-64 overflow-y-auto text-[17px] leading-snug" tabIndex={0} aria-label={title}>
        {actions.map((action, index) => {
          const own = donenessOf(action, done);
          return (
            <li key={action.id} className={`flex rounded-md ${action.id === chosen ? 'bg-weld-soft' : ''}`}>
              <Tick label={`${index + 1} is done`} state={own} onTick={() => onTick([action], own !== 'done')}>
                {index + 1}
              </Tick>
              <button
                type="button"
                className="min-h-11 flex-1 py-2 pr-3 text-left"
                aria-pressed={action.id === chosen}
                title="Light its pieces and its seams alone"
                onClick={() => onChoose(action.id === chosen ? undefined : action.id)}
              >
                {action.sentence}
                {own === 'changed' && (
                  <span className="block text-[13px] text-wax-deep">Done before it changed: look at it again.</span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
      <div className="mt-2 flex gap-2">
        <button type="button" className="button min-h-11 px-5" disabled={number === 1} onClick={onBack}>
          Back
        </button>
        <button type="button" className="button min-h-11 px-5" disabled={number === of} onClick={onNext}>
          Skip ahead
        </button>
        {state === 'done' ? (
          <button type="button" className="button ml-auto min-h-11 px-5" onClick={() => onTick(actions, false)}>
            Not done after all
          </button>
        ) : (
          <button
            type="button"
            className="button button-main ml-auto min-h-11 px-6"
            onClick={() => {
              onTick(actions, true);
              onNext();
            }}
          >
            <Check size={16} aria-hidden="true" /> Done
          </button>
        )}
      </div>
    </section>
  );
}
