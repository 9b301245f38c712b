import { formatCut } from '@zindle/core';
import { useEffect, useRef, useState } from 'react';
import { useLength, useUnit } from './use-length.ts';

/** How long an old value stays beside the new one, ms. */
const SHOWN_FOR = 2000;
/** Less than can be seen in any unit, mm. */
const SAME = 0.004;

/** What a length was before it changed, for two seconds; another unit is no change. mm */
export function useBefore(mm: number): number | undefined {
  const last = useRef(mm);
  const [before, setBefore] = useState<number>();
  useEffect(() => {
    if (Math.abs(last.current - mm) < SAME) return;
    setBefore(last.current);
    last.current = mm;
    const timer = setTimeout(() => setBefore(undefined), SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [mm]);
  return before;
}

/** A length; when it changes, its old value stays beside it for a moment.
 * @param cut a cut size, as a chart says it */
export function Measure({ mm, cut = false }: { mm: number; cut?: boolean }) {
  const [own, unit] = [useLength(), useUnit()];
  const length = cut ? (size: number) => formatCut(size, unit) : own;
  const before = useBefore(mm);
  return (
    <span className="whitespace-nowrap">
      {before !== undefined && (
        <s className="mr-1.5 animate-[changed_150ms] text-xs font-normal text-quiet">{length(before)}</s>
      )}
      <span>{length(mm)}</span>
    </span>
  );
}
