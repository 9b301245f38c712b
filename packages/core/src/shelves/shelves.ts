import { standardHardware } from './hardware/hardware.ts';
import type { Hardware } from './hardware/hardware.ts';
import type { Item } from './items/item.ts';
import { standardItems } from './items/standard-items.ts';
import { standardMachines, type Machine } from './machines/machine.ts';
import type { Material } from './materials/material.ts';
import { standardMaterials } from './materials/standard-materials.ts';
import type { RuleSettings } from './rules/house-rule.ts';

/** All that a design may refer to. */
export interface Shelves {
  items: readonly Item[];
  materials: readonly Material[];
  hardware: readonly Hardware[];
  machines: readonly Machine[];
  rules: RuleSettings;
}

/** The shelves as they ship. */
export const standardShelves: Shelves = {
  items: standardItems,
  materials: standardMaterials,
  hardware: standardHardware,
  machines: standardMachines,
  rules: {},
};

/** The maker's own entries beside the standard ones, which keep their ids. */
export const withOwn = (own: Partial<Shelves>): Shelves => ({
  items: [...standardItems, ...(own.items ?? [])],
  materials: [...standardMaterials, ...(own.materials ?? [])],
  hardware: [...standardHardware, ...(own.hardware ?? [])],
  machines: [...standardMachines, ...(own.machines ?? [])],
  rules: own.rules ?? {},
});
