import type { Trial } from '@zindle/core';
import { createContext, useContext } from 'react';
import type { Offer } from '../../../derivations/placing.ts';

/** The places for what is in hand, what each would do, and the way to choose one. */
export interface PlacingNow {
  offers: readonly Offer[];
  trials: ReadonlyMap<string, Trial>;
  put(offer: Offer): void;
  /** The material that is dragged, if it is a swatch. */
  swatch: string | undefined;
}

export const PlacingContext = createContext<PlacingNow>({
  offers: [],
  trials: new Map(),
  put: () => undefined,
  swatch: undefined,
});
export const usePlacing = (): PlacingNow => useContext(PlacingContext);
