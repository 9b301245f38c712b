import { waysOut, wordingText, type Finding, type WayOut } from '@zindle/core';
import { useEffect, useState } from 'react';
import { goingIn } from '../../derivations/going-in.ts';
import { countThings } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { useKinds } from '../../store/kinds-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { severityWords, Signal } from '../../ui/signal.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

const rank = { stop: 0, watch: 1, note: 2 };

/** What stands in the way, the worst first, and what is in order. */
export function FindingsPanel({ document, solution }: WithSolution) {
  const findings = [...solution.findings].sort((a, b) => rank[a.severity] - rank[b.severity]);
  const things = countThings(document);
  const inside = goingIn(document, solution);
  const ways = useWaysOut({ document, solution });
  const walks = solution.seams.filter(({ walks: fine }) => fine).length;
  return (
    <section aria-label="Trying it" className="overflow-y-auto border-l border-hair px-4 pt-3 pb-2" tabIndex={0}>
      <h2 className="text-base">Trying it</h2>
      <ul className="mt-1 space-y-1.5">
        {findings.map((finding, index) => (
          <FindingRow key={index} finding={finding} way={ways.get(finding)} />
        ))}
        {inside > 0 && (
          <Fine>
            {things === 1 ? 'It goes in' : `${inside} of ${things} things go in`}, with {inside === 1 ? 'its' : 'their'}{' '}
            ease.
          </Fine>
        )}
        {walks === solution.seams.length && <Fine>All {walks} seams walk: both edges are equally long.</Fine>}
      </ul>
    </section>
  );
}

/** Each way out is tried on the design: that waits until it rests. */
const RESTS = 80;

function useWaysOut({ document, solution }: WithSolution): ReadonlyMap<Finding, WayOut> {
  const shelves = useShelves((state) => state.shelves);
  const kinds = useKinds();
  const [found, setFound] = useState<ReadonlyMap<Finding, WayOut>>(new Map());
  useEffect(() => {
    const timer = setTimeout(() => setFound(waysOut(document, solution, shelves, kinds)), RESTS);
    return () => clearTimeout(timer);
  }, [document, solution, shelves, kinds]);
  return found;
}

const Fine = ({ children }: { children: React.ReactNode }) => (
  <li className="flex gap-2 leading-snug">
    <Signal of="fine" />
    <span>
      <span className="sr-only">{severityWords.fine}: </span>
      {children}
    </span>
  </li>
);

function FindingRow({ finding: { severity, text, about }, way }: { finding: Finding; way: WayOut | undefined }) {
  const select = useDesign((state) => state.select);
  const edit = useDesign((state) => state.edit);
  const length = useLength();
  const holder = about.find((path) => /^(holders|closure)/.test(path));
  const sentence = (
    <>
      <b className="font-semibold">{severityWords[severity]}: </b>
      {wordingText(text, (mm, toward) => length(mm, true, toward))}
    </>
  );
  return (
    <li className="flex gap-2 leading-snug">
      <Signal of={severity} />
      <div>
        {holder ? (
          <button type="button" className="text-left hover:underline" onClick={() => select(holder)}>
            {sentence}
          </button>
        ) : (
          <span>{sentence}</span>
        )}
        {way && (
          <button
            type="button"
            className="button mt-1 block min-h-8 px-2.5 text-[13px] text-weld"
            onClick={() => edit(way.edit)}
          >
            {way.label}
          </button>
        )}
      </div>
    </li>
  );
}
