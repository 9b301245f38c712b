import { formatLength, type FieldSpec, type LengthUnit, type ShelfEntry, type ShelfId } from '@zindle/core';
import { stockWords } from '../ui/stock-words.ts';

/** Fields that a row of the table shows. */
export const shownFields: Record<ShelfId, readonly string[]> = {
  items: ['shape', 'length', 'width', 'thickness', 'mass'],
  materials: ['use', 'thickness', 'compressedRatio', 'iron', 'onHand'],
  hardware: ['kind', 'diameter', 'chain', 'thickness', 'onHand'],
  machines: ['seam', 'lift', 'longestStitch', 'freeArm'],
};

/** The field that a shelf is sorted into kinds by. */
export const kindField: Partial<Record<ShelfId, string>> = { items: 'shape', materials: 'use', hardware: 'kind' };

export const valueOf = (entry: ShelfEntry, key: string): unknown => (entry as unknown as Record<string, unknown>)[key];

/** What a field says in a row; empty for what is not said. */
export function fieldWords(field: FieldSpec, value: unknown, unit: LengthUnit): string {
  if (value === undefined || value === null) return '';
  switch (field.kind) {
    case 'length':
      if (field.long) return stockWords(value as number, unit);
      return formatLength(value as number, { unit, decimals: (value as number) < 10 ? 2 : 1 });
    case 'flag':
      return value ? 'yes' : 'no';
    case 'polygon':
      return `${(value as unknown[]).length} points`;
    case 'lengths':
      return (value as number[]).map((mm) => formatLength(mm, { unit })).join(', ');
    case 'tags':
      return (value as string[]).join(', ');
    default:
      return String(value);
  }
}

/** What is searched when the maker looks for something. */
export const haystack = (entry: ShelfEntry): string =>
  [entry.name, entry.id, ...(entry.tags ?? []), valueOf(entry, 'source') ?? ''].join(' ').toLowerCase();
