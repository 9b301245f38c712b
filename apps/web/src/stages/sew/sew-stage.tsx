import { minutesTogether, minuteWords } from '@zindle/core';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { stepDoneness, stepsOf } from '../../derivations/steps.ts';
import { useTicks } from '../../store/ticks.ts';
import { EVERYWHERE } from '../../ui/keys.ts';
import { useLength } from '../../ui/use-length.ts';
import { PiecesBoard } from '../cut/pieces-board.tsx';
import { PartOfDesign } from '../part-of-design.tsx';
import { Unsolved } from '../unsolved.tsx';
import { useSolved, type WithSolution } from '../use-solved.ts';
import { NeedsList } from './needs-list.tsx';
import { OrderOfWork } from './order-of-work.tsx';
import { StepInHand } from './step-in-hand.tsx';

/** The order of work: one step in hand, its pieces lit among the others, and what is done ticked off. */
export function SewStage() {
  const { document, solved } = useSolved();
  if (!solved.ok) return <Unsolved message={solved.message} />;
  return <Steps document={document} solution={solved.solution} />;
}

function Steps({ document, solution }: WithSolution) {
  const length = useLength();
  const phases = stepsOf(solution, (mm) => length(mm, true));
  const steps = phases.flatMap((phase) => phase.steps);
  const { done, waiting, change } = useTicks(document.id);
  const [chosen, choose] = useState<string>();
  const [action, chooseAction] = useState<string>();
  const at = Math.max(
    0,
    steps.findIndex((each) => (chosen === undefined ? stepDoneness(each, done) !== 'done' : each.id === chosen)),
  );
  const step = steps[at];
  const take = (id: string) => {
    choose(id);
    chooseAction(undefined);
  };
  const go = (by: number) => {
    const next = steps[Math.min(steps.length - 1, Math.max(0, at + by))];
    if (next) take(next.id);
  };
  useHotkeys('right, down', (event) => (event.preventDefault(), go(1)), EVERYWHERE);
  useHotkeys('left, up', (event) => (event.preventDefault(), go(-1)), EVERYWHERE);
  if (!step) return <main className="p-10 text-quiet">There is nothing to sew yet: see Hold.</main>;
  const lit = step.actions.find(({ id, pieces }) => id === action && pieces.size > 0) ?? step;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[272px_minmax(0,1fr)_250px] grid-rows-[minmax(0,1fr)]">
      <aside aria-label="Order of work" className="overflow-y-auto border-r border-hair bg-sheet p-3" tabIndex={0}>
        <OrderOfWork
          phases={phases}
          done={done}
          minutes={minuteWords(minutesTogether(solution.operations))}
          chosen={step.id}
          onChoose={take}
          onTick={({ actions }, isDone) => change(actions, isDone)}
        />
        {waiting && (
          <p className="mt-3 rounded-md bg-wax-soft px-3 py-2 text-[13px]" role="status">
            Some ticks are not stored yet. They are kept in this browser and sent again.
          </p>
        )}
      </aside>
      <main className="flex min-h-0 min-w-0 flex-col">
        <PartOfDesign part="step">
          <StepInHand
            step={step}
            of={steps.length}
            done={done}
            chosen={action}
            onChoose={chooseAction}
            onTick={change}
            onBack={() => go(-1)}
            onNext={() => go(1)}
          />
        </PartOfDesign>
        <div className="relative min-h-0 flex-1">
          <PartOfDesign part="drawing of the pieces">
            <PiecesBoard
              document={document}
              solution={solution}
              chosen={undefined}
              lit={{ pieces: lit.pieces, seams: solution.seams.filter(({ id }) => lit.seams.has(id)) }}
            />
          </PartOfDesign>
        </div>
      </main>
      <aside aria-label="What you need" className="overflow-y-auto border-l border-hair bg-sheet p-4" tabIndex={0}>
        <NeedsList solution={solution} />
      </aside>
    </div>
  );
}
