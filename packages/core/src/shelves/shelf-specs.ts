import type { FieldSpec, ShelfEntry } from './field-spec.ts';
import { completeHardware, hardwareFields } from './hardware/hardware-fields.ts';
import { standardHardware, type Hardware } from './hardware/hardware.ts';
import { completeItem, itemFields } from './items/item-fields.ts';
import type { Item } from './items/item.ts';
import { standardItems } from './items/standard-items.ts';
import { completeMachine, machineFields, standardMachines, type Machine } from './machines/machine.ts';
import { completeMaterial, materialFields } from './materials/material-fields.ts';
import type { Material } from './materials/material.ts';
import { standardMaterials } from './materials/standard-materials.ts';

/** What lies on each shelf. */
export interface EntryTypes {
  items: Item;
  materials: Material;
  hardware: Hardware;
  machines: Machine;
}
export const shelfIds = ['items', 'materials', 'hardware', 'machines'] as const;
export type ShelfId = (typeof shelfIds)[number];

/** A shelf: its columns, what stands on it from the start, and how an entry is completed. */
export interface ShelfSpec<T extends ShelfEntry = ShelfEntry> {
  title: string;
  /** One of it. */
  one: string;
  fields: readonly FieldSpec[];
  standard: readonly T[];
  complete(given: Partial<T>): Partial<T>;
}

export const shelfSpecs: { [Id in ShelfId]: ShelfSpec<EntryTypes[Id]> } = {
  items: { title: 'Things', one: 'thing', fields: itemFields, standard: standardItems, complete: completeItem },
  materials: {
    title: 'Materials',
    one: 'material',
    fields: materialFields,
    standard: standardMaterials,
    complete: completeMaterial,
  },
  hardware: {
    title: 'Hardware',
    one: 'piece of hardware',
    fields: hardwareFields,
    standard: standardHardware,
    complete: completeHardware,
  },
  machines: {
    title: 'Machines',
    one: 'machine',
    fields: machineFields,
    standard: standardMachines,
    complete: completeMachine,
  },
};

export const isShelf = (id: string): id is ShelfId => shelfIds.some((each) => each === id);

/** The spec of a shelf where the type of its entries does not matter. */
export const shelfSpec = (shelf: ShelfId): ShelfSpec => shelfSpecs[shelf] as unknown as ShelfSpec;
