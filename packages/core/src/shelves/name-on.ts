import type { Shelves } from './shelves.ts';

/** What a material or a piece of hardware is called on the shelves; its id if it is not there. */
export const nameOn =
  ({ materials, hardware }: Pick<Shelves, 'materials' | 'hardware'>) =>
  (id: string): string =>
    [...materials, ...hardware].find((each) => each.id === id)?.name ?? id;
