import type { LengthUnit } from '@zindle/core';
import { create } from 'zustand';

const KEY = 'zindle:unit';
const units: readonly LengthUnit[] = ['mm', 'cm', 'in'];

function readUnit(): LengthUnit {
  try {
    const kept = localStorage.getItem(KEY);
    return units.find((unit) => unit === kept) ?? 'mm';
  } catch {
    return 'mm';
  }
}

interface ShopUnit {
  unit: LengthUnit;
  setUnit(unit: LengthUnit): void;
}

/** The unit in which the shelves are shown, kept for this device; a design has its own. */
export const useShopUnit = create<ShopUnit>()((set) => ({
  unit: typeof localStorage === 'undefined' ? 'mm' : readUnit(),
  setUnit: (unit) => {
    try {
      localStorage.setItem(KEY, unit);
    } catch {
      // without storage it holds until the page is left
    }
    set({ unit });
  },
}));
