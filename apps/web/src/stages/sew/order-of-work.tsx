import { useEffect, useRef } from 'react';
import { stepDoneness, type Step } from '../../derivations/steps.ts';
import { Tick } from './tick.tsx';

interface Props {
  phases: readonly { title: string; steps: readonly Step[] }[];
  /** Of each action that is done, what it said then. */
  done: ReadonlyMap<string, string>;
  /** Of all steps together. */
  minutes: string;
  /** Id of the step in hand. */
  chosen: string;
  onChoose(id: string): void;
  onTick(step: Step, done: boolean): void;
}

/** All steps by phase, each with its tick and its minutes. */
export function OrderOfWork({ phases, done, minutes, chosen, onChoose, onTick }: Props) {
  const inHand = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // what it gives back is no clean-up
    void inHand.current?.scrollIntoView?.({ block: 'nearest' });
  }, [chosen]);
  const steps = phases.flatMap((phase) => phase.steps);
  const count = steps.filter((step) => stepDoneness(step, done) === 'done').length;
  return (
    <>
      <h2 className="flex items-baseline justify-between text-base">
        Order of work
        <span className="font-sans text-xs font-normal text-quiet" role="status">
          {count} of {steps.length} done
        </span>
      </h2>
      <p className="mt-0.5 text-xs text-quiet">About {minutes} for one, by your house rules.</p>
      {phases.map(({ title, steps: own }) => (
        <section key={own[0]!.id} aria-label={title} className="mt-3">
          <h3 className="text-[13px]">{title}</h3>
          <ol>
            {own.map((step) => (
              <Row
                key={step.id}
                step={step}
                state={stepDoneness(step, done)}
                row={step.id === chosen ? inHand : undefined}
                onChoose={() => onChoose(step.id)}
                onTick={(isDone) => onTick(step, isDone)}
              />
            ))}
          </ol>
        </section>
      ))}
    </>
  );
}

interface RowProps {
  step: Step;
  state: ReturnType<typeof stepDoneness>;
  /** Set of the step in hand. */
  row: React.RefObject<HTMLLIElement | null> | undefined;
  onChoose(): void;
  onTick(done: boolean): void;
}

const Row = ({ step, state, row, onChoose, onTick }: RowProps) => (
  <li ref={row} className={`flex items-center rounded-lg ${row ? 'bg-ink text-white' : ''}`}>
    <Tick label={`Step ${step.number} is done`} state={state} onTick={() => onTick(state !== 'done')}>
      {state === 'part' ? '–' : state === 'changed' ? '!' : null}
    </Tick>
    <button
      type="button"
      className="flex min-h-11 min-w-0 flex-1 items-center gap-2 py-1 pr-2 text-left text-[13px] leading-tight"
      aria-current={row ? 'step' : undefined}
      onClick={onChoose}
    >
      <span className="w-4 shrink-0 text-right text-xs opacity-70">{step.number}</span>
      <span className="line-clamp-2 flex-1">{step.title}</span>
      <span className="shrink-0 text-xs tabular-nums opacity-70">{step.minutes}</span>
    </button>
  </li>
);
