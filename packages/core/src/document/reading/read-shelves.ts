import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { hardwareKinds, type HardwareKind } from '../../shelves/hardware/hardware.ts';
import { materialUses, type Material } from '../../shelves/materials/material.ts';
import type { Shelves } from '../../shelves/shelves.ts';
import { limits } from '../limits.ts';
import { IsParams, IsTidyText } from './checks.ts';
import { problemsWith, type Problem } from './problems.ts';
import { ItemSchema } from './schema.ts';

const { size, nameLength, shelf } = limits;
const id = /^[\w-]{1,60}$/;

class MaterialSchema {
  @IsString() @Matches(id) id!: string;
  @IsTidyText(nameLength) name!: string;
  @IsNumber() @Min(0) @Max(100) thickness!: number;
  @IsNumber() @Min(0.01) @Max(1) compressedRatio!: number;
  @IsNumber() @Min(0) @Max(100_000) arealMass!: number;
  @Matches(/^#[0-9a-f]{6}$/i) tint!: string;
  @IsBoolean() frays!: boolean;
  @IsOptional() @IsBoolean() directional?: boolean;
  @IsOptional() @IsBoolean() fusible?: boolean;
  @IsIn(materialUses) use!: Material['use'];
}

class HardwareSchema {
  @IsString() @Matches(id) id!: string;
  @IsTidyText(nameLength) name!: string;
  @IsIn(hardwareKinds) kind!: HardwareKind;
  @IsNumber() @Min(size.least) @Max(200) diameter!: number;
  @IsNumber() @Min(0) @Max(200) driftTolerated!: number;
  @IsOptional() @IsNumber() @Min(0) @Max(50) thickness?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(100) plateRadius?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(100) chain?: number;
}

class ShelvesSchema {
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(shelf)
  @ValidateNested({ each: true })
  @Type(() => ItemSchema)
  items?: ItemSchema[];
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(shelf)
  @ValidateNested({ each: true })
  @Type(() => MaterialSchema)
  materials?: MaterialSchema[];
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(shelf)
  @ValidateNested({ each: true })
  @Type(() => HardwareSchema)
  hardware?: HardwareSchema[];
  @IsOptional() @IsParams() rules?: Record<string, number | string>;
}

const known = ['items', 'materials', 'hardware', 'rules'] as const;

/** Reads shelves that came from outside, each of them optional.
 * @returns only the shelves that were given, or what is wrong with them */
export function readShelves(
  json: Record<string, unknown>,
): { ok: true; shelves: Partial<Shelves> } | { ok: false; message: string; fields: Problem[] } {
  const unknown = Object.keys(json).filter((key) => !known.some((name) => name === key));
  const fields = [
    ...unknown.map((path) => ({ path, message: `there is no shelf “${path}”; there are ${known.join(', ')}` })),
    ...problemsWith(ShelvesSchema, json),
  ];
  if (fields.length > 0)
    return { ok: false, message: `The shelves cannot be used: ${fields[0]!.path} (${fields[0]!.message}).`, fields };
  return { ok: true, shelves: json as Partial<Shelves> };
}
