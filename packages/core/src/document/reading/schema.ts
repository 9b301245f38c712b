import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMinSize,
  Equals,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { JSONSchema } from 'class-validator-jsonschema';
import { gridIds, rulerIds, type GridId, type RulerId } from '../../units/grid.ts';
import type { LengthUnit } from '../../units/length.ts';
import {
  DOCUMENT_FORMAT,
  DOCUMENT_VERSION,
  coverages,
  orientations,
  reaches,
  type Arrangement,
  type Coverage,
  type Orientation,
  type ParamValue,
  type Reach,
} from '../design-document.ts';
import { limits } from '../limits.ts';
import {
  IsArrangements,
  IsEdgeLengths,
  IsIdMap,
  IsParams,
  IsRecords,
  IsSizes,
  IsTidyText,
  MayBeLeftOut,
} from './checks.ts';
import { ItemSchema } from './entry-schemas.ts';

const { count, nameLength, note, visible } = limits;
const words = { message: '$property must be text' };

export class ContentsLineSchema {
  @IsString(words) @Matches(/^[\w-]{1,60}$/) id!: string;
  @IsTidyText(limits.word) item!: string;
  @MayBeLeftOut() @IsTidyText(nameLength) name?: string;
  @IsInt() @Min(count.least) @Max(count.most) count!: number;
  @IsInt() @Min(count.least) @Max(count.most) perHolder!: number;
  @IsIn(orientations) orientation!: Orientation;
  @MayBeLeftOut() @IsString(words) @Matches(/^[\w-]{1,20}$/) group?: string;
  @MayBeLeftOut() @IsNumber() @Min(visible.least) @Max(visible.most) visible?: number;
  @MayBeLeftOut() @IsIn(reaches) reach?: Reach;
}

export class LayerSchema {
  @IsTidyText(limits.word) material!: string;
  @IsIn(coverages) coverage!: Coverage;
}

export class StacksSchema {
  @IsRecords(() => LayerSchema, limits.layers)
  exterior!: LayerSchema[];
  @IsRecords(() => LayerSchema, limits.layers)
  lining!: LayerSchema[];
  @IsRecords(() => LayerSchema, limits.layers)
  pocket!: LayerSchema[];
  @MayBeLeftOut()
  @IsRecords(() => LayerSchema, limits.layers)
  mesh?: LayerSchema[];
  @MayBeLeftOut()
  @IsRecords(() => LayerSchema, limits.layers)
  base?: LayerSchema[];
}

export class KindSchema {
  @IsTidyText(limits.word) kind!: string;
  @IsParams() params!: Record<string, ParamValue>;
}

export class HeldSchema {
  @IsTidyText(limits.word) line!: string;
  @IsInt() @Min(count.least) @Max(count.most) count!: number;
}

export class HolderSchema extends KindSchema {
  @IsString(words) @Matches(/^[\w-]{1,20}$/) id!: string;
  @IsRecords(() => HeldSchema, limits.lines)
  contents!: HeldSchema[];
}

export class PartSchema extends KindSchema {
  @IsString(words) @Matches(/^[\w-]{1,20}$/) id!: string;
}

export class NoteSchema {
  @IsString(words) @Matches(/^[\w-]{1,20}$/) id!: string;
  @IsString(words) @Matches(/^[\w-]{1,40}$/) board!: string;
  @IsNumber() @Min(note.least) @Max(note.most) x!: number;
  @IsNumber() @Min(note.least) @Max(note.most) y!: number;
  @IsTidyText(note.text) text!: string;
}

export class OwnPieceSchema {
  @IsTidyText(limits.word) id!: string;
  @MayBeLeftOut()
  @IsRecords(() => LayerSchema, limits.layers)
  @ArrayMinSize(1)
  layers?: LayerSchema[];
  @MayBeLeftOut() @IsEdgeLengths(limits.allowance) allowance?: Record<string, number>;
  @MayBeLeftOut() @IsEdgeLengths(limits.rough) rough?: Record<string, number>;
}

/** The design document, version 1: the stored form, checked at every door. Fields it does not know are kept. */
@JSONSchema({ title: 'Zindle design, version 1', additionalProperties: true })
export class DesignDocumentSchema {
  @Equals(DOCUMENT_FORMAT) format!: typeof DOCUMENT_FORMAT;
  @Equals(DOCUMENT_VERSION) version!: typeof DOCUMENT_VERSION;
  @IsString(words) @Matches(/^[a-z0-9][a-z0-9-]{0,59}$/) id!: string;
  @IsTidyText(nameLength) name!: string;
  @MayBeLeftOut() @IsString(words) @MaxLength(2000) story?: string;
  @IsIn(['mm', 'cm', 'in']) unit!: LengthUnit;
  @IsIn(gridIds) grid!: GridId;
  @MayBeLeftOut() @IsIn(rulerIds) ruler?: RulerId;
  @IsRecords(() => ContentsLineSchema, limits.lines)
  contents!: ContentsLineSchema[];
  @IsRecords(() => ItemSchema, limits.lines)
  ownItems!: object[];
  @IsObject() @ValidateNested() @Type(() => StacksSchema) stacks!: StacksSchema;
  @IsObject() @ValidateNested() @Type(() => KindSchema) body!: KindSchema;
  @IsRecords(() => HolderSchema, limits.lines)
  holders!: HolderSchema[];
  @IsArrangements() faces!: Record<string, Arrangement>;
  @IsObject() @ValidateNested() @Type(() => KindSchema) closure!: KindSchema;
  @MayBeLeftOut()
  @IsRecords(() => PartSchema, limits.lines)
  parts?: PartSchema[];
  @MayBeLeftOut()
  @IsRecords(() => NoteSchema, limits.lines)
  notes?: NoteSchema[];
  @MayBeLeftOut() @IsSizes() pins?: Record<string, number>;
  @MayBeLeftOut() @IsSizes() limits?: Record<string, number>;
  @IsParams() rules!: Record<string, ParamValue>;
  @MayBeLeftOut()
  @IsRecords(() => OwnPieceSchema, limits.ownPieces)
  pieces?: OwnPieceSchema[];
  @MayBeLeftOut() @IsIdMap() hardware?: Record<string, string>;
}
