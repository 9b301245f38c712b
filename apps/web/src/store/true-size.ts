import { create } from 'zustand';
import type { CopyStorage } from './local-copy.ts';

/** A bank card as it is held to the screen (ISO/IEC 7810 ID-1), mm. */
export const CARD = { width: 85.6, height: 53.98, radius: 3.18 };
/** Pixels for a millimetre: a large old screen, and a small sharp one. */
export const SCALES = { least: 1.8, most: 14, usual: 96 / 25.4 };

const KEY = 'zindle:px-per-mm';

/** How large this screen shows a millimetre, kept for this device; nothing until a card was held to it. */
export function readTrueSize(storage: Pick<CopyStorage, 'getItem'>): number | undefined {
  try {
    const kept = Number(storage.getItem(KEY));
    return kept >= SCALES.least && kept <= SCALES.most ? kept : undefined;
  } catch {
    return undefined;
  }
}

export function keepTrueSize(storage: Pick<CopyStorage, 'setItem'>, pxPerMm: number): void {
  try {
    storage.setItem(KEY, String(pxPerMm));
  } catch {
    // without storage it holds until the page is left
  }
}

interface TrueSize {
  pxPerMm: number | undefined;
  calibrate(pxPerMm: number): void;
}

/** The scale of this screen. */
export const useTrueSize = create<TrueSize>()((set) => ({
  pxPerMm: typeof localStorage === 'undefined' ? undefined : readTrueSize(localStorage),
  calibrate: (pxPerMm) => {
    keepTrueSize(localStorage, pxPerMm);
    set({ pxPerMm });
  },
}));
