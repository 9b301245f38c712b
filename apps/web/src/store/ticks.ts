import { useState } from 'react';

/** What is ticked off at the bench: it belongs to the bench, not to the design, and stays in this browser.
 * @param store what it is kept under
 * @returns the ticked keys, and a way to tick one, or take its tick back */
export function useTicks(store: string): [ReadonlySet<string>, (key: string) => void] {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(() => readTicks(store));
  function tick(key: string) {
    // as it is kept now: another window may have ticked meanwhile
    const next = new Set(readTicks(store));
    if (!next.delete(key)) next.add(key);
    setTicked(next);
    localStorage.setItem(store, JSON.stringify([...next]));
  }
  return [ticked, tick];
}

function readTicks(store: string): Set<string> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(store) ?? '[]');
    return new Set(Array.isArray(kept) ? kept.map(String) : []);
  } catch {
    return new Set();
  }
}
