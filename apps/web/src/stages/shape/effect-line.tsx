import { effectWords, moreCloth, sizeChanges, wordingText, type Solution } from '@zindle/core';
import { useEffect, useRef, useState } from 'react';
import { useDesign } from '../../store/design-context.ts';
import { useLength, type SayLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

/** How long a sentence stays, ms; changes that follow each other faster count as one. */
const SHOWN_FOR = 6000;

/** After a change, what it did to the finished thing, in one line. */
export function EffectLine({ document, solution }: WithSolution) {
  const step = useDesign(({ history }) => history.past[history.past.length - 1]?.name);
  const length = useLength();
  const [since, setSince] = useState<{ solution: Solution; quiet: boolean }>({ solution, quiet: true });
  const last = useRef({ document, solution });
  useEffect(() => {
    const before = last.current;
    last.current = { document, solution };
    if (before.document === document) return;
    setSince((now) => (now.quiet ? { solution: before.solution, quiet: false } : now));
    const timer = setTimeout(() => setSince({ solution, quiet: true }), SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [document, solution]);
  if (since.quiet || since.solution === solution || !step) return null;
  return (
    <p
      role="status"
      aria-label="What it did"
      className="pointer-events-none absolute bottom-14 left-1/2 z-20 max-w-[90%] -translate-x-1/2 animate-[changed_150ms] rounded-lg border border-ink bg-sheet px-3.5 py-1.5 shadow-lg"
    >
      <b className="font-semibold">{step}:</b> {effectOf(since.solution, solution, length)}
    </p>
  );
}

/** Shares of cloth below this are not told. */
const TOLD = 0.005;

function effectOf(before: Solution, after: Solution, length: SayLength): string {
  const outside = effectWords(sizeChanges(before, after));
  const cloth = moreCloth(before, after);
  const parts = [
    outside ? wordingText(outside, (mm, toward) => length(mm, true, toward)) : 'the outside stays as it is',
    ...(Math.abs(cloth) >= TOLD
      ? [`${Math.round(Math.abs(cloth) * 100) || 1} % ${cloth > 0 ? 'more' : 'less'} cloth`]
      : ['as much cloth']),
  ];
  return parts.join(', ');
}
