import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { MayBeLeftOut } from '@zindle/core/reading';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { Type } from 'class-transformer';

const document = {
  type: 'object',
  additionalProperties: true,
  description: 'A design document (docs/format)',
} as const;

export class NewDesignRequest {
  @ApiProperty(document)
  @IsObject({ message: 'document must be a design document' })
  document!: Record<string, unknown>;
}

export class StoreDesignRequest extends NewDesignRequest {
  @ApiPropertyOptional({ description: 'The revision that was changed, unless If-Match says it' })
  @MayBeLeftOut()
  @IsInt()
  @Min(1)
  revision?: number;
}

export class KeepVersionRequest {
  @ApiProperty({ description: 'What the maker calls this state', maxLength: 80 })
  @IsString()
  @Matches(/\S/, { message: 'name must have a letter' })
  @MaxLength(80)
  name!: string;
}

export class TickRequest {
  @ApiProperty({ description: 'Id of an action of the order of work', maxLength: 300 })
  @IsString()
  @Matches(/\S/, { message: 'action must be the id of an action' })
  @MaxLength(300)
  action!: string;

  @ApiProperty({ description: 'The hash that the action has now', maxLength: 40 })
  @IsString()
  @Matches(/^[a-z0-9]+$/, { message: 'hash must be the hash that the action has' })
  @MaxLength(40)
  hash!: string;
}

export class ChangeTicksRequest {
  @ApiPropertyOptional({ description: 'Actions that are done', type: [TickRequest] })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => TickRequest)
  done?: TickRequest[];

  @ApiPropertyOptional({ description: 'Ids of actions that are not done after all', type: [String] })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(500)
  @IsString({ each: true })
  @MaxLength(300, { each: true })
  undone?: string[];
}

export class PageQuery {
  @ApiPropertyOptional({ minimum: 1, default: 1 })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(100_000)
  page?: number;
}

export class DesignQuery extends PageQuery {
  @ApiPropertyOptional({ description: 'Part of the name' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(100)
  search?: string;
}
