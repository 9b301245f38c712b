import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { DesignState } from './design-store.ts';
import type { OpenDesign } from './open-design.ts';

export const DesignContext = createContext<OpenDesign | undefined>(undefined);

export function useOpenDesign(): OpenDesign {
  const design = useContext(DesignContext);
  if (!design) throw new Error('there is no open design here');
  return design;
}

/** A part of the open design's state. */
export const useDesign = <T>(select: (state: DesignState) => T): T => useStore(useOpenDesign().store, select);
