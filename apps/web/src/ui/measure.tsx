import { useEffect, useRef, useState } from 'react';
import { useLength } from './use-length.ts';

/** How long an old value stays beside the new one, ms. */
const SHOWN_FOR = 2000;

/** What a shown text was before it changed, for two seconds. */
export function useBefore(text: string): string | undefined {
  const last = useRef(text);
  const [before, setBefore] = useState<string>();
  useEffect(() => {
    if (last.current === text) return;
    setBefore(last.current);
    last.current = text;
    const timer = setTimeout(() => setBefore(undefined), SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [text]);
  return before;
}

/** A length; when it changes, its old value stays beside it for a moment. */
export function Measure({ mm }: { mm: number }) {
  const text = useLength()(mm);
  const before = useBefore(text);
  return (
    <span className="whitespace-nowrap">
      {before && <s className="mr-1.5 animate-[changed_150ms] text-xs font-normal text-quiet">{before}</s>}
      <span>{text}</span>
    </span>
  );
}
