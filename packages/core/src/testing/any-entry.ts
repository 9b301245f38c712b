import fc from 'fast-check';
import { girthDoubt } from '../contents/girth.ts';
import type { Item } from '../shelves/items/item.ts';
import type { FieldSpec, ShelfEntry } from '../shelves/field-spec.ts';
import { shelfSpec, type ShelfId } from '../shelves/shelf-specs.ts';

const words = fc
  .string({ minLength: 1, maxLength: 30, unit: 'grapheme' })
  .map((text) =>
    text
      .replace(/\p{Cc}/gu, '')
      .trim()
      .slice(0, 60),
  )
  .filter((text) => text !== '' && !text.startsWith("'"));
const size = (least: number, most: number) =>
  fc.double({ min: least, max: most, noNaN: true, noDefaultInfinity: true });
const place = fc.double({ min: -500, max: 500, noNaN: true }).map((value) => value + 0);

/** A value that a field may have. */
function anyValue(field: FieldSpec): fc.Arbitrary<unknown> {
  switch (field.kind) {
    case 'text':
      return words;
    case 'length':
      return size(field.least, field.most);
    case 'number':
      return field.whole ? fc.integer({ min: field.least, max: field.most }) : size(field.least, field.most);
    case 'flag':
      return fc.boolean();
    case 'choice':
      return fc.constantFrom(...field.choices);
    case 'polygon':
      return fc.array(fc.tuple(place, place), { minLength: 3, maxLength: 6 });
    case 'lengths':
      return fc.array(size(field.least, field.most), { minLength: 1, maxLength: 4 });
    case 'tint':
      return fc.constantFrom('#3B4C74', '#ffffff', '#A9BDB4');
    case 'tags':
      return fc.uniqueArray(fc.constantFrom('shore', 'glass', 'lent out', 'two words'), { minLength: 1, maxLength: 3 });
  }
}

/** An entry of a shelf with any of its fields; those that it cannot be without always. */
export function anyEntry(shelf: ShelfId): fc.Arbitrary<ShelfEntry> {
  const { fields, complete } = shelfSpec(shelf);
  const usual = Object.keys(complete({}));
  const needed = fields.filter(({ key, required }) => required || key === 'thickness' || usual.includes(key));
  const entries = fc.record(
    {
      id: fc.integer({ min: 1, max: 1e6 }).map((number) => `my-${number}`),
      name: words,
      ...Object.fromEntries(fields.map((field) => [field.key, anyValue(field)])),
    },
    { requiredKeys: ['id', 'name', ...needed.map(({ key }) => key)] as never },
  ) as unknown as fc.Arbitrary<ShelfEntry>;
  return shelf === 'items' ? entries.map(withoutImpossibleGirth) : entries;
}

function withoutImpossibleGirth(entry: ShelfEntry): ShelfEntry {
  if (girthDoubt(entry as unknown as Item) !== 'impossible') return entry;
  return Object.fromEntries(Object.entries(entry).filter(([key]) => key !== 'girth')) as unknown as ShelfEntry;
}
