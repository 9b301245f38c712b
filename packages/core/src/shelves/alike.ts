import type { ShelfEntry } from './field-spec.ts';

/** Whether two entries say the same, whatever the order of their fields. */
export const alike = (a: ShelfEntry, b: ShelfEntry): boolean => canonical(a) === canonical(b);
const canonical = (entry: ShelfEntry): string =>
  JSON.stringify(
    Object.entries(entry)
      .filter(([, value]) => value !== undefined)
      .sort(([x], [y]) => (x < y ? -1 : 1)),
  );
