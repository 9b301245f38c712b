import { standardHardware } from './hardware/hardware.ts';
import type { Hardware } from './hardware/hardware.ts';
import type { Item } from './items/item.ts';
import { standardItems } from './items/standard-items.ts';
import type { Material } from './materials/material.ts';
import { standardMaterials } from './materials/standard-materials.ts';
import type { RuleSettings } from './rules/house-rules.ts';

/** All that a design may refer to. */
export interface Shelves {
  items: readonly Item[];
  materials: readonly Material[];
  hardware: readonly Hardware[];
  rules: RuleSettings;
}

/** The shelves as they ship. */
export const standardShelves: Shelves = {
  items: standardItems,
  materials: standardMaterials,
  hardware: standardHardware,
  rules: {},
};
