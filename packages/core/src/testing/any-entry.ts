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
/** Round a middle from one direction to the next: it never crosses itself. */
const polygon = fc
  .array(size(10, 500), { minLength: 3, maxLength: 6 })
  .map((far) =>
    far.map((r, index) => [0, 0.25].map((turn) => r * Math.cos(2 * Math.PI * (index / far.length - turn)) + 0)),
  );

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
      return polygon;
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
  return shelf === 'items' ? entries.map(asMeasured) : entries;
}

/** A thing whose measures go together: no girth that its sides cannot have, nothing rounded by more than half. */
function asMeasured(entry: ShelfEntry): ShelfEntry {
  const { length, width, thickness, planRadius, edgeRadius, shape, outline } = entry as unknown as Item;
  const impossible = girthDoubt(entry as unknown as Item) === 'impossible';
  return {
    ...Object.fromEntries(Object.entries(entry).filter(([key]) => !(impossible && key === 'girth'))),
    ...(planRadius !== undefined && { planRadius: Math.min(planRadius, length / 2, width / 2) }),
    ...(edgeRadius !== undefined && { edgeRadius: Math.min(edgeRadius, thickness / 2) }),
    ...(shape === 'outline' && !outline && { shape: 'box' }),
  } as unknown as ShelfEntry;
}
