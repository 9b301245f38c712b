import 'reflect-metadata';
import type { ClassConstructor } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import type { FieldKind, FieldSpec } from '../../shelves/field-spec.ts';
import { girthDoubt, girthRange } from '../../contents/girth.ts';
import type { Item } from '../../shelves/items/item.ts';
import { shelfLimits } from '../../shelves/shelf-limits.ts';
import { shelfSpecs, type ShelfId } from '../../shelves/shelf-specs.ts';
import { IsPolygon, IsTidyText, MayBeLeftOut } from './checks.ts';
import { problemsWith, type Problem } from './problems.ts';

const { nameLength, tags, tagLength } = shelfLimits;
const words = { message: '$property must be text' };

/** What each kind of field is checked for. */
const checks: { [K in FieldKind['kind']]: (field: Extract<FieldKind, { kind: K }>) => PropertyDecorator[] } = {
  text: ({ most }) => [IsString(words), MaxLength(most)],
  length: ({ least, most }) => [IsNumber(), Min(least), Max(most)],
  number: ({ least, most, whole }) => [whole ? IsInt() : IsNumber(), Min(least), Max(most)],
  flag: () => [IsBoolean()],
  choice: ({ choices }) => [IsIn(choices)],
  polygon: () => [IsPolygon()],
  lengths: ({ least, most, count }) => [
    IsArray(),
    ArrayMaxSize(count),
    IsNumber({}, { each: true }),
    Min(least, { each: true }),
    Max(most, { each: true }),
  ],
  tint: () => [Matches(/^#[0-9a-f]{6}$/i, { message: '$property must be a colour such as #3B4C74' })],
  tags: () => [
    IsArray(),
    ArrayMaxSize(tags),
    IsString({ each: true, ...words }),
    Matches(new RegExp(`^[^\\s;,](?:[^;,]{0,${tagLength - 2}}[^\\s;,])?$`), { each: true }),
  ],
};

/** Fields that every complete entry has, beside those that a maker must give. */
const always: Record<ShelfId, readonly string[]> = {
  items: ['shape', 'thickness', 'source'],
  materials: ['compressedRatio', 'arealMass', 'tint', 'frays', 'use'],
  hardware: ['driftTolerated'],
  machines: ['longestStitch'],
};

const put = (schema: ClassConstructor<object>, key: string, decorators: PropertyDecorator[]): void =>
  decorators.forEach((decorate) => decorate(schema.prototype as object, key));

/** A validator class made from the columns of a shelf, so that ranges stand in one place. */
function describe(shelf: ShelfId, schema: ClassConstructor<object>): ClassConstructor<object> {
  put(schema, 'id', [IsString(words), Matches(/^[\w-]{1,60}$/)]);
  put(schema, 'name', [IsTidyText(nameLength)]);
  for (const field of shelfSpecs[shelf].fields) {
    const make = checks[field.kind] as (field: FieldSpec) => PropertyDecorator[];
    const needed = field.required || always[shelf].includes(field.key);
    put(schema, field.key, [...(needed ? [] : [MayBeLeftOut()]), ...make(field)]);
  }
  return schema;
}

export const ItemSchema = describe('items', class ItemSchema {});
export const MaterialSchema = describe('materials', class MaterialSchema {});
export const HardwareSchema = describe('hardware', class HardwareSchema {});
export const MachineSchema = describe('machines', class MachineSchema {});

const schemas: Record<ShelfId, ClassConstructor<object>> = {
  items: ItemSchema,
  materials: MaterialSchema,
  hardware: HardwareSchema,
  machines: MachineSchema,
};

/** What is wrong with an entry of a shelf, field by field; nothing for one that can stand on it. */
export function entryProblems(shelf: ShelfId, entry: Record<string, unknown>): Problem[] {
  const problems = problemsWith(schemas[shelf], entry);
  if (problems.length > 0 || shelf !== 'items') return problems;
  const item = entry as unknown as Item;
  return [...girthProblems(item), ...radiusProblems(item), ...outlineProblems(item)];
}

/** Round edges and corners take no more than half of what they round. */
function radiusProblems({ edgeRadius = 0, planRadius = 0, length, width, thickness }: Item): Problem[] {
  const problem = (path: string, least: number, of: string): Problem => ({
    path,
    message: `${path} must be 0 to ${least.toFixed(1)} mm: half of ${of}`,
  });
  const shorter = Math.min(length, width) / 2;
  return [
    ...(edgeRadius > thickness / 2 + 1e-6 ? [problem('edgeRadius', thickness / 2, 'its thickness')] : []),
    ...(planRadius > shorter + 1e-6 ? [problem('planRadius', shorter, 'its shorter side')] : []),
  ];
}

const outlineProblems = ({ shape, outline }: Item): Problem[] =>
  shape === 'outline' && !outline
    ? [
        {
          path: 'outline',
          message:
            'outline is missing: a thing of that shape is drawn; take another shape, or read its outline from a file',
        },
      ]
    : [];

/** The own things of a design are told of it when they are solved; on the shelf it would spread. */
function girthProblems(item: Item): Problem[] {
  if (girthDoubt(item) !== 'impossible') return [];
  const { least, most } = girthRange(item)!;
  const message = `girth must be ${least.toFixed(1)} to ${most.toFixed(1)} mm for these sides: measure it or the sides again`;
  return [{ path: 'girth', message }];
}
