import { Check } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { Step } from '../../derivations/steps.ts';

interface Props {
  phases: readonly { title: string; steps: readonly Step[] }[];
  ticked: ReadonlySet<string>;
  /** Id of the step in hand. */
  chosen: string;
  onChoose(id: string): void;
  onTick(key: string): void;
}

/** All steps by phase, each with its tick. */
export function OrderOfWork({ phases, ticked, chosen, onChoose, onTick }: Props) {
  const inHand = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // what it gives back is no clean-up
    void inHand.current?.scrollIntoView?.({ block: 'nearest' });
  }, [chosen]);
  const steps = phases.flatMap((phase) => phase.steps);
  const done = steps.filter(({ key }) => ticked.has(key)).length;
  return (
    <>
      <h2 className="flex items-baseline justify-between text-base">
        Order of work
        <span className="font-sans text-xs font-normal text-quiet" role="status">
          {done} of {steps.length} done
        </span>
      </h2>
      {phases.map(({ title, steps: own }) => (
        <section key={own[0]!.id} aria-label={title} className="mt-3">
          <h3 className="text-[13px]">{title}</h3>
          <ol>
            {own.map((step) => (
              <li
                key={step.id}
                ref={step.id === chosen ? inHand : undefined}
                className={`flex items-center rounded-lg ${step.id === chosen ? 'bg-ink text-white' : ''}`}
              >
                <label className="flex size-11 shrink-0 cursor-pointer items-center justify-center">
                  <input
                    type="checkbox"
                    className="peer sr-only"
                    checked={ticked.has(step.key)}
                    aria-label={`Step ${step.number} is done`}
                    onChange={() => onTick(step.key)}
                  />
                  <span
                    aria-hidden="true"
                    className={`flex size-5 items-center justify-center rounded-full border peer-focus-visible:outline-2 peer-focus-visible:outline-offset-2 ${ticked.has(step.key) ? 'border-weld bg-weld text-white' : 'border-quiet bg-white'}`}
                  >
                    {ticked.has(step.key) && <Check size={14} strokeWidth={3} />}
                  </span>
                </label>
                <button
                  type="button"
                  className="flex min-h-11 min-w-0 flex-1 items-center gap-2 py-1 pr-2 text-left text-[13px] leading-tight"
                  aria-current={step.id === chosen ? 'step' : undefined}
                  onClick={() => onChoose(step.id)}
                >
                  <span className="w-4 shrink-0 text-right text-xs opacity-70">{step.number}</span>
                  <span className="line-clamp-2">{step.title}</span>
                </button>
              </li>
            ))}
          </ol>
        </section>
      ))}
    </>
  );
}
